package jawread.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import jawread.core.vectors.VectorStatistic;
import org.junit.jupiter.api.Test;

class FormVectorsTest {
    private static final double MICROMETRES = 1e-6;
    private static final double DEGREES = 1e-6;

    @Test
    void every_feature() {
        VectorFile.of(
                        "form",
                        "feature",
                        "unit",
                        "z",
                        "angles",
                        "places",
                        "u_place_um",
                        "resolution",
                        "threshold_pm",
                        "out_of_round_pm",
                        "ovality_um",
                        "long_axis_deg",
                        "taper_pm",
                        "feature_taper_pm",
                        "end_difference_pm",
                        "slope_um_per_mm",
                        "included_angle_deg",
                        "shape",
                        "mean_pm",
                        "largest_pm",
                        "smallest_pm",
                        "spread_pm")
                .runAll(row -> {
                    var form = FeatureForm.of(
                            FormRows.sizes(row),
                            FormRows.wears(row),
                            Double.parseDouble(row.get("u_place_um")),
                            VectorLength.in(row, "resolution"));
                    around(row, form.around());
                    down(row, form.down());
                    assertThat(VectorLength.pm(form.taper())).isEqualTo(row.get("feature_taper_pm"));
                    assertThat(form.mean().picometres()).isEqualTo(Long.parseLong(row.get("mean_pm")));
                    assertThat(form.largest().picometres()).isEqualTo(Long.parseLong(row.get("largest_pm")));
                    assertThat(form.smallest().picometres()).isEqualTo(Long.parseLong(row.get("smallest_pm")));
                    assertThat(form.spread().picometres()).isEqualTo(Long.parseLong(row.get("spread_pm")));
                });
    }

    private static void around(VectorRow row, List<OutOfRound> around) {
        assertThat(VectorLength.pmList(
                        around.stream().map(OutOfRound::difference).toList()))
                .isEqualTo(row.get("out_of_round_pm"));
        each(row, "ovality_um", around.size(), (i, written) -> {
            assertThat(around.get(i).fit().isPresent()).isEqualTo(written.isPresent());
            written.ifPresent(ovality -> assertThat(around.get(i).fit().get().micrometres())
                    .isCloseTo(Double.parseDouble(ovality), within(MICROMETRES)));
        });
        each(row, "long_axis_deg", around.size(), (i, written) -> {
            OptionalDouble axis = around.get(i).fit().map(Ovality::longAxis).orElse(OptionalDouble.empty());
            assertThat(axis.isPresent()).isEqualTo(written.isPresent());
            written.ifPresent(degrees -> {
                double apart = Math.abs(axis.getAsDouble() - Double.parseDouble(degrees)) % 180;
                assertThat(Math.min(apart, 180 - apart)).isLessThan(DEGREES);
            });
        });
    }

    private static void down(VectorRow row, List<AxisForm> down) {
        assertThat(VectorLength.pmList(down.stream()
                        .map(axis -> axis.taper().map(measured -> axis.threshold()))
                        .toList()))
                .isEqualTo(row.get("threshold_pm"));
        assertThat(VectorLength.pmList(down.stream().map(AxisForm::taper).toList()))
                .isEqualTo(row.get("taper_pm"));
        assertThat(VectorLength.pmList(
                        down.stream().map(AxisForm::endDifference).toList()))
                .isEqualTo(row.get("end_difference_pm"));
        each(
                row,
                "slope_um_per_mm",
                down.size(),
                (i, written) -> same("slope", written, down.get(i).slope()));
        each(
                row,
                "included_angle_deg",
                down.size(),
                (i, written) -> same("angle", written, down.get(i).includedAngle()));
        assertThat(down.stream()
                        .map(axis -> axis.shape().map(Shape::code).orElse(""))
                        .collect(Collectors.joining(";")))
                .isEqualTo(row.get("shape"));
    }

    private static void same(String what, Optional<String> written, OptionalDouble figure) {
        assertThat(figure.isPresent()).as(what).isEqualTo(written.isPresent());
        written.ifPresent(text -> VectorStatistic.isSame(what, Double.parseDouble(text), figure.getAsDouble()));
    }

