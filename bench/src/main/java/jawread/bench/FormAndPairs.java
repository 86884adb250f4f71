package jawread.bench;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import jawread.core.form.FeatureForm;
import jawread.core.form.FormSizes;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.rework.Pairing;
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

/** The form of a feature of 5 sections across 8 axes, and 200 insides paired with 200 outsides. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class FormAndPairs {
    private static final long SEED = 118;
    private static final Limits WANTED = Limits.of(Length.ofMicrometres(30), Length.ofMicrometres(60));

    private FormSizes sizes;
    private List<Length> insides;
    private List<Length> outsides;

    @Setup
    public void measure() {
        var random = new Random(SEED);
        sizes = new FormSizes(
                IntStream.range(0, 5)
                        .mapToObj(section -> Optional.of(Length.ofMicrometres(20_000L * section)))
                        .toList(),
                IntStream.range(0, 8)
                        .mapToObj(axis -> new BigDecimal("22.5").multiply(BigDecimal.valueOf(axis)))
                        .toList(),
                IntStream.range(0, 5)
                        .mapToObj(section -> IntStream.range(0, 8)
                                .mapToObj(axis -> Optional.of(Length.ofMicrometres(80_000L + random.nextInt(40))))
                                .toList())
                        .toList());
        insides = lengths(random, 80_045);
        outsides = lengths(random, 80_000);
    }

    private static List<Length> lengths(Random random, long about) {
        return IntStream.range(0, 200)
                .mapToObj(i -> Length.ofMicrometres(about + random.nextInt(40)))
                .toList();
    }

    @Benchmark
    public FeatureForm evaluate() {
        return FeatureForm.of(sizes, Wears.LARGER, 1.2, Length.ofMicrometres(1));
    }

    @Benchmark
    public Pairing pair() {
        return Pairing.best(insides, outsides, WANTED);
    }
}
