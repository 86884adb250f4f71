package jawread.core.assess;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;

/**
 * What a comparator, or a micrometer set near a size, stood at when it was read.
 *
 * @param id the one it is kept under
 * @param size S: the real size of what it was set on, where a needle stood at zero
 * @param shown what a micrometer showed on it; empty for a comparator
 * @param expanded U of that
 * @param material of what it was set on, by name
 * @param temperature of it, in °C; empty where nobody measured
 */
public record SetTo(
        UUID id,
        Length size,
        Optional<Length> shown,
        Length expanded,
        String material,
        Optional<BigDecimal> temperature) {}
