package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Outcome;
import jawread.core.limit.Fit;
import jawread.core.limit.Limits;
import org.springframework.stereotype.Component;

/** The limits of a tolerance class or a fit. */
@Component
class FitsTopic implements CalcTopic {
    @Override
    public String name() {
        return "fits";
    }

    @Override
    public List<String> inputs() {
        return List.of("text", "default_unit");
    }

    @Override
    public List<String> outputs() {
        return List.of(
                "nominal_pm",
                "hole_lo_pm",
                "hole_hi_pm",
                "shaft_lo_pm",
                "shaft_hi_pm",
                "clearance_min_pm",
                "clearance_max_pm",
                "word");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        return Fit.parse(row.text("text"), row.unit("default_unit"))
                .map(fit -> new CalcAnswer()
                        .withPm("nominal_pm", Optional.of(fit.nominal()))
                        .withPm("hole_lo_pm", fit.hole().flatMap(Limits::low))
                        .withPm("hole_hi_pm", fit.hole().flatMap(Limits::high))
                        .withPm("shaft_lo_pm", fit.shaft().flatMap(Limits::low))
                        .withPm("shaft_hi_pm", fit.shaft().flatMap(Limits::high))
                        .withPm("clearance_min_pm", fit.smallestClearance())
                        .withPm("clearance_max_pm", fit.largestClearance())
                        .with("word", fit.word().map(Fit.Word::code).orElse(null))
                        .columns());
    }
}
