package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.ArrayList;
import java.util.List;
import jawread.core.gauge.CheckWanted.Since;
import jawread.core.gauge.Drift.Checked;
import jawread.core.gauge.ZeroCheck.Done;
import jawread.core.length.Length;
import org.junit.jupiter.api.Test;

class ZeroCheckTest {
    private static final Length STEP = Length.ofMillimetres("0.001");
    private static final long FOUR_HOURS = 240;

    private static ZeroCheck left(String found, Done done, String left) {
        return ZeroCheck.of(Length.ofMillimetres(found), done, left == null ? null : Length.ofMillimetres(left))
                .orThrow();
    }

    @Test
    void an_error_within_one_step_may_stay_and_is_taken_off() {
        ZeroCheck check = left("0.001", Done.NOTHING, null);
        assertThat(check.wasOff(STEP)).isFalse();
        assertThat(check.correction()).isEqualTo(Length.ofMillimetres("-0.001"));
    }

    @Test
    void a_larger_one_that_is_left_is_taken_off_each_reading() {
        ZeroCheck check = left("-0.003", Done.NOTHING, null);
        assertThat(check.isOff(STEP)).isTrue();
        assertThat(check.correction()).isEqualTo(Length.ofMillimetres("0.003"));
    }

    @Test
    void one_set_to_zero_is_looked_at_again() {
        ZeroCheck check = left("0.004", Done.SET_TO_ZERO, "0.000");
        assertThat(check.wasOff(STEP)).isTrue();
        assertThat(check.isOff(STEP)).isFalse();
        assertThat(check.correction()).isEqualTo(Length.ZERO);
        assertThat(ZeroCheck.of(STEP, Done.SET_TO_ZERO, null).<String>fold(ok -> "", refusal -> refusal.code()))
                .isEqualTo("check-again");
        assertThat(ZeroCheck.of(STEP, Done.NOTHING, Length.ZERO).<String>fold(ok -> "", refusal -> refusal.code()))
                .isEqualTo("left-differs");
    }

    @Test
    void a_check_is_wanted_after_whatever_may_have_moved_the_zero() {
        assertThat(CheckWanted.of(new Since(false, false, false, false, 0, 0), FOUR_HOURS))
                .contains(CheckWanted.NEVER_CHECKED);
        assertThat(CheckWanted.of(new Since(true, true, true, false, 999, 9), FOUR_HOURS))
                .contains(CheckWanted.DROPPED);
        assertThat(CheckWanted.of(new Since(true, false, true, false, 0, 0), FOUR_HOURS))
                .contains(CheckWanted.BATTERY);
        assertThat(CheckWanted.of(new Since(true, false, false, true, 0, 0), FOUR_HOURS))
                .contains(CheckWanted.SWITCHED_OFF);
        assertThat(CheckWanted.of(new Since(true, false, false, false, 0, -3), FOUR_HOURS))
                .contains(CheckWanted.TEMPERATURE);
        assertThat(CheckWanted.of(new Since(true, false, false, false, 241, 2.9), FOUR_HOURS))
                .contains(CheckWanted.BREAK);
        assertThat(CheckWanted.of(new Since(true, false, false, false, 240, 2.9), FOUR_HOURS))
                .isEmpty();
    }

    @Test
    void a_job_asks_for_it_at_its_start_and_at_its_end() {
        assertThat(CheckWanted.atStart(false, 241, FOUR_HOURS)).contains(CheckWanted.START);
        assertThat(CheckWanted.atStart(false, 240, FOUR_HOURS)).isEmpty();
        assertThat(CheckWanted.atStart(true, 241, FOUR_HOURS)).isEmpty();
        assertThat(CheckWanted.atEnd(false)).contains(CheckWanted.END);
        assertThat(CheckWanted.atEnd(true)).isEmpty();
    }

    @Test
    void drift_adds_up_what_moved_between_checks() {
        var checks = new ArrayList<Checked>();
        for (int month = 0; month < 4; month++) {
            // Two micrometres more at each check, and set back to zero each time.
            checks.add(new Checked(month * 365.25 / 12, Length.ofMicrometres(month == 0 ? 0 : 2), Length.ZERO));
        }
        assertThat(Drift.perMonth(checks)).isEmpty();
        // Left alone once: the next check finds it and what came on top.
        checks.add(new Checked(4 * 365.25 / 12, Length.ofMicrometres(2), Length.ofMicrometres(2)));
        checks.add(new Checked(5 * 365.25 / 12, Length.ofMicrometres(4), Length.ZERO));
        assertThat(Drift.perMonth(checks).orElseThrow()).isEqualTo(2, offset(1e-9));
        assertThat(Drift.perMonth(List.of(checks.get(0), checks.get(0), checks.get(0), checks.get(0), checks.get(0))))
                .isEmpty();
    }
}
