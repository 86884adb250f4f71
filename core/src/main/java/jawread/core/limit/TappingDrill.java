package jawread.core.limit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/**
 * The drill for a tapped hole: D − 1.299·e·P, D the thread's diameter, P its pitch, e the wanted part of the full thread
 * height (0.75 is usual). Rounded once, half to even, to 1 pm.
 */
public record TappingDrill(Length computed) {
    /** Twice the full height of a thread over its pitch, three quarters of the sharp triangle: 2 · 3/4 · √3/2, rounded. */
    private static final BigDecimal DEPTH_OVER_PITCH = new BigDecimal("1.299");

    /**
     * @param numerator over {@code denominator} the pitch: of a thread by its number to the inch, one inch over that number
     * @param engagement e, above 0 up to 1
     */
    public static TappingDrill of(Length diameter, Length numerator, BigDecimal denominator, BigDecimal engagement) {
        if (!(engagement.signum() > 0 && engagement.compareTo(BigDecimal.ONE) <= 0 && denominator.signum() > 0)) {
            throw new IllegalArgumentException(
                    "A thread is engaged above 0 up to 1 of its height, and has a pitch: got " + engagement + " and "
                            + numerator + " over " + denominator);
        }
        BigDecimal depth = DEPTH_OVER_PITCH.multiply(engagement).multiply(BigDecimal.valueOf(numerator.picometres()));
        BigDecimal drill = BigDecimal.valueOf(diameter.picometres())
                .multiply(denominator)
                .subtract(depth)
                .divide(denominator, 0, RoundingMode.HALF_EVEN);
        return new TappingDrill(Length.ofPicometres(drill.longValueExact()));
    }

    /** The nearest metric drill: by 0.1 to 10 mm, then by 0.5 to 25 mm. Of two as near the smaller; empty above the list. */
    public Optional<Length> nearestMetric() {
        Length tenth = Length.ofMillimetres("0.1");
        Length half = Length.ofMillimetres("0.5");
        return nearest(Stream.concat(
                IntStream.rangeClosed(1, 100).mapToObj(tenth::times),
                IntStream.rangeClosed(21, 50).mapToObj(half::times)));
    }

    /** The nearest drill of an inch set by 1/64 up to 1 in. Of two as near the smaller; empty above the list. */
    public Optional<Length> nearestFraction() {
        Length sixtyFourth = LengthUnit.INCH.whole().dividedBy(64);
        return nearest(IntStream.rangeClosed(1, 64).mapToObj(sixtyFourth::times));
    }

    private Optional<Length> nearest(Stream<Length> drills) {
        var list = drills.toList();
        return computed.compareTo(list.get(list.size() - 1)) > 0
                ? Optional.empty()
                : list.stream()
                        .min(Comparator.comparing(
                                        (Length drill) -> drill.minus(computed).abs())
                                .thenComparing(drill -> drill));
    }
}
