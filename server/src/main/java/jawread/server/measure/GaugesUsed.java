package jawread.server.measure;

import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.drawer.LastUse;
import jawread.server.journal.JobsReadWith;
import org.springframework.stereotype.Component;

/** When gauges were last read with, as the kept readings and the figures of those that were made of several say. */
@Component
class GaugesUsed implements LastUse, JobsReadWith {
    private final ReadingRepository readings;
    private final ReadingFigureRepository figures;

    GaugesUsed(ReadingRepository readings, ReadingFigureRepository figures) {
        this.readings = readings;
        this.figures = figures;
    }

    @Override
    public Map<Long, Instant> ofGauges() {
        return Stream.concat(
                        readings.findLastUses().stream()
                                .map(row -> Map.entry(row.with().read(), row.takenAt())),
                        figures.findLastUses().stream().map(use -> Map.entry(use.gauge(), use.at())))
                .collect(Collectors.toMap(
                        Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one.isAfter(other) ? one : other));
    }

    @Override
    public boolean everOf(long gauge) {
        return readings.existsReadWith(gauge) || figures.existsReadWith(gauge);
    }

    @Override
    public long readingsSince(long gauge, Instant since) {
        return readings.findCountSince(gauge, since) + figures.findCountSince(gauge, since);
    }

    @Override
    public Set<Long> anyOf(Set<Long> gauges, Instant since) {
        return Stream.concat(
                        readings.findJobsReadWith(gauges, since).stream(),
                        figures.findJobsReadWith(gauges, since).stream())
                .collect(Collectors.toSet());
    }
}
