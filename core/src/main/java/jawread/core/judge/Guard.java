package jawread.core.judge;

import java.math.BigDecimal;
import java.math.RoundingMode;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/** How far a size stays from a limit to be on its side with 95 % of certainty: g = 1.645·u. */
public final class Guard {
    private static final BigDecimal FACTOR = new BigDecimal("1.645");

    private Guard() {}

    /** Rounded once, half to even, to 1 pm. @param standard u in µm, zero or above */
    public static Length of(double standard) {
        if (!(standard >= 0)) {
            throw new IllegalArgumentException("An uncertainty is zero or above, got " + standard);
        }
        BigDecimal picometres = BigDecimal.valueOf(standard)
                .multiply(FACTOR)
                .multiply(BigDecimal.valueOf(LengthUnit.MICROMETRE.picometres()));
        return Length.ofPicometres(
                picometres.setScale(0, RoundingMode.HALF_EVEN).longValueExact());
    }

    /** The same, and none where limits are taken as they stand. */
    public static Length of(DecisionRule rule, double standard) {
        return rule == DecisionRule.PLAIN ? Length.ZERO : of(standard);
    }
}
