package jawread.core.signal;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * Whether a held figure may be one of before: a display that holds shows what was, not what is. Long held is asked about, and so is the
 * third in a row that is held for nobody knows how long.
 */
public final class Holding {
    private static final Duration LONG = Duration.ofSeconds(10);
    private static final int IN_A_ROW = 3;

    private Holding() {}

    /** @param at when it came */
    public record Held(Flags flags, Instant at) {
        boolean isBare() {
            return flags.isHeld() && flags.heldFor().isEmpty();
        }
    }

    /**
     * @param before what the same gauge sent before, the last one last
     * @param now what it sends now
     */
    public static boolean isAskedAbout(List<Held> before, Held now) {
        if (now.flags().heldFor().isPresent()) {
            return now.flags().heldFor().get().compareTo(LONG) >= 0;
        }
        if (!now.isBare() || before.size() < IN_A_ROW - 1) {
            return false;
        }
        List<Held> row = before.subList(before.size() - (IN_A_ROW - 1), before.size());
        return row.stream().allMatch(Held::isBare)
                && Duration.between(row.get(0).at(), now.at()).compareTo(LONG) > 0;
    }
}
