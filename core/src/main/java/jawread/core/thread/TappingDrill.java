package jawread.core.thread;

import java.math.BigDecimal;
import java.math.RoundingMode;
import jawread.core.length.Length;
import jawread.core.length.Outcome;

/**
 * The drill for a tapped hole: D − 1.299·e·P, D the thread's diameter, P its pitch, e the wanted part of the full thread
 * height (0.75 is usual). Rounded once, half to even, to 1 pm.
 */
public record TappingDrill(Length computed) {
    /** Twice the full height of a thread over its pitch, three quarters of the sharp triangle: 2 · 3/4 · √3/2, rounded. */
    static final BigDecimal DEPTH_OVER_PITCH = new BigDecimal("1.299");

    /**
     * @param numerator over {@code denominator} the pitch: of a thread by its number to the inch, one inch over that number
     * @param engagement e, above 0 up to 1
     * @return refused as {@code no-such-thread} where diameter or pitch are not above zero, the engagement is none, or no drill is left
     */
    public static Outcome<TappingDrill> of(
            Length diameter, Length numerator, BigDecimal denominator, BigDecimal engagement) {
        boolean isThread = diameter.compareTo(Length.ZERO) > 0
                && numerator.compareTo(Length.ZERO) > 0
                && denominator.signum() > 0
                && engagement.signum() > 0
                && engagement.compareTo(BigDecimal.ONE) <= 0;
        if (!isThread) {
            return Outcome.refused("no-such-thread");
        }
        BigDecimal depth = DEPTH_OVER_PITCH.multiply(engagement).multiply(BigDecimal.valueOf(numerator.picometres()));
        BigDecimal drill = BigDecimal.valueOf(diameter.picometres())
                .multiply(denominator)
                .subtract(depth)
                .divide(denominator, 0, RoundingMode.HALF_EVEN);
        return drill.signum() > 0
                ? Outcome.of(new TappingDrill(Length.ofPicometres(drill.longValueExact())))
                : Outcome.refused("no-such-thread");
    }
}
