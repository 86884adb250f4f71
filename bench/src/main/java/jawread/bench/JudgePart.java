package jawread.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureLog;
import jawread.core.assess.MadePart;
import jawread.core.assess.PartAssessment;
import jawread.core.assess.PartLog;
import jawread.core.assess.Place;
import jawread.core.assess.Reading;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A part of ten bores of ten places each, with 2 000 readings: judged whole, and after one reading more, each time at another place. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
public class JudgePart {
    private static final int READINGS_A_PLACE = 20;
    private static final int ONE_SLIP_IN = 1000;

    private MadePart part;
    private PartLog log;
    private PartAssessment judged;
    private List<Reading> more;
    private int next;

    @Setup
    public void measure() {
        part = new MadePart(22, 10, 5, ONE_SLIP_IN);
        List<Reading> readings = part.readings(READINGS_A_PLACE);
        log = new PartLog(
                part.features().stream().collect(Collectors.toMap(Feature::key, feature -> log(feature, readings))),
                Map.of(),
                Map.of());
        judged = PartAssessment.of(part.snapshot(log));
        more = new ArrayList<>();
        for (Feature feature : part.features()) {
            for (Place place : feature.places()) {
                more.add(part.reading(10_000 + more.size(), feature, place, 0, false));
            }
        }
    }

    private static FeatureLog log(Feature feature, List<Reading> all) {
        return FeatureLog.of(
                List.of(),
                all.stream()
                        .filter(reading -> reading.feature().equals(feature.key()))
                        .toList(),
                List.of(),
                List.of(),
                List.of());
    }

    @Benchmark
    public PartAssessment whole() {
        return PartAssessment.of(part.snapshot(log));
    }

    @Benchmark
    public PartAssessment afterOneMore() {
        next = (next + 1) % more.size();
        return judged.after(part.snapshot(log.with(List.of(more.get(next)))));
    }
}
