package jawread.core.doubt;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.gauge.ZeroCheck;
import jawread.core.length.Length;

/**
 * The looks at a gauge's zero in their order, and which readings they throw into doubt. Derived, never stamped: a check that is entered
 * late counts from when it was made. Moments are in ms, of any clock that all of them share.
 *
 * @param looks in the order they were made
 * @param sets when a comparator was set anew: what a later check finds says nothing of what was read before
 */
public record ZeroStrip(List<Look> looks, List<Long> sets) {
    public static final ZeroStrip NONE = new ZeroStrip(List.of(), List.of());

    public ZeroStrip {
        looks = List.copyOf(looks);
        sets = List.copyOf(sets);
    }

    /**
     * @param id of the check, for those who answer to it
     * @param allowed what may be left alone, as it was then
     */
    public record Look(UUID id, long at, ZeroCheck check, Length allowed) {}

    /**
     * Why a reading is in doubt.
     *
     * @param moved by how much the gauge showed too much, beyond what the reading was corrected for already
     */
    public record Moved(Look look, Length moved) {}

    /**
     * In doubt when the first check that follows a reading found more than may be left alone. A good one between clears it. What was known
     * and taken off already is not found again.
     *
     * @param correction what was added to the reading for a known error
     */
    public Optional<Moved> doubtOf(long taken, Length correction) {
        int next = firstFrom(taken);
        if (next == looks.size()) {
            return Optional.empty();
        }
        Look look = looks.get(next);
        Length moved = look.check().found().plus(correction);
        return moved.abs().compareTo(look.allowed()) > 0
                        && sets.stream().noneMatch(set -> set > taken && set < look.at())
                ? Optional.of(new Moved(look, moved))
                : Optional.empty();
    }

    /** Whether nobody ever looked at it, nor set it. */
    public boolean isNew() {
        return looks.isEmpty() && sets.isEmpty();
    }

    /** Whether the last look left more than may be left, and nobody set it since. */
    public boolean isLeftOff() {
        if (looks.isEmpty()) {
            return false;
        }
        Look last = looks.get(looks.size() - 1);
        return last.check().isOff(last.allowed()) && sets.stream().noneMatch(set -> set > last.at());
    }

    /** Looked for by halves: a gauge is looked at every day, and each of its readings asks. */
    private int firstFrom(long moment) {
        int from = 0;
        int to = looks.size();
        while (from < to) {
            int middle = (from + to) >>> 1;
            if (looks.get(middle).at() < moment) {
                from = middle + 1;
            } else {
                to = middle;
            }
        }
        return from;
    }

    /** The last look before a moment that found the gauge good, or left it so; empty when there was none. */
    public Optional<Look> lastGoodBefore(long moment) {
        return looks.stream()
                .filter(look -> look.at() < moment)
                .filter(look -> !look.check().isOff(look.allowed()))
                .reduce((before, last) -> last);
    }
}
