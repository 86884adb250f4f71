package jawread.bench;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import jawread.core.scale.ScaleSetting;
import jawread.core.scale.Scales;
import jawread.core.scale.Sense;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Parts to reading, and size to parts, in core alone. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class ReadScale {
    @Param({"mic-mm-0001", "vernier-in-001", "dial-mm-002", "bore-dial-in-0001"})
    public String id;

    private Scale scale;
    private Length base;
    private Length wanted;
    private Parts parts;

    @Setup
    public void take() {
        scale = Scales.of(id).orElseThrow();
        base = scale.unit().whole();
        wanted = base.plus(scale.leastCount().times(4321));
        parts = set().orThrow().shown().parts();
    }

    @Benchmark
    public Outcome<ScaleReading> read() {
        return scale.read(base, parts);
    }

    @Benchmark
    public Outcome<ScaleSetting> set() {
        return scale.set(base, Optional.of(Sense.GROWS), wanted);
    }
}
