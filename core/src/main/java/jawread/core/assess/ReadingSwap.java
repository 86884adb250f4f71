package jawread.core.assess;

import java.time.Instant;
import java.util.UUID;

/** That two readings were taken at each other's place. */
public record ReadingSwap(UUID id, UUID one, UUID other, String reason, long person, Instant madeAt) implements Said {
    boolean isOf(UUID reading) {
        return one.equals(reading) || other.equals(reading);
    }
}
