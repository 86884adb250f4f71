package jawread.core.heat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import jawread.core.length.Length;

/**
 * A size brought to 20 °C (ISO 1). Reckoned exactly and rounded once, half to even, to 1 pm.
 *
 * @param size at 20 °C
 * @param correction what was added to the size as it was read
 */
public record AtTwenty(Length size, Length correction) {
    /** A whole correction beyond this part of the tolerance is waited out rather than reckoned. */
    private static final long PART_OF_TOLERANCE = 4;

    /** L20 = I·(1 + αs·(Ts − 20)) / (1 + αp·(Tp − 20)): read on a scale. */
    public static AtTwenty direct(Length indicated, Warm scale, Warm part) {
        return of(decimal(indicated).multiply(scale.growth()), indicated, part);
    }

    /**
     * L20 = (S·(1 + αm·(Tm − 20)) + deviation) / (1 + αp·(Tp − 20)): read against a master.
     *
     * @param master S, its size at 20 °C
     * @param deviation read from it, with its sign
     */
    public static AtTwenty comparator(Length master, Length deviation, Warm masterIs, Warm part) {
        return of(decimal(master).multiply(masterIs.growth()).add(decimal(deviation)), master.plus(deviation), part);
    }

    private static AtTwenty of(BigDecimal asWarmAsThePart, Length read, Warm part) {
        Length size = Length.ofPicometres(
                asWarmAsThePart.divide(part.growth(), 0, RoundingMode.HALF_EVEN).longValueExact());
        return new AtTwenty(size, size.minus(read));
    }

    /** Whether it is better to wait until part and gauge are as warm as each other. @param tolerance its whole width */
    public boolean mustWait(Length tolerance) {
        return correction.abs().times(PART_OF_TOLERANCE).compareTo(tolerance) > 0;
    }

    private static BigDecimal decimal(Length length) {
        return BigDecimal.valueOf(length.picometres());
    }
}
