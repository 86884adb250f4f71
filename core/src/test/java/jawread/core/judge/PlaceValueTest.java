package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import jawread.core.length.Length;
import org.junit.jupiter.api.Test;

class PlaceValueTest {
    private static final Length STEP = Length.ofMillimetres("0.001");
    private static final Length USUAL = Length.ofMillimetres("0.0015");

    private static List<Length> mm(String... sizes) {
        return Arrays.stream(sizes).map(Length::ofMillimetres).toList();
    }

    private static PlaceValue of(List<Length> readings) {
        return RepeatSchool.TWO_THEN_THIRD.judge(false, PlaceAverage.MEAN, USUAL, STEP, readings);
    }

    @Test
    void readings_that_agree_rest_on_what_these_hands_hold() {
        List<Length> agree = mm("31.970", "31.971");
        assertThat(of(agree).spread(USUAL, agree)).isEqualTo(USUAL);
    }

    @Test
    void scattered_ones_rest_on_their_own_spread_where_that_is_larger() {
        List<Length> scattered = mm("31.970", "31.971", "31.950");
        assertThat(of(scattered).state()).isEqualTo(RepeatState.SCATTERED);
        // About their mean, 31.963667: 6.333, 7.333 and 13.667 um, squared and summed 280.667, over 2, rooted: 11.846;
        // times half of
        // Student's t at 0.975 with two degrees of freedom, 4.3027.
        assertThat(of(scattered).spread(USUAL, scattered).micrometres()).isBetween(25.48, 25.49);
        Length wide = Length.ofMillimetres("0.02");
        assertThat(of(scattered).spread(wide, scattered)).isEqualTo(wide);
    }

    @Test
    void tries_with_pins_narrow_the_bracket_until_they_contradict_each_other() {
        var wide = new Bracket(Length.ofMillimetres("6.00"), Length.ofMillimetres("6.03"));
        var narrower = new Bracket(Length.ofMillimetres("6.01"), Length.ofMillimetres("6.02"));
        var beyond = new Bracket(Length.ofMillimetres("6.03"), Length.ofMillimetres("6.04"));
        assertThat(PlaceValue.between(List.of(wide)).value()).contains(Length.ofMillimetres("6.015"));
        assertThat(PlaceValue.between(List.of(wide, narrower)).value()).contains(Length.ofMillimetres("6.015"));
        assertThat(Bracket.within(List.of(wide, narrower))).contains(narrower);
        PlaceValue contradicting = PlaceValue.between(List.of(narrower, beyond));
        assertThat(contradicting.state()).isEqualTo(RepeatState.UNSETTLED);
        assertThat(contradicting.value()).isEmpty();
        assertThat(contradicting.used()).isZero();
    }
}
