package jawread.server.signal;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.signal.Flags;
import jawread.core.signal.GaugeLine;

/**
 * A figure that a gauge sent. Once somebody takes it for a reading, that reading bears its id.
 *
 * @param line as it came
 * @param said what was understood of its line
 * @param figure as it is read in, with its unit: of a comparator that shows sizes, how far it is from what it was set to
 * @param told what to look at in it, in sentences; empty where there is nothing
 * @param isAsked whether a person is to say that it is the size still, before it is a reading
 * @param offeredTo the one screen that listened to this gauge when it came
 * @param takenAt by the gauge's clock, or by ours where it has none or an impossible one
 * @param cameAt by the shop's clock
 */
public record GaugeFigure(
        UUID id,
        long gauge,
        String line,
        GaugeLine.Figure said,
        String figure,
        String told,
        boolean isAsked,
        Optional<UUID> offeredTo,
        Instant takenAt,
        Instant cameAt) {
    public Flags flags() {
        return said.flags();
    }
}