    private interface Item {
        void check(int index, Optional<String> written);
    }

    private static void each(VectorRow row, String column, int count, Item item) {
        String[] written = row.get(column).split(";", -1);
        assertThat(written).as(column).hasSize(count);
        for (int i = 0; i < count; i++) {
            item.check(i, Optional.of(written[i]).filter(text -> !text.isEmpty()));
        }
    }

    @Test
    void every_wear() {
        VectorFile.of(
                        "wear",
                        "feature",
                        "reference",
                        "unit",
                        "reference_size",
                        "as_new_lo",
                        "as_new_hi",
                        "angles",
                        "places",
                        "wear_pm",
                        "worst_section",
                        "worst_axis",
                        "worst_pm",
                        "at_least_pm",
                        "at_most_pm",
                        "half_pm",
                        "one_side")
                .runAll(row -> {
                    FormSizes sizes = FormRows.sizesOnly(row);
                    WearReference reference = row.get("reference").equals("as-new")
                            ? WearReference.asNew(VectorLength.in(row, "as_new_lo"), VectorLength.in(row, "as_new_hi"))
                            : WearReference.of(
                                    Arrays.stream(WearReference.Kind.values())
                                            .filter(kind -> kind.code().equals(row.get("reference")))
                                            .findFirst()
                                            .orElseThrow(),
                                    VectorLength.in(row, "reference_size"));
                    Wear wear = Wear.of(sizes, FormRows.wears(row), reference, FormRows.step(row));
                    assertThat(FormRows.byPlace(wear, sizes)).isEqualTo(row.get("wear_pm"));
                    assertThat(wear.worst().section() + 1).isEqualTo(Integer.parseInt(row.get("worst_section")));
                    assertThat(wear.worst().axis() + 1).isEqualTo(Integer.parseInt(row.get("worst_axis")));
                    assertThat(pm(wear.worst().wear())).isEqualTo(row.get("worst_pm"));
                    assertThat(VectorLength.pm(wear.reach().map(Wear.Reach::atLeast)))
                            .isEqualTo(row.get("at_least_pm"));
                    assertThat(VectorLength.pm(wear.reach().map(Wear.Reach::atMost)))
                            .isEqualTo(row.get("at_most_pm"));
                    assertThat(pm(wear.half())).isEqualTo(row.get("half_pm"));
                    assertThat(wear.isOneSided() ? "up-to-all" : "half").isEqualTo(row.get("one_side"));
                });
    }

    @Test
    void every_v_block() {
        VectorFile.of("vblock", "lobes", "angle_deg", "unit", "spread", "lobe_height_pm", "error")
                .runAll(row -> {
                    String said = VBlock.lobeHeight(
                                    Integer.parseInt(row.get("lobes")),
                                    new BigDecimal(row.get("angle_deg")),
                                    VectorLength.in(row, "spread"))
                            .fold(FormVectorsTest::pm, refusal -> refusal.code());
                    assertThat(said).isEqualTo(row.has("error") ? row.get("error") : row.get("lobe_height_pm"));
                });
    }

    @Test
    void every_runout() {
        VectorFile.of("runout", "unit", "readings", "tir_pm", "bend_pm", "largest_tir_pm", "worst_section")
                .runAll(row -> {
                    Runout runout = Runout.of(Arrays.stream(row.get("readings").split("\\|"))
                            .map(section -> Arrays.stream(section.split(";"))
                                    .map(item -> Length.of(new BigDecimal(item), VectorLength.unit(row.get("unit"))))
                                    .toList())
                            .toList());
                    assertThat(pms(runout.readings())).isEqualTo(row.get("tir_pm"));
                    assertThat(pms(runout.bends())).isEqualTo(row.get("bend_pm"));
                    assertThat(pm(runout.largest())).isEqualTo(row.get("largest_tir_pm"));
                    assertThat(runout.worst() + 1).isEqualTo(Integer.parseInt(row.get("worst_section")));
                });
    }

    private static String pm(Length length) {
        return Long.toString(length.picometres());
    }

    private static String pms(List<Length> lengths) {
        return lengths.stream().map(FormVectorsTest::pm).collect(Collectors.joining(";"));
    }
}
