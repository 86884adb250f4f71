package jawread.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.stack.FeelerGap.Laid;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import org.junit.jupiter.api.Test;

class FeelersVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "feelers",
                        "unit",
                        "leaves",
                        "gap",
                        "go",
                        "go_count",
                        "go_leaves",
                        "no_go",
                        "no_go_count",
                        "no_go_leaves")
                .runAll(FeelersVectorsTest::run);
    }

    private static void run(VectorRow row) {
        LengthUnit unit = LengthUnit.ofSuffix(row.get("unit")).orElseThrow();
        List<Length> leaves = lengths(row.get("leaves"), unit);

        FeelerGap gap = FeelerGap.of(leaves, lengths(row.get("gap"), unit).get(0));

        isLaid(gap.go(), row, "go", leaves, unit);
        isLaid(gap.noGo(), row, "no_go", leaves, unit);
    }

    private static void isLaid(
            Optional<Laid> laid, VectorRow row, String column, List<Length> leaves, LengthUnit unit) {
        assertThat(laid.isPresent()).as(column).isEqualTo(row.has(column));
        laid.ifPresent(of -> {
            assertThat(of.sum()).isEqualTo(lengths(row.get(column), unit).get(0));
            assertThat(of.leaves())
                    .hasSize(Integer.parseInt(row.get(column + "_count")))
                    .doesNotHaveDuplicates()
                    .isSubsetOf(leaves);
            assertThat(of.leaves().stream().reduce(Length.ZERO, Length::plus)).isEqualTo(of.sum());
        });
    }

    private static List<Length> lengths(String list, LengthUnit unit) {
        return Arrays.stream(list.split(";"))
                .map(item -> Length.of(new BigDecimal(item), unit))
                .toList();
    }
}
