package jawread.core.judge;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * What the readings at a place come to.
 *
 * @param used how many readings it rests on; 0 while another is asked for, and when unsettled
 * @param value empty while another reading is asked for, when unsettled, and beyond the end of a limit gauge
 * @param apart largest minus smallest of the readings not struck; empty with fewer than two
 * @param allowed the critical range of that many readings; empty with fewer than two, and for three alike
 */
public record PlaceValue(
        RepeatState state, int used, Optional<Length> value, Optional<Length> apart, Optional<Length> allowed) {
    private static final double UPPER_TAIL = 0.025;

    /** Settled by one try: two pins say all that they can. Beyond the end of a limit gauge there is no value. */
    public static PlaceValue between(List<Bracket> tries) {
        Optional<Bracket> bracket = Bracket.within(tries);
        return new PlaceValue(
                bracket.isPresent() ? RepeatState.DONE : RepeatState.UNSETTLED,
                bracket.isPresent() ? tries.size() : 0,
                bracket.filter(of -> !of.isOpen()).map(Bracket::value),
                Optional.empty(),
                Optional.empty());
    }

    /**
     * s that its uncertainty rests on: of a scattered place that of its own readings, when they lie farther apart than is usual; times half of
     * Student's t at 0.975, for so few readings do not tell it well.
     *
     * @param usual s of single readings by these hands with this method
     * @param readings those not struck
     */
    public Length spread(Length usual, List<Length> readings) {
        if (state != RepeatState.SCATTERED) {
            return usual;
        }
        Length own = Spread.deviationOf(readings);
        return own.compareTo(usual) > 0 ? own.times(ofFew(readings.size())) : usual;
    }

    /** @param count two or more */
    private static BigDecimal ofFew(int count) {
        return BigDecimal.valueOf(TDistribution.of(count - 1.0).inverseSurvivalProbability(UPPER_TAIL) / 2);
    }
}
