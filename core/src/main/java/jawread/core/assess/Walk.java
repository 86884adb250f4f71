package jawread.core.assess;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * Readings that were taken one after the other, with no long pause and no cut between: what one person took in one go.
 *
 * @param readings at least one, in the order in which they were taken
 */
public record Walk(List<Reading> readings) {
    /** Longer than it takes to fetch another gauge. */
    private static final Duration LONGEST_PAUSE = Duration.ofMinutes(20);

    public Walk {
        readings = List.copyOf(readings);
    }

    /** @param all in whatever order @return the earliest first */
    public static List<Walk> of(Collection<Reading> all) {
        var walks = new ArrayList<List<Reading>>();
        all.stream()
                .sorted(Comparator.comparing(Reading::takenAt).thenComparing(Reading::seq))
                .forEach(reading -> {
                    if (walks.isEmpty() || isAnother(walks.get(walks.size() - 1), reading)) {
                        walks.add(new ArrayList<>());
                    }
                    walks.get(walks.size() - 1).add(reading);
                });
        return walks.stream().map(Walk::new).toList();
    }

    private static boolean isAnother(List<Reading> walk, Reading next) {
        Reading last = walk.get(walk.size() - 1);
        boolean isAfterCut =
                walk.stream().anyMatch(each -> each.feature().equals(next.feature()) && each.round() != next.round());
        return isAfterCut
                || last.person() != next.person()
                || Duration.between(last.takenAt(), next.takenAt()).compareTo(LONGEST_PAUSE) > 0;
    }
}
