package jawread.core.misread;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class MisreadVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "misread-recognition",
                        "scale",
                        "base",
                        "unit",
                        "parts",
                        "true_pm",
                        "slip",
                        "variant",
                        "forward",
                        "wrong_pm",
                        "typed",
                        "ref",
                        "rho_pm",
                        "band_pm",
                        "named",
                        "r_prime_pm")
                .runAll(row -> {
                    slips(row);
                    recognises(row);
                });
    }

    private static void slips(VectorRow row) {
        TrueReading here = TrueReading.of(scaleOf(row), VectorLength.in(row, "base"), Parts.parse(row.get("parts")));
        assertThat(here.value()).isEqualTo(pm(row, "true_pm"));
        if (row.yes("forward")) {
            assertThat(Slips.madeAt(here)
                            .filter(slip -> isSlipOf(row, slip))
                            .map(slip -> slip.read().picometres()))
                    .as("what %s %s reads here", row.get("slip"), row.get("variant"))
                    .containsExactly(pm(row, "wrong_pm").picometres());
        }
    }

    /** A half line that is missed is a line that is missed: the file names some of them so. */
    private static boolean isSlipOf(VectorRow row, Misread slip) {
        String code = slip.slip().code();
        boolean isHalf = code.equals("missed-half") && row.get("slip").equals("missed-line");
        return (code.equals(row.get("slip")) || isHalf) && slip.variant().equals(row.get("variant"));
    }

    private static void recognises(VectorRow row) {
        var kept = new KeptReading(
                scaleOf(row),
                VectorLength.in(row, "base"),
                pm(row, "wrong_pm"),
                row.has("typed") ? Optional.of(row.get("typed")) : Optional.empty(),
                VectorLength.unit(row.get("unit")));
        var reference = new Reference(
                Reference.Kind.valueOf(row.get("ref").toUpperCase(Locale.ROOT)), pm(row, "rho_pm"), pm(row, "band_pm"));
        Recognition recognition = Recognition.of(kept, reference);
        Optional<Explanation> named = recognition.explanations().stream().findFirst();
        assertThat(
                        recognition.agrees()
                                ? "ok"
                                : named.map(slip -> slip.slip().code()).orElse("none"))
                .isEqualTo(row.get("named"));
        assertThat(VectorLength.pm(named.map(Explanation::shouldBe))).isEqualTo(row.get("r_prime_pm"));
    }

    private static Scale scaleOf(VectorRow row) {
        return Scales.of(row.get("scale")).orElseThrow();
    }

    private static Length pm(VectorRow row, String column) {
        return Length.ofPicometres(Long.parseLong(row.get(column)));
    }
}
