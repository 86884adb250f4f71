package jawread.core.heat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/**
 * How long a part lies until it is as warm as what it lies on.
 *
 * @param minutesEach for each 25 mm of section on a metal plate, above zero
 */
public record Soak(BigDecimal minutesEach) {
    private static final BigDecimal SECTION = BigDecimal.valueOf(25);
    private static final BigDecimal HALF = new BigDecimal("0.5");

    /** What it lies on. */
    public enum On {
        METAL_PLATE,
        /** Ground flat, so that part and plate touch all over: half the time. */
        SURFACE_PLATE
    }

    /** Whole minutes, rounded up. @param section the part's thickest, above zero */
    public long minutes(Length section, On on) {
        BigDecimal minutes = section.in(LengthUnit.MILLIMETRE)
                .multiply(minutesEach)
                .multiply(on == On.SURFACE_PLATE ? HALF : BigDecimal.ONE)
                .divide(SECTION, 0, RoundingMode.CEILING);
        return minutes.longValueExact();
    }
}
