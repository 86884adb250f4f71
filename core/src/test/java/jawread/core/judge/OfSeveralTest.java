package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import jawread.core.judge.Uncertainty.Share;
import jawread.core.length.Length;
import org.junit.jupiter.api.Test;

/** How well a size is known that is made of two figures. */
class OfSeveralTest {
    private static Uncertainty known(long error, long spread) {
        return Uncertainty.of(new MeasuredBy(
                false,
                Length.ofMicrometres(1),
                new GaugeError.Permitted(Length.ofMicrometres(error)),
                Optional.of(Length.ofMicrometres(spread)),
                1,
                Length.ZERO,
                Length.ofMicrometres(20_000),
                Warmth.unmeasured(11.5, 11.5, 0, 0)));
    }

    @Test
    void two_gauges_bring_the_root_of_both_squares() {
        Uncertainty one = known(4, 2);
        Uncertainty other = known(20, 10);
        double root = Math.hypot(one.standard(), other.standard());
        assertThat(Uncertainty.ofSeveral(List.of(new Share(1, one, 1), new Share(-1, other, 2)), Length.ZERO, 1)
                        .standard())
                .isCloseTo(root, within(1e-9));
        assertThat(Uncertainty.ofSeveral(List.of(new Share(0.5, one, 1), new Share(-0.5, other, 2)), Length.ZERO, 1)
                        .standard())
                .isCloseTo(root / 2, within(1e-9));
    }

    @Test
    void sizes_that_scatter_more_than_their_gauges_explain_are_known_less_well() {
        Uncertainty one = known(4, 2);
        List<Share> both = List.of(new Share(1, one, 1), new Share(-1, one, 2));
        Uncertainty quiet = Uncertainty.ofSeveral(both, Length.ofMicrometres(1), 2);
        Uncertainty scattered = Uncertainty.ofSeveral(both, Length.ofMicrometres(40), 2);
        assertThat(quiet.standard())
                .isEqualTo(Uncertainty.ofSeveral(both, Length.ZERO, 2).standard());
        assertThat(scattered.largest()).contains(UncertaintySource.REPEAT);
        assertThat(scattered.standard()).isGreaterThan(40 / Math.sqrt(2));
    }

    @Test
    void what_one_gauge_is_off_by_counts_once_where_it_cancels() {
        Uncertainty one = known(12, 2);
        double error = 12.0 * 12 / 3;
        double rest = one.standard() * one.standard() - error;
        Uncertainty less = Uncertainty.ofSeveral(List.of(new Share(1, one, 7), new Share(-1, one, 7)), Length.ZERO, 1);
        assertThat(less.standard()).isCloseTo(Math.sqrt(2 * rest + error), within(1e-9));
        // Of a sum it is in both.
        Uncertainty sum = Uncertainty.ofSeveral(List.of(new Share(1, one, 7), new Share(1, one, 7)), Length.ZERO, 1);
        assertThat(sum.standard()).isCloseTo(Math.sqrt(2) * one.standard(), within(1e-9));
        assertThat(less.place()).isCloseTo(Math.sqrt(2) * one.place(), within(1e-9));
        assertThat(less.largest()).contains(UncertaintySource.GAUGE);
    }
}
