package jawread.core.assess;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;

/**
 * Something said of a place of a part in one round: passed over, taken up again, or noted.
 *
 * @param round 0 as found, n after cut n
 * @param size of the form that was checked; empty for what has no figure
 */
public record PlaceMark(
        UUID id,
        PlaceKey place,
        int round,
        Kind kind,
        Optional<Length> size,
        String reason,
        long person,
        Instant madeAt)
        implements Said {
    /** What is said. */
    public enum Kind {
        /** The walk asks for it no more; it stays not measured. */
        SKIP,
        /** It is asked for again after all. */
        TAKE_UP,
        NOTE,
        /** How straight the whole feature was found by a check of its own; of a round one together with how round. */
        STRAIGHTNESS
    }

    /** Whether it says that the walk asks for the place, or does not. */
    boolean isOfTheWalk() {
        return kind == Kind.SKIP || kind == Kind.TAKE_UP;
    }
}
