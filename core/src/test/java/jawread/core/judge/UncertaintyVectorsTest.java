package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Optional;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorStatistic;
import org.junit.jupiter.api.Test;

class UncertaintyVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "uncertainty",
                        "kind",
                        "division_um",
                        "estimated",
                        "mpe_um",
                        "ucal_um",
                        "found_um",
                        "s_um",
                        "n",
                        "um_um",
                        "length_mm",
                        "part_alpha_1e6",
                        "scale_alpha_1e6",
                        "temperatures",
                        "part_T",
                        "scale_T",
                        "delta_t_K",
                        "dT20_K",
                        "u_um",
                        "U_um",
                        "u_place_um",
                        "u_diff_um",
                        "largest")
                .runAll(UncertaintyVectorsTest::run);
    }

    private static void run(VectorRow row) {
        Length division = micrometres(row, "division_um");
        GaugeError error = row.has("ucal_um")
                ? new GaugeError.Calibrated(
                        micrometres(row, "ucal_um"), row.has("found_um") ? micrometres(row, "found_um") : Length.ZERO)
                : new GaugeError.Permitted(micrometres(row, "mpe_um"));
        Optional<Temperatures> temperatures = row.yes("temperatures")
                ? Optional.of(new Temperatures(number(row, "part_T"), number(row, "scale_T")))
                : Optional.empty();
        var uncertainty = Uncertainty.of(new MeasuredBy(
                row.get("kind").equals("comparator"),
                row.yes("estimated") ? division.half() : division,
                error,
                Optional.of(micrometres(row, "s_um")),
                Integer.parseInt(row.get("n")),
                micrometres(row, "um_um"),
                Length.ofMillimetres(row.get("length_mm")),
                new Warmth(
                        number(row, "part_alpha_1e6") / 1e6,
                        number(row, "scale_alpha_1e6") / 1e6,
                        temperatures,
                        number(row, "delta_t_K"),
                        row.has("dT20_K") ? number(row, "dT20_K") : 0)));

        VectorStatistic.isSame(row, "u_um", uncertainty.standard());
        VectorStatistic.isSame(row, "U_um", uncertainty.expanded());
        VectorStatistic.isSame(row, "u_place_um", uncertainty.place());
        VectorStatistic.isSame(row, "u_diff_um", uncertainty.difference());
        assertThat(uncertainty.largest().map(UncertaintySource::code).orElse(""))
                .isEqualTo(row.get("largest"));
    }

    private static Length micrometres(VectorRow row, String column) {
        return Length.of(new BigDecimal(row.get(column)), LengthUnit.MICROMETRE);
    }

    private static double number(VectorRow row, String column) {
        return Double.parseDouble(row.get(column));
    }
}
