package jawread.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import org.junit.jupiter.api.Test;

class TemperatureVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "temperature",
                        "mode",
                        "unit",
                        "size",
                        "deviation",
                        "scale_material",
                        "scale_T",
                        "part_material",
                        "part_T",
                        "tolerance",
                        "l20_pm",
                        "correction_pm",
                        "wait")
                .runAll(TemperatureVectorsTest::run);
    }

    private static void run(VectorRow row) {
        Length size = length(row, "size");
        Warm scale = warm(row, "scale");
        Warm part = warm(row, "part");

        AtTwenty corrected = row.get("mode").equals("direct")
                ? AtTwenty.direct(size, scale, part)
                : AtTwenty.comparator(size, length(row, "deviation"), scale, part);

        assertThat(corrected.size().picometres()).isEqualTo(Long.parseLong(row.get("l20_pm")));
        assertThat(corrected.correction().picometres()).isEqualTo(Long.parseLong(row.get("correction_pm")));
        assertThat(corrected.mustWait(length(row, "tolerance"))).isEqualTo(row.yes("wait"));
    }

    private static Warm warm(VectorRow row, String of) {
        String name = row.get(of + "_material").replace(' ', '-');
        return Warm.of(Material.called(name, List.of()).orElseThrow(), new BigDecimal(row.get(of + "_T")))
                .orThrow();
    }

    private static Length length(VectorRow row, String column) {
        return Length.of(
                new BigDecimal(row.get(column)),
                LengthUnit.ofSuffix(row.get("unit")).orElseThrow());
    }
}
