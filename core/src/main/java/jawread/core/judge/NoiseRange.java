package jawread.core.judge;

import java.math.BigDecimal;
import java.math.RoundingMode;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/**
 * How far apart several places of one true size are read by chance alone: f(n)·u_place, exceeded once in twenty (the factors of
 * ISO 5725-6).
 */
public final class NoiseRange {
    private NoiseRange() {}

    /** Rounded once, half to even, to 1 pm; zero for fewer than two places. @param placeDeviation u_place in µm, zero or above */
    public static Length of(int places, double placeDeviation) {
        if (!(placeDeviation >= 0)) {
            throw new IllegalArgumentException("An uncertainty is zero or above, got " + placeDeviation);
        }
        if (places < 2) {
            return Length.ZERO;
        }
        BigDecimal picometres = BigDecimal.valueOf(placeDeviation)
                .multiply(BigDecimal.valueOf(CriticalRange.tenfoldFactor(places), 1))
                .multiply(BigDecimal.valueOf(LengthUnit.MICROMETRE.picometres()));
        return Length.ofPicometres(
                picometres.setScale(0, RoundingMode.HALF_EVEN).longValueExact());
    }
}
