package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.scale.MadeFrom;
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
        MadeFrom way = MadeFrom.of(kind).orElseThrow();
        List<String> columns = switch (way) {
            case HOLES -> List.of("B", "d1", "d2");
            case PINS -> List.of("A", "d1", "d2");
            default -> List.of("A", "B");
        };
        return way.of(columns.stream().map(row::length).toList());
    }
}
