package jawread.core.trend;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.trend.Trend.Point;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorStatistic;
import org.junit.jupiter.api.Test;

class TrendVectorsTest {
    @Test
    void every_series() {
        VectorFile.of(
                        "trend",
                        "feature",
                        "hours",
                        "sizes_mm",
                        "service_mm",
                        "u_um",
                        "at_hours",
                        "slope_um_per_h",
                        "slope_half_um_per_h",
                        "s_um",
                        "t90",
                        "line_um",
                        "band_um",
                        "state",
                        "meets_h",
                        "earliest_h")
                .runAll(row -> {
                    Trend trend = Trend.of(
                                    row.get("feature").equals("bore") ? Wears.LARGER : Wears.SMALLER,
                                    points(row),
                                    Optional.of(Length.ofMillimetres(row.get("service_mm"))),
                                    Double.parseDouble(row.get("u_um")))
                            .orThrow();
                    assertThat(trend.state().code()).isEqualTo(row.get("state"));
                    VectorStatistic.isSame(row, "slope_um_per_h", trend.slope());
                    assertThat(trend.line().isPresent()).isEqualTo(row.has("s_um"));
                    trend.line().ifPresent(line -> line(row, line));
                    isSame(row, "meets_h", trend.meets());
                    isSame(row, "earliest_h", trend.earliest());
                });
    }

    private static void line(VectorRow row, TrendLine line) {
        VectorStatistic.isSame(row, "slope_half_um_per_h", line.slopeHalfWidth());
        VectorStatistic.isSame(row, "s_um", line.deviation());
        VectorStatistic.isSame(row, "t90", line.student());
        double at = Double.parseDouble(row.get("at_hours"));
        VectorStatistic.isSame(row, "line_um", line.at(at));
        VectorStatistic.isSame(row, "band_um", line.band(at));
    }

    private static void isSame(VectorRow row, String column, OptionalDouble figure) {
        assertThat(figure.isPresent()).as(column).isEqualTo(row.has(column));
        figure.ifPresent(hours -> VectorStatistic.isSame(row, column, hours));
    }

    private static List<Point> points(VectorRow row) {
        double[] hours = Arrays.stream(row.get("hours").split(";"))
                .mapToDouble(Double::parseDouble)
                .toArray();
        String[] sizes = row.get("sizes_mm").split(";");
        return IntStream.range(0, hours.length)
                .mapToObj(i -> new Point(hours[i], Length.ofMillimetres(sizes[i])))
                .toList();
    }

    private static Outcome<Trend> of(double... hours) {
        return Trend.of(
                Wears.SMALLER,
                Arrays.stream(hours)
                        .mapToObj(at -> new Point(at, Length.ofMillimetres("44")))
                        .toList(),
                Optional.empty(),
                0);
    }

    private static String refused(double... hours) {
        return of(hours).fold(trend -> trend.state().code(), refusal -> refusal.code());
    }

    @Test
    void a_series_that_says_nothing_is_refused_with_its_reason() {
        assertThat(refused(100)).isEqualTo("too-few-inspections");
        assertThat(refused(100, 100)).isEqualTo("hours-all-equal");
        assertThat(refused(100, 50)).isEqualTo("hours-go-back");
        assertThat(refused(100, 200)).isEqualTo("rate-only");
        // Twice in one stop is no reason not to lay a line.
        assertThat(refused(100, 100, 200)).isEqualTo("not-measurable");
    }

    @Test
    void without_a_service_limit_nothing_is_forecast() {
        Trend trend = Trend.of(
                        Wears.LARGER,
                        List.of(
                                new Point(0, Length.ofMillimetres("80")),
                                new Point(1000, Length.ofMillimetres("80.01")),
                                new Point(2000, Length.ofMillimetres("80.02"))),
                        Optional.empty(),
                        0)
                .orThrow();
        assertThat(trend.state()).isEqualTo(Trend.State.WEARING);
        assertThat(trend.meets()).isEmpty();
        assertThat(trend.earliest()).isEmpty();
    }
}
