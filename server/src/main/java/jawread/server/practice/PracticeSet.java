package jawread.server.practice;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.misread.Slip;
import jawread.core.practice.Level;
import jawread.core.scale.Scale;

/**
 * A set of items for one learner.
 *
 * @param scales to choose from
 * @param only the trap that all are of; empty: by weakness
 * @param toSet whether scales are set rather than read
 * @param heard whether the parts are spoken, and nothing is seen
 * @param seed that makes the same items again
 * @param items how many
 */
record PracticeSet(
        UUID id,
        long person,
        List<Scale> scales,
        Level level,
        Optional<Slip> only,
        boolean toSet,
        boolean heard,
        long seed,
        int items,
        Instant begunAt) {
    PracticeSet {
        scales = List.copyOf(scales);
    }
}
