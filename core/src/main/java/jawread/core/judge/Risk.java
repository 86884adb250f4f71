package jawread.core.judge;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How likely a size is really outside its limits.
 *
 * @param fraction from 0 to 1
 */
public record Risk(double fraction) {
    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
    private static final double LEAST_SHOWN = 0.001;
    private static final double NEARLY_SURE = 0.99;

    /** From both tails, never as one minus nearly one. @param standard u in µm, zero or above */
    static Risk of(Length size, Limits limits, double standard) {
        double below = limits.low()
                .map(low -> NORMAL.cumulativeProbability(ratio(low.minus(size), standard, Double.NEGATIVE_INFINITY)))
                .orElse(0.0);
        double above = limits.high()
                .map(high -> NORMAL.survivalProbability(ratio(high.minus(size), standard, Double.POSITIVE_INFINITY)))
                .orElse(0.0);
        return new Risk(below + above);
    }

    /** With nothing in doubt a size lies just where it lies. @param onIt on the limit it is in */
    private static double ratio(Length distance, double standard, double onIt) {
        if (standard > 0) {
            return distance.micrometres() / standard;
        }
        return distance.isZero() ? onIt : distance.isNegative() ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
    }

    /** In per cent with two significant digits, three above 99: {@code 5.0 %}, {@code < 0.1 %}. */
    public String shown() {
        if (fraction < LEAST_SHOWN) {
            return "< 0.1 %";
        }
        if (fraction > 1 - LEAST_SHOWN) {
            return "> 99.9 %";
        }
        int digits = fraction > NEARLY_SURE ? 3 : 2;
        BigDecimal percent = BigDecimal.valueOf(fraction * 100).round(new MathContext(digits, RoundingMode.HALF_EVEN));
        return percent.setScale(Math.max(0, digits - (percent.precision() - percent.scale())), RoundingMode.HALF_EVEN)
                        .toPlainString()
                + " %";
    }
}
