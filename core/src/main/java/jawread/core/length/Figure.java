package jawread.core.length;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.List;

/**
 * A length written out in a unit, for showing: the one way a length becomes digits.
 *
 * <p>A verdict is made from the exact length, never from these digits; and these digits must not contradict it. So a
 * computed value shows one decimal beyond the resolution, and as many more as keep it on its own side of every limit it
 * is shown with: 25.0152 against a limit of 25.015 is never shown as 25.015.
 *
 * @param digits with a point as the decimal mark; rounded half to even where the length has more
 */
public record Figure(String digits, LengthUnit unit) {
    /** Inches have no finite decimal for a picometre; here the search for one more decimal ends. */
    private static final int MOST_DECIMALS = 12;

    private static final int TENFOLD = 10;

    private static final int MOST_ORDERED_DECIMALS = 5;

    /** Rounded once, half to even, to that many decimals, trailing zeros kept. */
    public static Figure of(Length length, LengthUnit unit, int decimals) {
        return new Figure(rounded(length, unit, decimals).toPlainString(), unit);
    }

    /**
     * A figure as it was read: to its resolution, and to every digit it has beyond that, so that 1 3/8 is 1.375. Where the
     * length has no finite decimal in this unit it is shown as a converted one.
     */
    public static Figure ofReading(Length length, LengthUnit unit, Length resolution) {
        BigDecimal digits = rounded(length, unit, MOST_DECIMALS).stripTrailingZeros();
        boolean finite = digits.multiply(BigDecimal.valueOf(unit.picometres()))
                        .compareTo(BigDecimal.valueOf(length.picometres()))
                == 0;
        return finite
                ? of(length, unit, Math.max(digits.scale(), decimalsOf(resolution, unit)))
                : ofConverted(length, unit, resolution, List.of());
    }

    /** A computed figure: one decimal beyond the resolution, more to stay on its side of every limit. */
    public static Figure ofComputed(Length length, LengthUnit unit, Length resolution, Collection<Length> limits) {
        return onItsSideOf(limits, length, unit, decimalsOf(resolution, unit) + 1);
    }

    /**
     * The same length in another unit than it was read in. Its last place is at most a third of the resolution, so that
     * converting it back and rounding gives the figure that was read.
     */
    public static Figure ofConverted(Length length, LengthUnit unit, Length resolution, Collection<Length> limits) {
        return onItsSideOf(limits, length, unit, decimalsOf(resolution.dividedBy(3), unit));
    }

    /** All the decimals the length has, and none more: 31.938, 0.0005. */
    public static Figure exactly(Length length, LengthUnit unit) {
        BigDecimal figure = rounded(length, unit, MOST_DECIMALS).stripTrailingZeros();
        return new Figure(figure.setScale(Math.max(0, figure.scale())).toPlainString(), unit);
    }

    /** The fewest decimals whose last place is no coarser than the resolution: 3 for 0.002 mm, 4 for 0.0001 in. */
    public static int decimalsOf(Length resolution, LengthUnit unit) {
        if (resolution.compareTo(Length.ZERO) > 0) {
            int decimals = 0;
            for (long step = resolution.picometres();
                    decimals < MOST_DECIMALS && step < unit.picometres();
                    step *= TENFOLD) {
                decimals++;
            }
            return decimals;
        }
        throw new IllegalArgumentException("A resolution is above zero, got " + resolution);
    }

    /**
     * To what a figure that is told is rounded: the first figure of what is not known of it, and nothing finer than anybody works to, a
     * micrometre or a tenth of a thou. One that is smaller than that keeps its own first figure.
     *
     * @param expanded U
     */
    public static Length toldTo(Length length, Length expanded, LengthUnit unit) {
        Length finest = unit.isInch() ? Length.ofInches("0.0001") : LengthUnit.MICROMETRE.whole();
        Length known = firstFigure(expanded, unit);
        Length step = known.compareTo(finest) > 0 ? known : finest;
        boolean isSmaller = !length.isZero() && length.abs().times(2).compareTo(step) < 0;
        return isSmaller ? firstFigure(length, unit) : step;
    }

    /** The step to order or to make by: that one where it is short in the unit, else the next coarser tenth, hundredth, thousandth. */
    public static Length orderable(Length step, LengthUnit unit) {
        BigDecimal figure = step.in(unit).stripTrailingZeros();
        if (figure.scale() <= MOST_ORDERED_DECIMALS) {
            return step;
        }
        Length first = firstFigure(step, unit);
        return first.equals(step) ? step : first.times(10);
    }

    /** One unit of the first figure that is not zero; of zero the least length there is. */
    private static Length firstFigure(Length length, LengthUnit unit) {
        if (length.isZero()) {
            return new Length(1);
        }
        BigDecimal figure = length.abs().in(unit);
        Length first = Length.of(BigDecimal.ONE.scaleByPowerOfTen(figure.precision() - figure.scale() - 1), unit);
        return first.isZero() ? new Length(1) : first;
    }

    private static Figure onItsSideOf(Collection<Length> limits, Length length, LengthUnit unit, int fewest) {
        int decimals = fewest;
        while (decimals < MOST_DECIMALS && crosses(limits, length, unit, decimals)) {
            decimals++;
        }
        return of(length, unit, decimals);
    }

    private static boolean crosses(Collection<Length> limits, Length length, LengthUnit unit, int decimals) {
        if (limits.isEmpty()) {
            return false;
        }
        BigDecimal shown = rounded(length, unit, decimals).multiply(BigDecimal.valueOf(unit.picometres()));
        return limits.stream()
                .anyMatch(limit -> !limit.equals(length)
                        && shown.compareTo(BigDecimal.valueOf(limit.picometres()))
                                != Integer.signum(length.compareTo(limit)));
    }

    private static BigDecimal rounded(Length length, LengthUnit unit, int decimals) {
        return BigDecimal.valueOf(length.picometres())
                .divide(BigDecimal.valueOf(unit.picometres()), decimals, RoundingMode.HALF_EVEN);
    }

    /** With its unit: {@code 32.174 mm}. */
    @Override
    public String toString() {
        return digits + " " + unit.symbol();
    }
}
