package jawread.core.limit;

import static jawread.core.length.LengthUnit.MILLIMETRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedLimitsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "31.938 / 32.000 | 31.938 | 32",
                "31.938/32.000   | 31.938 | 32",
                "31,938 / 32,000 | 31.938 | 32",
                "32.000 to 31.938 | 31.938 | 32",
                "31.938 – 32.000 | 31.938 | 32",
                "118 ± 0.2       | 117.8  | 118.2",
                "118 +/- 0.2     | 117.8  | 118.2",
                "118 +- 200 um   | 117.8  | 118.2",
                "1 3/8 / 1 1/2   | 1.375  | 1.5",
                "1 in / 1.5 in   | 25.4   | 38.1"
            })
    void forms_in_use_are_understood(String text, String low, String high) {
        Limits limits = TypedLimits.parse(text, MILLIMETRE).orThrow().limits();
        assertThat(limits).isEqualTo(Limits.of(Length.ofMillimetres(low), Length.ofMillimetres(high)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "82.55 +0.045/0       | OUTSIDE | 82.55  | 82.595",
                "82.55 +0.045 / -0.01 | OUTSIDE | 82.54  | 82.595",
                "82.55 +0.045 -0.01   | OUTSIDE | 82.54  | 82.595",
                "82.55 -0,01/+0,045   | OUTSIDE | 82.54  | 82.595",
                "40 -0.01/-0.03       | OUTSIDE | 39.97  | 39.99",
                "40 +0.03/+0.01       | OUTSIDE | 40.01  | 40.03",
                "3.2470 in -0.0012    | OUTSIDE | 82.44332 | 82.4738",
                "1-3/8 in +2 thou/0   | OUTSIDE | 34.925 | 34.9758",
                "25 k6                | OUTSIDE | 25.002 | 25.015",
                "16 H7                | BORE    | 16     | 16.018",
                "44 H8/f7             | BORE    | 44     | 44.039",
                "44 H8/f7             | OUTSIDE | 43.95  | 43.975",
                "1.25 in H8           | BORE    | 31.75  | 31.789"
            })
    void deviations_classes_and_fits_are_understood(String text, FeatureKind kind, String low, String high) {
        Limits limits = TypedLimits.parse(text, TitleBlock.in(MILLIMETRE), kind)
                .orThrow()
                .limits();
        assertThat(limits).isEqualTo(Limits.of(Length.ofMillimetres(low), Length.ofMillimetres(high)));
    }

    @ParameterizedTest
    @CsvSource({
        "min 12, true",
        "12 min, true",
        "12 min., true",
        "≥ 12, true",
        ">=12, true",
        "max 12, false",
        "12 MAX, false",
        "≤12, false"
    })
    void one_limit_alone_is_understood(String text, boolean smallest) {
        Length twelve = Length.ofMillimetres("12");
        assertThat(TypedLimits.parse(text, MILLIMETRE).orThrow().limits())
                .isEqualTo(smallest ? Limits.atLeast(twelve) : Limits.atMost(twelve));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "118 m           | 117.7 | 118.3",
                "118 ISO 2768-f  | 117.85 | 118.15",
                "118 ISO 2768-mK | 117.7 | 118.3",
                "Ø 118           | 117.2 | 118.8",
                "1.25 in         | 31.623 | 31.877",
                "1.250 in        | 31.623 | 31.877",
                "1.5 in          | 37.3 | 38.9"
            })
    void a_size_without_a_tolerance_takes_that_of_the_title_block(String text, String low, String high) {
        var fiveThou = Length.ofInches("0.005");
        var block = new TitleBlock(MILLIMETRE, Optional.of(GeneralTolerance.COARSE), Map.of(2, fiveThou, 3, fiveThou));
        assertThat(TypedLimits.parse(text, block, FeatureKind.OUTSIDE).orThrow().limits())
                .isEqualTo(Limits.of(Length.ofMillimetres(low), Length.ofMillimetres(high)));
    }

    @Test
    void a_bare_figure_for_a_runout_is_the_largest_allowed() {
        assertThat(TypedLimits.parse("0.02", TitleBlock.in(MILLIMETRE), FeatureKind.RUNOUT)
                        .orThrow()
                        .limits())
                .isEqualTo(Limits.atMost(Length.ofMillimetres("0.02")));
    }

    @Test
    void of_a_fit_the_mating_part_is_known_too() {
        TypedLimits bush = TypedLimits.parse("44 H8/f7", TitleBlock.in(MILLIMETRE), FeatureKind.BORE)
                .orThrow();
        assertThat(bush.fit().flatMap(Fit::shaft))
                .contains(Limits.of(Length.ofMillimetres("43.950"), Length.ofMillimetres("43.975")));
        assertThat(bush.nominal()).contains(Length.ofMillimetres("44"));
    }

    @Test
    void limits_the_wrong_way_round_are_turned_and_said() {
        assertThat(TypedLimits.parse("32.000 / 31.938", MILLIMETRE).orThrow().turned())
                .isTrue();
        assertThat(TypedLimits.parse("31.938 / 32.000", MILLIMETRE).orThrow().turned())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "32 | no-tolerance",
                "2 ± 3 | limit-below-zero",
                "4200 m | size-not-in-tables",
                "32 ± x | no-number",
                "'' | empty",
                "31.9 / 3.2.0 | limits-not-understood",
                "25 +0.1/x | limits-not-understood",
                "25 H7 | class-of-a-hole",
                "25 zc6 | letter-not-supported",
                "25 k17 | grade-not-in-tables",
                "min | limits-not-understood"
            })
    void what_is_not_understood_is_refused_by_name(String text, String code) {
        assertThat(TypedLimits.parse(text, MILLIMETRE).<String>fold(typed -> typed.toString(), Refusal::code))
                .isEqualTo(code);
    }

    @Test
    void limits_need_an_order_and_at_least_one_side() {
        assertThatThrownBy(() -> Limits.of(Length.ofMillimetres("2"), Length.ofMillimetres("1")))
                .hasMessageContaining("above the high limit");
        assertThatThrownBy(() -> new Limits(Optional.empty(), Optional.empty())).hasMessageContaining("neither");
    }
}
