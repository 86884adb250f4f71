package jawread.server.measure;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.PartTemperature;

/** How warm a part and the gauges beside it were, kept as it was. */
public record PartWarmth(UUID id, PartTemperature temperature, long person) {
    /** In °C. */
    public BigDecimal part() {
        return temperature.part();
    }

    /** In °C; empty where nobody measured. */
    public Optional<BigDecimal> gauge() {
        return temperature.gauge();
    }

    public Instant at() {
        return temperature.at();
    }
}
