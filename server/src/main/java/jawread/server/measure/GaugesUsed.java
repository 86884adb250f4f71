package jawread.server.measure;

import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.server.drawer.LastUse;
import jawread.server.journal.JobsReadWith;
import org.springframework.stereotype.Component;

/** When gauges were last read with, as the kept readings say. */
@Component
class GaugesUsed implements LastUse, JobsReadWith {
    private final ReadingRepository readings;

    GaugesUsed(ReadingRepository readings) {
        this.readings = readings;
    }

    @Override
    public Map<Long, Instant> ofGauges() {
        return readings.findLastUses().stream()
                .collect(Collectors.toMap(
                        row -> row.with().read(),
                        ReadingRow::takenAt,
                        (one, other) -> one.isAfter(other) ? one : other));
    }

    @Override
    public boolean everOf(long gauge) {
        return readings.existsReadWith(gauge);
    }

    @Override
    public long readingsSince(long gauge, Instant since) {
        return readings.findCountSince(gauge, since);
    }

    @Override
    public Set<Long> anyOf(Set<Long> gauges, Instant since) {
        return readings.findJobsReadWith(gauges, since);
    }
}
