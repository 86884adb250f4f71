package jawread.core.gauge;

import java.util.Optional;
import jawread.core.judge.GaugeError;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/**
 * One gauge, as far as choosing and judging need to know it. What is empty has its kind's starting value.
 *
 * @param number on it, as the shop calls it: M6
 * @param leastCount of its scale; of pins the step of the set; zero for a transfer gauge
 * @param ownSpread s of single readings, from its data sheet
 * @param ownError from its data sheet, or its calibration
 * @param ownReach how deep it goes into a hole
 * @param mayMeasure false while it is quarantined or retired
 */
public record GaugeAtHand(
        String number,
        GaugeKind kind,
        LengthUnit unit,
        Length leastCount,
        Range range,
        Optional<Length> ownSpread,
        Optional<GaugeError> ownError,
        Optional<Length> ownReach,
        boolean mayMeasure) {
    public GaugeAtHand {
        if (leastCount.isNegative()) {
            throw new IllegalArgumentException("A least count is not negative, got " + leastCount);
        }
    }

    /** The line of its scale that is nearest to a size, the lower of two as near. */
    Length nearestLine(Length size) {
        Length below = leastCount.times(Math.floorDiv(size.picometres(), leastCount.picometres()));
        Length above = below.plus(leastCount);
        return above.minus(size).compareTo(size.minus(below)) < 0 ? above : below;
    }
}
