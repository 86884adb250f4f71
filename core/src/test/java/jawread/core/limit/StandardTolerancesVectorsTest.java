package jawread.core.limit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class StandardTolerancesVectorsTest {
    @Test
    void every_fit() {
        VectorFile.of(
                        "fits",
                        "text",
                        "default_unit",
                        "nominal_pm",
                        "hole_lo_pm",
                        "hole_hi_pm",
                        "shaft_lo_pm",
                        "shaft_hi_pm",
                        "clearance_min_pm",
                        "clearance_max_pm",
                        "word",
                        "error")
                .runAll(row -> assertThat(fit(row))
                        .containsExactly(
                                row.get("nominal_pm"),
                                row.get("hole_lo_pm"),
                                row.get("hole_hi_pm"),
                                row.get("shaft_lo_pm"),
                                row.get("shaft_hi_pm"),
                                row.get("clearance_min_pm"),
                                row.get("clearance_max_pm"),
                                row.get("word"),
                                row.get("error")));
    }

    private static List<String> fit(VectorRow row) {
        return Fit.parse(row.get("text"), VectorLength.unit(row.get("default_unit")))
                .fold(
                        fit -> List.of(
                                String.valueOf(fit.nominal().picometres()),
                                VectorLength.pm(fit.hole().flatMap(Limits::low)),
                                VectorLength.pm(fit.hole().flatMap(Limits::high)),
                                VectorLength.pm(fit.shaft().flatMap(Limits::low)),
                                VectorLength.pm(fit.shaft().flatMap(Limits::high)),
                                VectorLength.pm(fit.smallestClearance()),
                                VectorLength.pm(fit.largestClearance()),
                                fit.word().map(Fit.Word::code).orElse(""),
                                ""),
                        refusal -> List.of("", "", "", "", "", "", "", "", refusal.code()));
    }

    @Test
    void every_general_tolerance() {
        VectorFile.of("iso2768", "nominal_mm", "class", "plus_minus_pm", "error")
                .runAll(row -> {
                    Length nominal = Length.ofMillimetres(row.get("nominal_mm"));
                    Outcome<Length> found =
                            GeneralTolerance.of(row.get("class")).then(each -> each.at(nominal));
                    String got = found.fold(width -> width.picometres() + "|", refusal -> "|" + refusal.code());
                    assertThat(got).isEqualTo(row.get("plus_minus_pm") + "|" + row.get("error"));
                });
    }
}
