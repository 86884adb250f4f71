package jawread.core.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What counts at one place in one round, and what was said of it: all that the place alone is judged by.
 *
 * @param readings as they count, struck ones among them
 * @param quick checks with another gauge, struck ones among them
 * @param marks of these readings
 * @param placeMarks of the place
 */
public record PlaceLog(
        List<Reading> readings, List<Reading> quick, List<ReadingMark> marks, List<PlaceMark> placeMarks) {
    static final PlaceLog NONE = new PlaceLog(List.of(), List.of(), List.of(), List.of());

    /** With one more, of which nothing was said yet. */
    PlaceLog with(Reading reading) {
        return reading.quick()
                ? new PlaceLog(readings, and(quick, reading), marks, placeMarks)
                : new PlaceLog(and(readings, reading), quick, marks, placeMarks);
    }

    private static List<Reading> and(List<Reading> before, Reading last) {
        var all = new ArrayList<Reading>(before.size() + 1);
        all.addAll(before);
        all.add(last);
        return List.copyOf(all);
    }

    List<Reading> standing() {
        return standing(readings);
    }

    List<Reading> standingQuick() {
        return standing(quick);
    }

    private List<Reading> standing(List<Reading> of) {
        return marks.isEmpty()
                ? of
                : of.stream()
                        .filter(reading ->
                                marksOf(reading).stream().noneMatch(mark -> mark.kind() == ReadingMark.Kind.STRIKE))
                        .toList();
    }

    List<ReadingMark> marksOf(Reading reading) {
        return marks.isEmpty()
                ? marks
                : marks.stream()
                        .filter(mark -> mark.reading().equals(reading.id()))
                        .toList();
    }

    /** Why the walk asks for the place no more; empty while it does. */
    public Optional<PlaceMark> skip() {
        return placeMarks.isEmpty()
                ? Optional.empty()
                : placeMarks.stream()
                        .filter(PlaceMark::isOfTheWalk)
                        .reduce((before, last) -> last)
                        .filter(mark -> mark.kind() == PlaceMark.Kind.SKIP);
    }
}
