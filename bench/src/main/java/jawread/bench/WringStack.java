package jawread.bench;

import java.math.BigDecimal;
import java.util.List;
import java.util.concurrent.TimeUnit;
import jawread.core.length.Length;
import jawread.core.stack.BlockSet;
import jawread.core.stack.Wringing;
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

/** A stack of blocks for a size: a usual one, one that no stack comes to, and the longest that a set can be wrung to. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class WringStack {
    @Param({
        "mm-88 41.1255",
        "mm-88 74.4217",
        "mm-88 358.0005",
        "mm-88 700.0",
        "in-81 2.3689",
        "in-81 24.9999",
        "mm-47 213.85"
    })
    public String stack;

    private BlockSet set;
    private Length wanted;

    @Setup
    public void take() {
        List<String> asked = List.of(stack.split(" "));
        set = BlockSet.called(asked.get(0)).orElseThrow();
        wanted = Length.of(new BigDecimal(asked.get(1)), set.unit());
    }

    @Benchmark
    public Wringing wring() {
        return Wringing.of(set, wanted, Length.ZERO);
    }
}
