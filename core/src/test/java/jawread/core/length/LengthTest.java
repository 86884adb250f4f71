package jawread.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import org.junit.jupiter.api.Test;

class LengthTest {
    @Test
    void an_inch_and_a_millimetre_are_whole_picometres() {
        assertThat(Length.ofInches("1").picometres()).isEqualTo(25_400_000_000L);
        assertThat(Length.ofMillimetres("1").picometres()).isEqualTo(1_000_000_000L);
        assertThat(Length.ofInches("0.0078125").times(128)).isEqualTo(Length.ofInches("1"));
    }

    /** Other figures are made of it, and how many digits it has decides how many they show. */
    @Test
    void a_figure_in_millimetres_is_what_a_division_leaves() {
        for (long picometres :
                new long[] {0, 1, -1, 10, 25_400_000_000L, 1_000_000_000L, 32_221_500_000L, -40, 7_000}) {
            BigDecimal divided =
                    BigDecimal.valueOf(picometres).divide(BigDecimal.valueOf(1_000_000_000L), MathContext.DECIMAL128);
            assertThat(Length.ofPicometres(picometres).in(LengthUnit.MILLIMETRE))
                    .isEqualTo(divided);
            assertThat(Length.ofPicometres(picometres).micrometres())
                    .isEqualTo(divided.movePointRight(3).doubleValue());
        }
    }

    @Test
    void halves_and_means_round_half_to_even() {
        assertThat(Length.ofPicometres(5).half()).isEqualTo(Length.ofPicometres(2));
        assertThat(Length.ofPicometres(7).half()).isEqualTo(Length.ofPicometres(4));
        assertThat(Length.ofPicometres(-5).half()).isEqualTo(Length.ofPicometres(-2));
        assertThat(Length.meanOf(List.of(Length.ofPicometres(1), Length.ofPicometres(2))))
                .isEqualTo(Length.ofPicometres(2));
        assertThat(Length.medianOf(List.of(Length.ofPicometres(9), Length.ofPicometres(1), Length.ofPicometres(4))))
                .isEqualTo(Length.ofPicometres(4));
    }

    @Test
    void a_mean_of_the_largest_sizes_does_not_overflow() {
        var largest = Length.ofPicometres(Long.MAX_VALUE);
        assertThat(Length.meanOf(List.of(largest, largest, largest))).isEqualTo(largest);
    }

    @Test
    void sums_that_do_not_fit_are_refused_not_wrapped() {
        assertThatThrownBy(() -> Length.ofPicometres(Long.MAX_VALUE).plus(Length.ofPicometres(1)))
                .isInstanceOf(ArithmeticException.class);
    }

    @Test
    void half_a_picometre_is_refused() {
        assertThatThrownBy(() -> Length.of(new BigDecimal("0.0000000005"), LengthUnit.MILLIMETRE))
                .isInstanceOf(ArithmeticException.class);
    }

    @Test
    void a_mean_of_nothing_is_a_broken_contract() {
        assertThatThrownBy(() -> Length.meanOf(List.of())).hasMessageContaining("at least one");
    }

    @Test
    void a_fraction_that_is_no_whole_picometre_is_refused_in_small_units_too() {
        var outcome = TypedLength.parse("1/512 um", LengthUnit.MILLIMETRE, TypedLength.Kind.SIZE);
        assertThat(outcome.<String>fold(typed -> typed.toString(), Refusal::code))
                .isEqualTo("bad-denominator");
    }

    @Test
    void a_long_line_of_nonsense_is_no_number_and_costs_nothing() {
        var outcome = TypedLength.parse("7".repeat(100_000), LengthUnit.INCH, TypedLength.Kind.SIZE);
        assertThat(outcome.<String>fold(typed -> typed.toString(), Refusal::code))
                .isEqualTo("no-number");
    }
}
