package jawread.core.assess;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.assess.MeasuredForm.Level;
import jawread.core.length.Length;
import jawread.core.walk.Axis;

/**
 * How the places of a feature lie on one part, measured or not: its plan decides it, no reading does. What a hand found is none of them.
 *
 * @param levels its sections, the first at the face; those that never wore are left out
 * @param axes around it, in the order in which they stand in the plan
 */
record FormLayout(List<Level> levels, List<Axis> axes) {
    private static final String UNWORN = "unworn";

    /** @param there places of the feature on this part */
    static FormLayout of(List<Place> there) {
        List<Place> all = there.stream().filter(FormLayout::isLaidOut).toList();
        Map<String, Long> axesAt = all.stream().collect(Collectors.groupingBy(Place::section, Collectors.counting()));
        List<Level> levels = all.stream()
                .filter(place -> !isUnworn(place))
                .map(place -> new Level(place.section(), place.depth(), axesAt.get(place.section())))
                .distinct()
                .sorted(Comparator.comparing(level -> level.depth().orElse(Length.ZERO)))
                .toList();
        List<Axis> axes = List.copyOf(all.stream()
                .map(place -> new Axis(place.axis(), place.degrees()))
                .collect(
                        LinkedHashMap<BigDecimal, Axis>::new,
                        (map, axis) -> map.putIfAbsent(axis.degrees().stripTrailingZeros(), axis),
                        Map::putAll)
                .values());
        return new FormLayout(levels, axes);
    }

    /** Whether a form is reckoned from it. */
    static boolean isLaidOut(Place place) {
        return !place.isByHand();
    }

    /** Whether it lies in a section that wear never reached. */
    static boolean isUnworn(Place place) {
        return place.section().regionMatches(true, 0, UNWORN, 0, UNWORN.length());
    }
}
