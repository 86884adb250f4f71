package jawread.core.limit;

import static jawread.core.length.LengthUnit.INCH;
import static jawread.core.length.LengthUnit.MILLIMETRE;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands in a plan beside the limits of a new part. */
class PlannedLimitsTest {
    private static final Optional<Limits> SHAFT =
            Optional.of(Limits.of(Length.ofMillimetres("43.961"), Length.ofMillimetres("44")));

    @ParameterizedTest
    @CsvSource({
        "43.90, OUTSIDE, accepted",
        "43.961, OUTSIDE, accepted",
        "43.97, OUTSIDE, service-above-new",
        "44.1, BORE, accepted",
        "43.99, BORE, service-below-new",
        "44, CENTRE_DISTANCE, does-not-wear",
        "x, OUTSIDE, no-number"
    })
    void a_service_limit_lies_where_wear_leads(String text, FeatureKind kind, String became) {
        assertThat(codeOf(ServiceLimit.parse(text, MILLIMETRE, kind, SHAFT))).isEqualTo(became);
    }

    @Test
    void a_service_limit_stands_alone_where_nobody_knows_the_new_size() {
        assertThat(codeOf(ServiceLimit.parse("44.2", MILLIMETRE, FeatureKind.OUTSIDE, Optional.empty())))
                .isEqualTo("accepted");
    }

    @Test
    void a_drawings_roundness_is_half_of_a_difference_of_diameters() {
        assertThat(FormLimit.parse("0.0020", INCH).orThrow().asDifference()).isEqualTo(Length.ofInches("0.002"));
        assertThat(FormLimit.parse("round 0.0010", INCH).orThrow().asDifference())
                .isEqualTo(Length.ofInches("0.002"));
        assertThat(codeOf(FormLimit.parse("0", INCH))).isEqualTo("form-limit-zero");
    }

    @ParameterizedTest
    @CsvSource({
        "+0.060 +0.030, BORE, 0.03;0.06",
        "0.25; 0.5, OUTSIDE, 0.25;0.5",
        "-0.25 -0.50, OUTSIDE, 0.25;0.5",
        "+0.25, OUTSIDE, step-wrong-way-shaft",
        "-0.25, BORE, step-wrong-way-hole",
        "0, BORE, step-zero",
        "0.25, RUNOUT, no-steps"
    })
    void steps_go_the_way_metal_can_be_taken(String text, FeatureKind kind, String became) {
        assertThat(SizeSteps.parse(text, MILLIMETRE, kind)
                        .<String>fold(
                                of -> of.steps().stream()
                                        .map(step -> step.in(MILLIMETRE)
                                                .stripTrailingZeros()
                                                .toPlainString())
                                        .collect(Collectors.joining(";")),
                                Refusal::code))
                .isEqualTo(became);
    }

    @ParameterizedTest
    @CsvSource({
        "A 20.000/20.005; B 20.005/20.010, accepted",
        "A 20.000/20.005; A 20.005/20.010, grade-twice",
        "20.000/20.005, grade-without-stamp",
        "A 20.000/x, limits-not-understood"
    })
    void grades_are_stamped_each_once(String text, String became) {
        assertThat(codeOf(SizeGrades.parse(text, TitleBlock.in(MILLIMETRE), FeatureKind.BORE)))
                .isEqualTo(became);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "32.000 / 31.938 | MILLIMETRE | turned",
                "3.2500 +0.0018/0 | MILLIMETRE | inch-looking",
                "1 3/8 / 1 1/2 | MILLIMETRE | inch-looking",
                "3.2500 in +0.0018/0 | MILLIMETRE | ''",
                "0.02 / 0.03 | MILLIMETRE | wide-zone?",
                "31.938 / 32.000 | MILLIMETRE | ''",
                "25.00 ± 0.05 | INCH | millimetre-looking",
                "25.00 mm ± 0.05 | INCH | ''",
                "3.2500 +0.0018/0 | INCH | ''",
                "1.25 H8 | INCH | class-is-metric",
                "25 +8/-3 | MILLIMETRE | micrometres-meant",
                "25 +8/-3 µm | MILLIMETRE | ''",
                "25 H7 (+0.021/0) | MILLIMETRE | ''",
                "25 H7 (+0.031/0) | MILLIMETRE | class-differs",
                "2X 25 ± 0.1 TYP | MILLIMETRE | left-out",
                "25 +0.2/-2.5 | MILLIMETRE | wide-zone"
            })
    void what_is_doubtful_is_told(String text, LengthUnit unit, String doubts) {
        FeatureKind kind = text.contains("H") ? FeatureKind.BORE : FeatureKind.OUTSIDE;
        TypedLimits typed = TypedLimits.parse(text, TitleBlock.in(unit), kind).orThrow();
        List<String> found =
                LimitDoubt.of(text, typed, unit).stream().map(LimitDoubt::code).toList();
        // A size under 3 mm has a wide zone by its nature, and is left in peace.
        assertThat(String.join(" ", found)).isEqualTo(doubts.endsWith("?") ? "" : doubts);
    }

    private static String codeOf(Outcome<?> outcome) {
        return outcome.fold(value -> "accepted", Refusal::code);
    }
}
