package jawread.core.form;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * Odd lobes, which two contacts cannot see: a round with n equal lobes turned once in a V-block, the indicator above on the
 * bisector, shows F times its lobe height, F = |1 + (−1)ⁿ·cos(n·(90° − α/2)) / sin(α/2)|.
 */
public final class VBlock {
    private static final int FEWEST = 2;
    private static final int MOST = 12;
    private static final BigDecimal NARROWEST = BigDecimal.valueOf(60);
    private static final BigDecimal WIDEST = BigDecimal.valueOf(120);
    /** The indicator all but stands still. */
    private static final BigDecimal LEAST_SEEN = new BigDecimal("0.25");

    private static final int FACTOR_DECIMALS = 9;

    private VBlock() {}

    /**
     * How many times the lobe height the indicator shows, to nine decimals; 0 where it stands still. Refuses fewer than 2 or more than 12
     * lobes and a V below 60° or above 120° ({@code pair-refused}).
     */
    public static Outcome<BigDecimal> factor(int lobes, BigDecimal degrees) {
        if (lobes < FEWEST || lobes > MOST || degrees.compareTo(NARROWEST) < 0 || degrees.compareTo(WIDEST) > 0) {
            return Outcome.refused(
                    Refusal.of("pair-refused").with("lobes", lobes).with("angle", degrees.toPlainString()));
        }
        double half = degrees.doubleValue() / 2;
        double turned = Math.cos(Math.toRadians(lobes * (90 - half))) / Math.sin(Math.toRadians(half));
        double factor = Math.abs(1 + (lobes % 2 == 0 ? turned : -turned));
        return Outcome.of(BigDecimal.valueOf(factor).setScale(FACTOR_DECIMALS, RoundingMode.HALF_EVEN));
    }

    /**
     * Largest minus smallest radius, rounded half to even to 1 pm. Refuses what {@link #factor} refuses, and a factor below 0.25
     * ({@code cannot-be-seen}).
     *
     * @param spread largest minus smallest of the indicator in one turn, zero or above
     */
    public static Outcome<Length> lobeHeight(int lobes, BigDecimal degrees, Length spread) {
        return factor(lobes, degrees)
                .then(factor -> factor.compareTo(LEAST_SEEN) < 0
                        ? Outcome.refused(Refusal.of("cannot-be-seen")
                                .with("lobes", lobes)
                                .with("angle", degrees.toPlainString()))
                        : Outcome.of(over(spread, factor)));
    }

    private static Length over(Length spread, BigDecimal factor) {
        BigInteger height = BigDecimal.valueOf(spread.picometres())
                .divide(factor, 0, RoundingMode.HALF_EVEN)
                .toBigIntegerExact();
        return Length.ofPicometres(height.longValueExact());
    }
}
