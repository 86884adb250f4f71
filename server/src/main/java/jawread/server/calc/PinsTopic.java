package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.Bracket;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.limit.Limits;
import org.springframework.stereotype.Component;

/** A hole between the pin that goes and the one that does not. */
@Component
class PinsTopic implements CalcTopic {
    @Override
    public String name() {
        return "pins";
    }

    @Override
    public List<String> inputs() {
        return List.of("unit", "goes", "stops", "lo", "hi");
    }

    @Override
    public List<String> outputs() {
        return List.of("value_pm", "d_pm", "verdict", "settles");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Length goes = row.length("goes");
        Length stops = row.length("stops");
        if (goes.compareTo(stops) >= 0) {
            return Outcome.refused("pins-turned");
        }
        var bracket = new Bracket(goes, stops);
        Limits limits = row.requiredLimits();
        List<Length> settledBy = bracket.settledBy(limits);
        return Outcome.of(new CalcAnswer()
                .withPm("value_pm", Optional.of(bracket.value()))
                .withPm("d_pm", Optional.of(bracket.width()))
                .with("verdict", bracket.word(limits).code())
                .with("settles", settledBy.isEmpty() ? null : CalcAnswer.list(settledBy, row.unit("unit")))
                .columns());
    }
}
