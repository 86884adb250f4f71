package jawread.core.length;

import static jawread.core.length.LengthUnit.INCH;
import static jawread.core.length.LengthUnit.MILLIMETRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FigureTest {
    private static final Length MICROMETRE = Length.ofMicrometres(1);
    private static final Length TENTH = Length.ofInches("0.0001");

    @Test
    void a_reading_keeps_the_decimals_of_its_resolution() {
        assertThat(Figure.ofReading(Length.ofMillimetres("32.17"), MILLIMETRE, MICROMETRE))
                .hasToString("32.170 mm");
        assertThat(Figure.ofReading(Length.ofMillimetres("46.74"), MILLIMETRE, Length.ofMicrometres(20)))
                .hasToString("46.74 mm");
    }

    @Test
    void a_reading_loses_no_digit_it_has() {
        Length eighth = Length.ofInches("0.125");
        assertThat(Figure.ofReading(Length.ofInches("1.375"), INCH, eighth)).hasToString("1.375 in");
        assertThat(Figure.ofReading(Length.ofInches("1.375"), MILLIMETRE, eighth))
                .hasToString("34.925 mm");
        assertThat(Figure.ofReading(Length.ofMillimetres("32.174"), INCH, MICROMETRE))
                .hasToString("1.26669 in");
    }

    @Test
    void a_computed_value_shows_one_decimal_beyond_the_resolution() {
        assertThat(Figure.ofComputed(Length.ofMillimetres("32.1705"), MILLIMETRE, MICROMETRE, List.of()))
                .hasToString("32.1705 mm");
    }

    @Test
    void digits_never_put_a_value_on_the_other_side_of_a_limit_or_on_it() {
        List<Length> limits = List.of(Length.ofMillimetres("25.015"));
        assertThat(Figure.ofComputed(Length.ofMillimetres("25.0152"), MILLIMETRE, Length.ofMicrometres(10), limits))
                .hasToString("25.0152 mm");
        assertThat(Figure.ofComputed(Length.ofMillimetres("25.01499"), MILLIMETRE, MICROMETRE, limits))
                .hasToString("25.01499 mm");
        assertThat(Figure.ofComputed(Length.ofMillimetres("25.015"), MILLIMETRE, MICROMETRE, limits))
                .hasToString("25.0150 mm");
    }

    @Test
    void the_other_unit_carries_enough_decimals_to_come_back_from() {
        Length inch = Length.ofInches("2.7973");
        assertThat(Figure.ofConverted(inch, MILLIMETRE, TENTH, List.of())).hasToString("71.0514 mm");
        Length millimetre = Length.ofMillimetres("32.174");
        assertThat(Figure.ofConverted(millimetre, INCH, MICROMETRE, List.of())).hasToString("1.26669 in");
    }

    @Test
    void exactly_shows_all_decimals_and_no_more() {
        assertThat(Figure.exactly(Length.ofMillimetres("32.000"), MILLIMETRE)).hasToString("32 mm");
        assertThat(Figure.exactly(Length.ofMillimetres("0.0005"), MILLIMETRE)).hasToString("0.0005 mm");
        assertThat(Figure.exactly(Length.ofInches("300"), INCH)).hasToString("300 in");
    }

    @Test
    void a_resolution_of_zero_is_a_broken_contract() {
        assertThatThrownBy(() -> Figure.decimalsOf(Length.ZERO, INCH)).hasMessageContaining("above zero");
    }

    @ParameterizedTest
    @CsvSource({
        "83, 29, MILLIMETRE, 0.01",
        "83, 5.7, MILLIMETRE, 0.001",
        "83, 0.4, MILLIMETRE, 0.001",
        "83, 5.7, INCH, 0.0001",
        "83, 29, INCH, 0.001",
        "4, 29, MILLIMETRE, 0.001",
    })
    void what_is_told_has_no_more_digits_than_what_is_not_known_of_it(
            double length, double expanded, LengthUnit unit, BigDecimal step) {
        assertThat(Figure.toldTo(Length.nearest(length), Length.nearest(expanded), unit))
                .isEqualTo(Length.of(step, unit));
    }

    @Test
    void what_is_ordered_has_a_step_that_can_be_written() {
        assertThat(Figure.orderable(Length.ofMillimetres("0.001"), LengthUnit.INCH))
                .isEqualTo(Length.ofInches("0.0001"));
        assertThat(Figure.orderable(Length.ofInches("0.0005"), LengthUnit.INCH)).isEqualTo(Length.ofInches("0.0005"));
        assertThat(Figure.orderable(Length.ofInches("0.001"), LengthUnit.MILLIMETRE))
                .isEqualTo(Length.ofMillimetres("0.0254"));
    }
}
