package jawread.core.doubt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import jawread.core.doubt.ZeroStrip.Look;
import jawread.core.doubt.ZeroStrip.Moved;
import jawread.core.gauge.ZeroCheck;
import jawread.core.gauge.ZeroCheck.Done;
import jawread.core.length.Length;
import org.junit.jupiter.api.Test;

class ZeroStripTest {
    private static final Length ALLOWED = Length.ofMicrometres(1);

    private static Look look(long at, long found, Done done, long left) {
        return new Look(
                new UUID(0, at),
                at,
                new ZeroCheck(Length.ofMicrometres(found), done, Length.ofMicrometres(left)),
                ALLOWED);
    }

    private static Look good(long at) {
        return look(at, 0, Done.NOTHING, 0);
    }

    private static Look off(long at) {
        return look(at, 12, Done.SET_TO_ZERO, 0);
    }

    @Test
    void doubt_travels_back_from_a_bad_check_to_the_last_good_one() {
        var strip = new ZeroStrip(List.of(good(10), off(30), good(50)), List.of());
        assertThat(strip.doubtOf(5, Length.ZERO)).as("before the good one").isEmpty();
        assertThat(strip.doubtOf(20, Length.ZERO).map(Moved::moved)).contains(Length.ofMicrometres(12));
        assertThat(strip.doubtOf(20, Length.ZERO).map(moved -> moved.look().at()))
                .contains(30L);
        assertThat(strip.doubtOf(40, Length.ZERO)).as("set anew since").isEmpty();
        assertThat(strip.lastGoodBefore(20).map(Look::at)).contains(10L);
    }

    @Test
    void good_then_bad_then_good_leaves_the_doubt_where_it_was() {
        var strip = new ZeroStrip(List.of(good(10), off(30), good(31), good(60)), List.of());
        assertThat(strip.doubtOf(20, Length.ZERO)).isPresent();
        assertThat(strip.doubtOf(45, Length.ZERO)).isEmpty();
    }

    @Test
    void a_check_entered_for_yesterday_counts_from_yesterday() {
        var before = new ZeroStrip(List.of(good(10), off(30)), List.of());
        var after = new ZeroStrip(List.of(good(10), good(25), off(30)), List.of());
        assertThat(before.doubtOf(20, Length.ZERO)).isPresent();
        assertThat(after.doubtOf(20, Length.ZERO)).isEmpty();
        assertThat(after.doubtOf(27, Length.ZERO)).isPresent();
    }

    @Test
    void an_error_that_was_known_and_taken_off_is_not_found_again() {
        var strip = new ZeroStrip(
                List.of(look(10, 12, Done.NOTHING, 12), look(30, 12, Done.NOTHING, 12), look(50, 15, Done.NOTHING, 15)),
                List.of());
        Length correction = Length.ofMicrometres(-12);
        assertThat(strip.doubtOf(20, correction)).isEmpty();
        assertThat(strip.doubtOf(40, correction).map(Moved::moved)).contains(Length.ofMicrometres(3));
        assertThat(strip.doubtOf(5, Length.ZERO).map(Moved::moved)).contains(Length.ofMicrometres(12));
    }

    @Test
    void what_is_within_the_allowance_is_no_doubt_and_one_step_beyond_is() {
        assertThat(new ZeroStrip(List.of(look(30, 1, Done.NOTHING, 1)), List.of()).doubtOf(20, Length.ZERO))
                .isEmpty();
        assertThat(new ZeroStrip(List.of(look(30, -2, Done.NOTHING, -2)), List.of()).doubtOf(20, Length.ZERO))
                .isPresent();
    }

    @Test
    void a_comparator_set_anew_says_nothing_of_what_was_read_before() {
        var strip = new ZeroStrip(List.of(off(30)), List.of(25L));
        assertThat(strip.doubtOf(20, Length.ZERO)).isEmpty();
        assertThat(strip.doubtOf(27, Length.ZERO)).isPresent();
    }
}
