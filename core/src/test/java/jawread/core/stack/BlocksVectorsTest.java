package jawread.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import org.junit.jupiter.api.Test;

class BlocksVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "blocks",
                        "set",
                        "unit",
                        "size",
                        "missing",
                        "wear",
                        "attainable",
                        "count",
                        "smallest",
                        "stack",
                        "below",
                        "above")
                .runAll(BlocksVectorsTest::run);
    }

    private static void run(VectorRow row) {
        LengthUnit unit = LengthUnit.ofSuffix(row.get("unit")).orElseThrow();
        BlockSet present = BlockSet.called(row.get("set"))
                .orElseThrow()
                .without(lengths(row.get("missing"), unit))
                .orThrow();
        Length wear = row.has("wear") ? length(row.get("wear"), unit) : Length.ZERO;

        var wringing = Wringing.of(present, length(row.get("size"), unit), wear);

        assertThat(wringing.isExact()).isEqualTo(row.yes("attainable"));
        assertThat(wringing.blocks()).isEqualTo(lengths(row.get("stack"), unit));
        assertThat(wringing.below()).isEqualTo(optional(row, "below", unit));
        assertThat(wringing.above()).isEqualTo(optional(row, "above", unit));
    }

    private static Optional<Length> optional(VectorRow row, String column, LengthUnit unit) {
        return row.has(column) ? Optional.of(length(row.get(column), unit)) : Optional.empty();
    }

    private static List<Length> lengths(String list, LengthUnit unit) {
        return Arrays.stream(list.split(";"))
                .filter(item -> !item.isEmpty())
                .map(item -> length(item, unit))
                .toList();
    }

    private static Length length(String text, LengthUnit unit) {
        return Length.of(new BigDecimal(text), unit);
    }
}
