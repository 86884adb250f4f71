package jawread.core.limit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.table.Table;

/**
 * The drill for a tapped hole: D − 1.299·e·P, D the thread's diameter, P its pitch, e the wanted part of the full thread
 * height (0.75 is usual). Rounded once, half to even, to 1 pm.
 */
public record TappingDrill(Length computed) {
    /** Twice the full height of a thread over its pitch, three quarters of the sharp triangle: 2 · 3/4 · √3/2, rounded. */
    private static final BigDecimal DEPTH_OVER_PITCH = new BigDecimal("1.299");

    private static final List<Named> NAMED = Table.beside(TappingDrill.class, "drills.csv").rows().stream()
            .map(row -> new Named(row.text("name"), Length.ofInches(row.text("inch"))))
            .toList();

    /**
     * @param numerator over {@code denominator} the pitch: of a thread by its number to the inch, one inch over that number
     * @param engagement e, above 0 up to 1
     * @return refused as {@code no-such-thread} where diameter or pitch are not above zero, the engagement is none, or no drill is left
     */
    public static Outcome<TappingDrill> of(
            Length diameter, Length numerator, BigDecimal denominator, BigDecimal engagement) {
        boolean isThread = diameter.compareTo(Length.ZERO) > 0
                && numerator.compareTo(Length.ZERO) > 0
                && denominator.signum() > 0
                && engagement.signum() > 0
                && engagement.compareTo(BigDecimal.ONE) <= 0;
        if (!isThread) {
            return Outcome.refused("no-such-thread");
        }
        BigDecimal depth = DEPTH_OVER_PITCH.multiply(engagement).multiply(BigDecimal.valueOf(numerator.picometres()));
        BigDecimal drill = BigDecimal.valueOf(diameter.picometres())
                .multiply(denominator)
                .subtract(depth)
                .divide(denominator, 0, RoundingMode.HALF_EVEN);
        return drill.signum() > 0
                ? Outcome.of(new TappingDrill(Length.ofPicometres(drill.longValueExact())))
                : Outcome.refused("no-such-thread");
    }

    /** A drill known by its number or its letter. */
    public record Named(String name, Length size) {}

    /** The nearest number or letter drill. Of two as near the smaller; empty above the list. */
    public Optional<Named> nearestNamed() {
        return nearest(NAMED.stream().map(Named::size))
                .flatMap(size -> NAMED.stream()
                        .filter(drill -> drill.size().equals(size))
                        .findFirst());
    }

    /** The nearest metric drill: by 0.1 to 14 mm, then by 0.5 to 40 mm. Of two as near the smaller; empty above the list. */
    public Optional<Length> nearestMetric() {
        Length tenth = Length.ofMillimetres("0.1");
        Length half = Length.ofMillimetres("0.5");
        return nearest(Stream.concat(
                IntStream.rangeClosed(1, 140).mapToObj(tenth::times),
                IntStream.rangeClosed(29, 80).mapToObj(half::times)));
    }

    /** The nearest drill of an inch set by 1/64 up to 1 in. Of two as near the smaller; empty above the list. */
    public Optional<Length> nearestFraction() {
        Length sixtyFourth = LengthUnit.INCH.whole().dividedBy(64);
        return nearest(IntStream.rangeClosed(1, 64).mapToObj(sixtyFourth::times));
    }

    private Optional<Length> nearest(Stream<Length> drills) {
        var list = drills.sorted().toList();
        return computed.compareTo(list.get(list.size() - 1)) > 0
                ? Optional.empty()
                : list.stream()
                        .min(Comparator.comparing(
                                        (Length drill) -> drill.minus(computed).abs())
                                .thenComparing(drill -> drill));
    }
}
