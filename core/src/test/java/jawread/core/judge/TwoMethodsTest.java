package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import jawread.core.length.Length;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorStatistic;
import org.junit.jupiter.api.Test;

class TwoMethodsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "two-methods",
                        "first_mm",
                        "second_mm",
                        "U1_um",
                        "U2_um",
                        "mean_um",
                        "sd_um",
                        "low_um",
                        "high_um",
                        "explained_um",
                        "differs")
                .runAll(row -> {
                    TwoMethods compared = TwoMethods.of(
                                    lengths(row, "first_mm"),
                                    lengths(row, "second_mm"),
                                    Double.parseDouble(row.get("U1_um")),
                                    Double.parseDouble(row.get("U2_um")))
                            .orThrow();
                    VectorStatistic.isSame(row, "mean_um", compared.mean());
                    VectorStatistic.isSame(row, "sd_um", compared.deviation());
                    VectorStatistic.isSame(row, "low_um", compared.low());
                    VectorStatistic.isSame(row, "high_um", compared.high());
                    VectorStatistic.isSame(row, "explained_um", compared.explained());
                    assertThat(compared.differs()).isEqualTo(row.yes("differs"));
                });
    }

    private static List<Length> lengths(VectorRow row, String column) {
        return Arrays.stream(row.get(column).split(";"))
                .map(Length::ofMillimetres)
                .toList();
    }

    @Test
    void one_place_says_nothing_of_how_two_methods_agree() {
        List<Length> one = List.of(Length.ZERO);
        List<Length> two = List.of(Length.ZERO, Length.ZERO);
        assertThat(refused(one, one)).isEqualTo("too-few-places");
        assertThat(refused(one, two)).isEqualTo("places-do-not-match");
    }

    private static String refused(List<Length> first, List<Length> second) {
        return TwoMethods.of(first, second, 1, 1).fold(any -> "", refusal -> refusal.code());
    }
}
