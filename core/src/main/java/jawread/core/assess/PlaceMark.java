package jawread.core.assess;

import java.time.Instant;
import java.util.UUID;

/**
 * Something said of a place of a part in one round: passed over, taken up again, or noted.
 *
 * @param round 0 as found, n after cut n
 */
public record PlaceMark(UUID id, PlaceKey place, int round, Kind kind, String reason, long person, Instant madeAt)
        implements Said {
    /** What is said. */
    public enum Kind {
        /** The walk asks for it no more; it stays not measured. */
        SKIP,
        /** It is asked for again after all. */
        TAKE_UP,
        NOTE
    }
}
