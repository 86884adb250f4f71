package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorStatistic;
import org.junit.jupiter.api.Test;

class TrialStudyVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "trial-study",
                        "what",
                        "readings_mm",
                        "certified_mm",
                        "um_um",
                        "tolerance_mm",
                        "bias_um",
                        "s_um",
                        "t975",
                        "threshold_um",
                        "significant",
                        "holds_um",
                        "p_interaction",
                        "pooled",
                        "repeatability_um",
                        "operator_um",
                        "interaction_um",
                        "reproducibility_um",
                        "part_um",
                        "grr_um",
                        "percent_of_tolerance",
                        "ndc",
                        "error")
                .runAll(row -> {
                    switch (row.get("what")) {
                        case "trial" -> trial(row);
                        case "study" -> study(row);
                        default -> throw new IllegalArgumentException(row.get("what"));
                    }
                });
    }

    private static void trial(VectorRow row) {
        KnownSizeTrial trial = KnownSizeTrial.of(
                        lengths(row.get("readings_mm")),
                        Length.ofMillimetres(row.get("certified_mm")),
                        Length.of(new BigDecimal(row.get("um_um")), LengthUnit.MICROMETRE))
                .orThrow();
        VectorStatistic.isSame(row, "bias_um", trial.bias());
        VectorStatistic.isSame(row, "s_um", trial.deviation());
        VectorStatistic.isSame(row, "t975", trial.student());
        VectorStatistic.isSame(row, "threshold_um", trial.threshold());
        VectorStatistic.isSame(row, "holds_um", trial.holds());
        assertThat(trial.isBiased()).isEqualTo(row.yes("significant"));
    }

    private static void study(VectorRow row) {
        Outcome<PeopleStudy> outcome =
                PeopleStudy.of(Arrays.stream(row.get("readings_mm").split("\\|"))
                        .map(part -> Arrays.stream(part.split("/"))
                                .map(TrialStudyVectorsTest::lengths)
                                .toList())
                        .toList());
        if (row.has("error")) {
            assertThat(outcome.<String>fold(study -> "", refusal -> refusal.code()))
                    .isEqualTo(row.get("error"));
            return;
        }
        PeopleStudy study = outcome.orThrow();
        if (row.has("ndc")) {
            VectorStatistic.isSame(
                    row, "p_interaction", study.interactionChance().orElseThrow());
            assertThat(study.isPooled()).isEqualTo(row.yes("pooled"));
            assertThat(study.distinctSizes().orElseThrow()).isEqualTo(Integer.parseInt(row.get("ndc")));
        } else {
            assertThat(study.distinctSizes()).isEmpty();
        }
        VectorStatistic.isSame(row, "repeatability_um", study.repeatability());
        VectorStatistic.isSame(row, "operator_um", study.person());
        VectorStatistic.isSame(row, "interaction_um", study.interaction());
        VectorStatistic.isSame(row, "reproducibility_um", study.reproducibility());
        VectorStatistic.isSame(row, "part_um", study.part());
        VectorStatistic.isSame(row, "grr_um", study.measuring());
        VectorStatistic.isSame(
                row, "percent_of_tolerance", study.percentOf(Length.ofMillimetres(row.get("tolerance_mm"))));
    }

    private static List<Length> lengths(String list) {
        return Arrays.stream(list.split(";")).map(Length::ofMillimetres).toList();
    }
}
