package jawread.core.assess;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;

/**
 * How warm a part was, as somebody measured it, in °C.
 *
 * @param gauge of the gauges beside it; empty where nobody measured
 */
public record PartTemperature(BigDecimal part, Optional<BigDecimal> gauge, Instant at) {}
