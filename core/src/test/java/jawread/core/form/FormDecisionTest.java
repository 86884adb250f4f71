package jawread.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jawread.core.form.FormDecision.Word;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FormLimit;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import org.junit.jupiter.api.Test;

class FormDecisionTest {
    @Test
    void every_form_figure() {
        VectorFile.of(
                        "form-decisions",
                        "figure_um",
                        "places",
                        "limit_um",
                        "radial",
                        "u_place_um",
                        "guard_pm",
                        "range_guard_pm",
                        "verdict",
                        "cannot_prove",
                        "not_larger_than_seen")
                .runAll(row -> {
                    var decision = FormDecision.of(
                            DecisionRule.GUARDED,
                            micrometres(row, "figure_um"),
                            Integer.parseInt(row.get("places")),
                            Optional.of(new FormLimit(micrometres(row, "limit_um"), row.yes("radial"))),
                            Double.parseDouble(row.get("u_place_um")));
                    assertThat(decision.guard().picometres()).isEqualTo(Long.parseLong(row.get("guard_pm")));
                    assertThat(decision.seen().picometres()).isEqualTo(Long.parseLong(row.get("range_guard_pm")));
                    assertThat(decision.word().orElseThrow().code()).isEqualTo(row.get("verdict"));
                    assertThat(decision.cannotProve()).isEqualTo(row.yes("cannot_prove"));
                    assertThat(decision.isNotLargerThanSeen()).isEqualTo(row.yes("not_larger_than_seen"));
                });
    }

    private static Length micrometres(VectorRow row, String column) {
        return Length.of(new BigDecimal(row.get(column)), LengthUnit.MICROMETRE);
    }

    /** d = 50 + 0.010·cos 2(θ − 45°): two axes at 0° and 90° see none of it. */
    private static FormSizes ovalAt45(String... degrees) {
        List<BigDecimal> axes = List.of(degrees).stream().map(BigDecimal::new).toList();
        return new FormSizes(
                List.of(Optional.empty()),
                axes,
                List.of(axes.stream()
                        .map(axis -> 2 * Math.toRadians(axis.doubleValue() - 45))
                        .map(angle ->
                                Optional.of(Length.ofMillimetres("50").plus(Length.nearest(10 * Math.cos(angle)))))
                        .toList()));
    }

    private static OutOfRound around(FormSizes sizes) {
        return FeatureForm.of(sizes, Wears.LARGER, 1, Length.ofMicrometres(1))
                .around()
                .get(0);
    }

    @Test
    void an_oval_between_two_axes_shows_nothing_and_a_third_axis_shows_it_whole() {
        OutOfRound two = around(ovalAt45("0", "90"));
        assertThat(two.difference()).contains(Length.ZERO);
        assertThat(two.ellipse().map(Ellipse::longAxis)).contains(OptionalDouble.empty());
        assertThat(around(ovalAt45("0", "80")).ellipse()).as("askew").isEmpty();
        assertThat(two.wantsThirdAxis(Length.ofMicrometres(3))).isTrue();

        OutOfRound three = around(ovalAt45("0", "90", "45"));
        assertThat(three.wantsThirdAxis(Length.ofMicrometres(3))).isFalse();
        assertThat(three.difference()).contains(Length.ofMicrometres(10));
        assertThat(three.fit().orElseThrow().length()).isEqualTo(Length.ofMicrometres(20));
        assertThat(three.fit().orElseThrow().longAxis()).hasValue(45);
    }

    @Test
    void two_axes_that_differ_by_what_honest_readings_do_want_no_third() {
        OutOfRound around = around(new FormSizes(
                List.of(Optional.empty()),
                List.of(BigDecimal.ZERO, new BigDecimal("270.0")),
                List.of(List.of(
                        Optional.of(Length.ofMillimetres("50.003")), Optional.of(Length.ofMillimetres("50"))))));
        assertThat(around.isCrossed()).isTrue();
        // All that crossed axes can tell of: an ellipse along them.
        Ellipse along = around.ellipse().orElseThrow();
        assertThat(along.mean()).isEqualTo(Length.ofMillimetres("50.0015"));
        assertThat(along.micrometres()).isEqualTo(3);
        assertThat(along.longAxis()).hasValue(0);
        assertThat(around.wantsThirdAxis(Length.ofMicrometres(3))).isFalse();
        assertThat(around.wantsThirdAxis(Length.ofMicrometres(4))).isTrue();
    }

    @Test
    void a_fit_is_guarded_by_how_well_its_axes_hold_it() {
        var even = around(ovalAt45("0", "45", "90", "135")).fit().orElseThrow();
        assertThat(even.standard(1)).isCloseTo(Math.sqrt(2), org.assertj.core.api.Assertions.within(1e-12));
        // Three axes close together hardly hold the ellipse, and closer ones not at all.
        var narrow = around(ovalAt45("0", "34", "68")).fit().orElseThrow();
        assertThat(narrow.standard(1)).isBetween(2.5, 5.0);
        assertThat(around(ovalAt45("0", "10", "20")).fit()).isEmpty();

        var limit = Optional.of(new FormLimit(Length.ofMicrometres(15), false));
        assertThat(FormDecision.of(DecisionRule.GUARDED, even, limit, 1).word()).contains(Word.OUT);
        assertThat(FormDecision.of(DecisionRule.GUARDED, narrow, limit, 4).word())
                .contains(Word.TOO_CLOSE);
        assertThat(FormDecision.of(DecisionRule.GUARDED, narrow, limit, 4).cannotProve())
                .isTrue();
        assertThat(FormDecision.of(DecisionRule.PLAIN, narrow, limit, 4).word()).contains(Word.OUT);
        assertThat(FormDecision.of(DecisionRule.GUARDED, even, Optional.empty(), 1)
                        .word())
                .isEmpty();
    }

    @Test
    void one_section_and_one_axis_give_what_can_be_said() {
        var form = FeatureForm.of(
                new FormSizes(
                        List.of(Optional.empty()),
                        List.of(BigDecimal.ZERO),
                        List.of(List.of(Optional.of(Length.ofMillimetres("50"))))),
                Wears.SMALLER,
                1,
                Length.ofMicrometres(1));
        assertThat(form.around().get(0).difference()).isEmpty();
        assertThat(form.taper()).isEmpty();
        assertThat(form.down().get(0).shape()).isEmpty();
        assertThat(form.spread()).isEqualTo(Length.ZERO);
    }

    @Test
    void a_taper_without_depths_has_no_slope() {
        var form = FeatureForm.of(
                new FormSizes(
                        List.of(Optional.empty(), Optional.empty()),
                        List.of(BigDecimal.ZERO),
                        List.of(
                                List.of(Optional.of(Length.ofMillimetres("50"))),
                                List.of(Optional.of(Length.ofMillimetres("50.02"))))),
                Wears.SMALLER,
                1,
                Length.ofMicrometres(1));
        assertThat(form.taper()).contains(Length.ofMicrometres(20));
        assertThat(form.down().get(0).slope()).isEmpty();
        assertThat(form.down().get(0).over(Length.ofMicrometres(1))).isEmpty();
    }
}
