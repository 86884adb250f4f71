package jawread.server.measure;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import jawread.server.drawer.LastUse;
import org.springframework.stereotype.Component;

/** When gauges were last read with, as the kept readings say. */
@Component
class GaugesUsed implements LastUse {
    private final ReadingRepository readings;

    GaugesUsed(ReadingRepository readings) {
        this.readings = readings;
    }

    @Override
    public Map<Long, Instant> ofGauges() {
        var uses = new HashMap<Long, Instant>();
        readings.findLastUses().forEach(use -> uses.put((Long) use[0], (Instant) use[1]));
        return uses;
    }

    @Override
    public long readingsSince(long gauge, Instant since) {
        return readings.findCountSince(gauge, since);
    }
}
