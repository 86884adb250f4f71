package jawread.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import jawread.core.form.WearReference.Kind;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import org.junit.jupiter.api.Test;

class WearTest {
    private static final Length THRESHOLD = Length.ofMicrometres(3);
    private static final double EXPANDED = 4;

    private static Wear wear(String size, WearReference reference) {
        var sizes = new FormSizes(
                List.of(Optional.empty()),
                List.of(BigDecimal.ZERO),
                List.of(List.of(Optional.of(Length.ofMillimetres(size)))));
        return Wear.of(sizes, Wears.LARGER, reference, THRESHOLD);
    }

    @Test
    void of_one_setting_little_is_wear_and_of_two_inspections_both_may_be_out() {
        var unworn = WearReference.of(Kind.UNWORN_PLACE, Length.ofMillimetres("50"));
        var earlier = WearReference.of(Kind.EARLIER_RECORD, Length.ofMillimetres("50"));
        assertThat(unworn.doubt(THRESHOLD, EXPANDED)).isEqualTo(THRESHOLD);
        assertThat(earlier.doubt(THRESHOLD, EXPANDED)).isEqualTo(Length.nearest(5.656854249));
        assertThat(wear("50.005", unworn).isTold(unworn.doubt(THRESHOLD, EXPANDED)))
                .isTrue();
        assertThat(wear("50.005", earlier).isTold(earlier.doubt(THRESHOLD, EXPANDED)))
                .isFalse();
    }

    @Test
    void
            since_its_last_inspection_each_place_is_held_against_itself_and_one_that_was_not_measured_then_against_nothing() {
        var sizes = new FormSizes(
                List.of(Optional.empty(), Optional.empty(), Optional.empty()),
                List.of(BigDecimal.ZERO),
                List.of(
                        List.of(Optional.of(Length.ofMillimetres("50.030"))),
                        List.of(Optional.of(Length.ofMillimetres("50.020"))),
                        List.of(Optional.of(Length.ofMillimetres("50.040")))));
        // The mean of all then was 50.012: against that the first would have worn by 0.018.
        var then = WearReference.earlier(List.of(
                List.of(Optional.of(Length.ofMillimetres("50.015"))),
                List.of(Optional.of(Length.ofMillimetres("50.009"))),
                List.of(Optional.empty())));
        Wear wear = Wear.of(sizes, Wears.LARGER, then, THRESHOLD);
        assertThat(wear.worst()).isEqualTo(new Wear.At(0, 0, Length.ofMicrometres(15)));
        assertThat(wear.at()).hasSize(2);
        assertThat(then.at(2, 0)).isEmpty();
    }

    @Test
    void against_the_limits_of_a_new_one_only_what_is_past_both_is_told() {
        var asNew = WearReference.asNew(Length.ofMillimetres("50"), Length.ofMillimetres("50.01"));
        Length doubt = asNew.doubt(THRESHOLD, EXPANDED);
        assertThat(doubt).isEqualTo(Length.ofMicrometres(4));
        assertThat(wear("50.012", asNew).isTold(doubt)).isFalse();
        assertThat(wear("50.015", asNew).isTold(doubt)).isTrue();
    }
}
