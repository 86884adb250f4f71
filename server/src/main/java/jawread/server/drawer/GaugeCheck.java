package jawread.server.drawer;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.gauge.ZeroCheck;
import jawread.core.length.Length;

/**
 * That somebody looked at a gauge's zero, kept as it was.
 *
 * @param master it was looked at on; empty where the faces were closed on nothing
 * @param temperature in °C; empty where nobody measured
 * @param allowed what was allowed then
 */
public record GaugeCheck(
        UUID id,
        long gaugeId,
        Optional<Long> master,
        Optional<BigDecimal> temperature,
        ZeroCheck result,
        Length allowed,
        boolean unitConfirmed,
        long person,
        Instant at) {}
