package jawread.core.gauge;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;

/** The schools of where to set a bore gauge. */
public enum SetSize {
    /** Half way between the limits: least travel of the needle. */
    MIDDLE {
        @Override
        public Length of(Limits limits, LengthUnit unit) {
            return limits.middle().orElseGet(() -> limits.stated().get(0));
        }
    },
    /** The smallest size allowed: whatever is below it reads on the other side of zero. */
    SMALLEST {
        @Override
        public Length of(Limits limits, LengthUnit unit) {
            return limits.stated().get(0);
        }
    },
    /** The roundest figure within the limits, of two the nearer to the middle: it is added in the head without slips. */
    ROUND_FIGURE {
        @Override
        public Length of(Limits limits, LengthUnit unit) {
            Length middle = MIDDLE.of(limits, unit);
            return ROUND.stream()
                    .map(step -> Length.of(step, unit))
                    .flatMap(step -> nearest(step, middle, limits).stream())
                    .findFirst()
                    .orElse(middle);
        }
    };

    /** From the roundest on: no gauge is set to less than a tenth of a thou or a half micrometre. */
    private static final List<BigDecimal> ROUND = Stream.of(
                    "10", "5", "1", "0.5", "0.1", "0.05", "0.01", "0.005", "0.001", "0.0005", "0.0001")
            .map(BigDecimal::new)
            .toList();

    public static Optional<SetSize> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @param unit whose figures are round */
    public abstract Length of(Limits limits, LengthUnit unit);

    private static Optional<Length> nearest(Length step, Length middle, Limits limits) {
        Length below = step.times(Math.floorDiv(middle.picometres(), step.picometres()));
        return Stream.of(below, below.plus(step))
                .filter(size -> !size.isZero() && !limits.isBelow(size) && !limits.isAbove(size))
                .min(Comparator.comparing(size -> size.minus(middle).abs()));
    }
}
