package jawread.server.comparator;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.SetTo;
import jawread.core.length.Length;
import jawread.core.scale.Sense;

/**
 * That a comparator was zeroed on a master, or a micrometer read on one near the size, kept as it was.
 *
 * @param master a ring or a set of blocks; empty where a micrometer was locked at the size
 * @param on the number of the master or the micrometer: {@code R4}, {@code M4}
 * @param blocks those that were wrung; none unless it was a stack
 * @param size S: the real size of what it was set on, where its needle stood at zero
 * @param shown what a micrometer showed on it; empty for a comparator
 * @param expanded U of that
 * @param temperature of the master, in °C; empty where nobody measured
 */
public record ComparatorSetting(
        UUID id,
        long gaugeId,
        Optional<Long> master,
        Optional<Long> micrometer,
        String on,
        List<Length> blocks,
        Length size,
        Optional<Length> shown,
        Length expanded,
        String material,
        Optional<BigDecimal> temperature,
        Sense sense,
        long person,
        Instant at) {
    /** As a reading rests on it. */
    public SetTo setTo() {
        return new SetTo(id, size, shown, expanded, material, temperature);
    }
}
