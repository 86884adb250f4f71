package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Beside the vectors: every verdict there is leads somewhere. */
class NextStepTest {
    private static NextStep of(SizeVerdict... verdicts) {
        return NextStep.of(List.of(verdicts), false, true, true);
    }

    @Test
    void a_part_with_nothing_but_good_verdicts_is_used() {
        assertThat(Arrays.stream(SizeVerdict.values()).filter(SizeVerdict::isGood))
                .allSatisfy(verdict -> assertThat(of(verdict, SizeVerdict.IN)).isEqualTo(NextStep.USE));
    }

    @Test
    void no_other_verdict_lets_a_part_be_used() {
        assertThat(Arrays.stream(SizeVerdict.values()).filter(verdict -> !verdict.isGood()))
                .isNotEmpty()
                .allSatisfy(verdict -> assertThat(of(SizeVerdict.IN, verdict)).isNotEqualTo(NextStep.USE));
    }

    @Test
    void what_is_lost_goes_to_the_next_size_or_is_replaced_and_only_that() {
        assertThat(Arrays.stream(SizeVerdict.values()))
                .allSatisfy(verdict -> assertThat(of(verdict) == NextStep.NEXT_SIZE)
                        .as(verdict.code())
                        .isEqualTo(verdict.isLost()));
        assertThat(NextStep.of(List.of(SizeVerdict.GONE), false, false, true)).isEqualTo(NextStep.REPLACE);
    }

    @Test
    void what_was_looked_at_comes_before_every_size() {
        assertThat(Arrays.stream(SizeVerdict.values()))
                .allSatisfy(verdict -> assertThat(NextStep.of(List.of(verdict), true, true, true))
                        .isEqualTo(NextStep.REPLACE_OR_SPECIALIST));
    }
}
