package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.scale.CentreDistance;
import org.springframework.stereotype.Component;

/** The distance of two centres, from edges or from two positions. */
@Component
class CentreDistanceTopic implements CalcTopic {
    @Override
    public String name() {
        return "centre-distance";
    }

    @Override
    public List<String> inputs() {
        return List.of("A", "B", "kind", "unit", "d1", "d2");
    }

    @Override
    public List<String> outputs() {
        return List.of("centre_pm");
    }

    /** Refuses a distance below zero: {@code edges-swapped}. */
    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        String kind = row.oneOf("kind", Stream.of("equal", "holes", "pins", "zeros"), Function.identity());
        return centre(kind, row)
                .map(centre -> new CalcAnswer()
                        .withPm("centre_pm", Optional.of(centre))
                        .columns());
    }

    private static Outcome<Length> centre(String kind, CalcRow row) {
        return switch (kind) {
            case "equal" -> CentreDistance.ofEqual(row.length("A"), row.length("B"));
            case "holes" -> Outcome.of(CentreDistance.ofHoles(row.length("B"), row.length("d1"), row.length("d2")));
            case "pins" -> CentreDistance.ofPins(row.length("A"), row.length("d1"), row.length("d2"));
            default -> Outcome.of(CentreDistance.ofZeros(row.length("A"), row.length("B")));
        };
    }
}
