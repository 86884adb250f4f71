package jawread.core.assess;

import java.time.Instant;
import java.util.Optional;
import jawread.core.gauge.Master;

/**
 * A master of the drawer, and how long its certificate holds.
 *
 * @param before exclusive: the end of its last day; empty where it has none
 */
public record UsableMaster(Master master, Optional<Instant> before) {
    boolean isUsableAt(Instant at) {
        return before.stream().allMatch(at::isBefore);
    }
}
