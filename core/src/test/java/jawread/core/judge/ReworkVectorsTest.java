package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class ReworkVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "rework",
                        "feature",
                        "diameter",
                        "unit",
                        "y",
                        "lo",
                        "hi",
                        "word",
                        "cut_near_pm",
                        "cut_middle_pm",
                        "side_near_pm",
                        "side_middle_pm")
                .runAll(ReworkVectorsTest::run);
    }

    private static void run(VectorRow row) {
        var limits = new Limits(VectorLength.optionalIn(row, "lo"), VectorLength.optionalIn(row, "hi"));
        var kind = FeatureKind.valueOf(row.get("feature").toUpperCase(Locale.ROOT));
        WayOut way = WayOut.of(kind, VectorLength.in(row, "y"), limits);

        Optional<WayOut.Cut> cut = way.cut();
        Optional<WayOut.Cut> side = row.yes("diameter") ? cut.map(WayOut.Cut::perSide) : Optional.empty();
        assertThat(List.of(way.word().code(), near(cut), middle(cut), near(side), middle(side)))
                .containsExactly(
                        row.get("word"),
                        row.get("cut_near_pm"),
                        row.get("cut_middle_pm"),
                        row.get("side_near_pm"),
                        row.get("side_middle_pm"));
    }

    private static String near(Optional<WayOut.Cut> cut) {
        return VectorLength.pm(cut.map(WayOut.Cut::toNear));
    }

    private static String middle(Optional<WayOut.Cut> cut) {
        Optional<Length> middle = cut.flatMap(WayOut.Cut::toMiddle);
        return VectorLength.pm(middle);
    }
}
