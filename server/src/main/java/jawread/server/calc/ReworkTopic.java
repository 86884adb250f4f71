package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.WayOut;
import jawread.core.length.Outcome;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import org.springframework.stereotype.Component;

/** Which way out a size has against its limits, and what to take off. */
@Component
class ReworkTopic implements CalcTopic {
    @Override
    public String name() {
        return "rework";
    }

    @Override
    public List<String> inputs() {
        return List.of("feature", "diameter", "unit", "y", "lo", "hi");
    }

    @Override
    public List<String> outputs() {
        return List.of("word", "cut_near_pm", "cut_middle_pm", "side_near_pm", "side_middle_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        FeatureKind kind = row.oneOf("feature", Arrays.stream(FeatureKind.values()), FeatureKind::code);
        Limits limits = row.requiredLimits();
        WayOut way = WayOut.of(kind, row.length("y"), limits);
        Optional<WayOut.Cut> side = row.yes("diameter") ? way.cut().map(WayOut.Cut::perSide) : Optional.empty();
        return Outcome.of(new CalcAnswer()
                .with("word", way.word().code())
                .withPm("cut_near_pm", way.cut().map(WayOut.Cut::toNear))
                .withPm("cut_middle_pm", way.cut().flatMap(WayOut.Cut::toMiddle))
                .withPm("side_near_pm", side.map(WayOut.Cut::toNear))
                .withPm("side_middle_pm", side.flatMap(WayOut.Cut::toMiddle))
                .columns());
    }
}
