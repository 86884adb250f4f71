package jawread.core.rework;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.TitleBlock;
import jawread.core.limit.TypedLimits;
import jawread.core.rework.WindowByDrawing.By;
import org.junit.jupiter.api.Test;

class WindowByDrawingTest {
    private static TypedLimits typed(String text, FeatureKind kind) {
        return TypedLimits.parse(text, TitleBlock.in(LengthUnit.MILLIMETRE), kind)
                .orThrow();
    }

    private static Optional<WindowByDrawing> of(String inside, String outside) {
        return WindowByDrawing.of(typed(inside, FeatureKind.BORE), typed(outside, FeatureKind.OUTSIDE));
    }

    private static Limits between(String least, String most) {
        return Limits.of(Length.ofMillimetres(least), Length.ofMillimetres(most));
    }

    @Test
    void a_fit_says_it_whichever_of_the_two_it_is_written_at() {
        assertThat(of("44 H8/f7", "44 h9")).contains(new WindowByDrawing(between("0.025", "0.089"), By.FIT_OF_INSIDE));
        assertThat(of("44 E9", "44 H8/f7")).contains(new WindowByDrawing(between("0.025", "0.089"), By.FIT_OF_OUTSIDE));
    }

    @Test
    void else_both_limits_say_it_where_one_goes_into_the_other() {
        assertThat(of("40 +0.02/0", "40 +0/-0.03")).contains(new WindowByDrawing(between("0", "0.05"), By.BOTH_LIMITS));
        assertThat(of("2.2 +0.1/0", "25 k6")).isEmpty();
        assertThat(of("min 40", "40 +0/-0.03")).isEmpty();
    }
}
