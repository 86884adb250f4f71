package jawread.core.thread;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class ThreadVectorsTest {
    @Test
    void every_tapping_drill() {
        VectorFile.of(
                        "tapping",
                        "unit",
                        "D",
                        "pitch",
                        "threads_per_inch",
                        "engagement",
                        "drill_pm",
                        "metric_pm",
                        "metric_error_pm",
                        "fraction_pm",
                        "fraction_error_pm",
                        "named",
                        "named_pm",
                        "named_error_pm",
                        "error")
                .runAll(row -> assertThat(drill(row)
                                .fold(
                                        ThreadVectorsTest::columns,
                                        refusal -> List.of("", "", "", "", "", "", "", "", refusal.code())))
                        .containsExactly(
                                row.get("drill_pm"),
                                row.get("metric_pm"),
                                row.get("metric_error_pm"),
                                row.get("fraction_pm"),
                                row.get("fraction_error_pm"),
                                row.get("named"),
                                row.get("named_pm"),
                                row.get("named_error_pm"),
                                row.get("error")));
    }

    private static List<String> columns(TappingDrill drill) {
        Optional<Drill> named = nearest(drill, Drill.Kind.NAMED);
        return List.of(
                String.valueOf(drill.computed().picometres()),
                VectorLength.pm(size(drill, Drill.Kind.METRIC)),
                VectorLength.pm(error(drill, size(drill, Drill.Kind.METRIC))),
                VectorLength.pm(size(drill, Drill.Kind.FRACTION)),
                VectorLength.pm(error(drill, size(drill, Drill.Kind.FRACTION))),
                named.map(Drill::name).orElse(""),
                VectorLength.pm(named.map(Drill::size)),
                VectorLength.pm(error(drill, named.map(Drill::size))),
                "");
    }

    private static Outcome<TappingDrill> drill(VectorRow row) {
        Length diameter = VectorLength.in(row, "D");
        var engagement = new BigDecimal(row.get("engagement"));
        return row.has("pitch")
                ? TappingDrill.of(diameter, VectorLength.in(row, "pitch"), BigDecimal.ONE, engagement)
                : TappingDrill.of(
                        diameter, LengthUnit.INCH.whole(), new BigDecimal(row.get("threads_per_inch")), engagement);
    }

    private static Optional<Length> error(TappingDrill drill, Optional<Length> chosen) {
        return chosen.map(length -> length.minus(drill.computed()));
    }

    private static Optional<Drill> nearest(TappingDrill drill, Drill.Kind kind) {
        return Drill.nearest(kind, drill.computed());
    }

    private static Optional<Length> size(TappingDrill drill, Drill.Kind kind) {
        return nearest(drill, kind).map(Drill::size);
    }
}
