package jawread.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import jawread.core.misread.Slip;

/**
 * One item as it was answered.
 *
 * @param scale its id
 * @param aimed the slip it tempted to; empty for a plain one
 * @param slips those that were made
 * @param took from the drawing to the answer
 * @param heard whether the parts were spoken and nothing was seen
 */
public record Try(
        String scale, Optional<Slip> aimed, boolean right, List<Slip> slips, Duration took, Instant at, boolean heard) {
    public Try {
        slips = List.copyOf(slips);
    }
}
