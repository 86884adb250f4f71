package jawread.server.calc;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.thread.Drill;
import jawread.core.thread.TappingDrill;
import org.springframework.stereotype.Component;

/** The drill for a tapped hole, and the nearest ones there are. The thread by its pitch, or by its number to the inch. */
@Component
class TappingTopic implements CalcTopic {
    @Override
    public String name() {
        return "tapping";
    }

    @Override
    public List<String> inputs() {
        return List.of("D", "unit", "pitch", "threads_per_inch", "engagement");
    }

    @Override
    public List<String> outputs() {
        return List.of(
                "drill_pm",
                "metric_pm",
                "metric_error_pm",
                "fraction_pm",
                "fraction_error_pm",
                "named",
                "named_pm",
                "named_error_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        return drill(row).map(TappingTopic::columns);
    }

    private static Map<String, Object> columns(TappingDrill drill) {
        Optional<Drill> metric = Drill.nearest(Drill.Kind.METRIC, drill.computed());
        Optional<Drill> fraction = Drill.nearest(Drill.Kind.FRACTION, drill.computed());
        Optional<Drill> named = Drill.nearest(Drill.Kind.NAMED, drill.computed());
        return new CalcAnswer()
                .withPm("drill_pm", Optional.of(drill.computed()))
                .withPm("metric_pm", metric.map(Drill::size))
                .withPm("metric_error_pm", metric.map(chosen -> chosen.size().minus(drill.computed())))
                .withPm("fraction_pm", fraction.map(Drill::size))
                .withPm(
                        "fraction_error_pm",
                        fraction.map(chosen -> chosen.size().minus(drill.computed())))
                .with("named", named.map(Drill::name).orElse(null))
                .withPm("named_pm", named.map(Drill::size))
                .withPm("named_error_pm", named.map(chosen -> chosen.size().minus(drill.computed())))
                .columns();
    }

    private static Outcome<TappingDrill> drill(CalcRow row) {
        Length diameter = row.length("D");
        BigDecimal engagement = row.number("engagement");
        return row.optionalLength("pitch")
                .map(pitch -> TappingDrill.of(diameter, pitch, BigDecimal.ONE, engagement))
                .orElseGet(() ->
                        TappingDrill.of(diameter, LengthUnit.INCH.whole(), row.number("threads_per_inch"), engagement));
    }
}
