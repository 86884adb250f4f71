package jawread.core.length;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Collection;

/**
 * A length, a size or a difference of sizes, in whole picometres. Exact; sums that do not fit a {@code long} (over nine
 * thousand kilometres) throw {@link ArithmeticException} rather than wrap.
 */
public record Length(long picometres) implements Comparable<Length> {
    private static final int MILLIMETRE_DIGITS = 9;

    public static final Length ZERO = new Length(0);

    /** The largest size that may be typed: 40 m, itself allowed. */
    public static final Length LARGEST_SIZE = new Length(40_000_000_000_000L);

    public static Length ofPicometres(long picometres) {
        return new Length(picometres);
    }

    public static Length ofMicrometres(long micrometres) {
        return of(BigDecimal.valueOf(micrometres), LengthUnit.MICROMETRE);
    }

    /** Of a statistic: rounded once, half to even, to 1 pm. */
    public static Length nearest(double micrometres) {
        return new Length((long) Math.rint(micrometres * LengthUnit.MICROMETRE.picometres()));
    }

    /** Of whole picometres over a count: rounded once, half to even, to 1 pm. */
    public static Length nearest(BigInteger picometres, long divisor) {
        return rounded(new BigDecimal(picometres), divisor);
    }

    public static Length ofMillimetres(String millimetres) {
        return of(new BigDecimal(millimetres), LengthUnit.MILLIMETRE);
    }

    public static Length ofInches(String inches) {
        return of(new BigDecimal(inches), LengthUnit.INCH);
    }

    /** Exact. Refuses, with {@link ArithmeticException}, a figure that is no whole number of picometres. */
    public static Length of(BigDecimal figure, LengthUnit unit) {
        return new Length(figure.multiply(BigDecimal.valueOf(unit.picometres())).longValueExact());
    }

    /** The mean, rounded once, half to even, to 1 pm. Refuses an empty collection. */
    public static Length meanOf(Collection<Length> lengths) {
        if (lengths.isEmpty()) {
            throw new IllegalArgumentException("A mean needs at least one length, got none");
        }
        long first = lengths.iterator().next().picometres;
        long beyond = 0;
        for (Length length : lengths) {
            // By how much each is larger than the first: of sizes no sum of that overflows.
            beyond = Math.addExact(beyond, Math.subtractExact(length.picometres, first));
        }
        int count = lengths.size();
        long whole = Math.addExact(first, Math.floorDiv(beyond, (long) count));
        long twiceRest = 2 * Math.floorMod(beyond, (long) count);
        boolean isUp = twiceRest > count || twiceRest == count && whole % 2 != 0;
        return new Length(isUp ? Math.addExact(whole, 1) : whole);
    }

    /** The middle one in order; of an even count the mean of the middle two, rounded half to even to 1 pm. */
    public static Length medianOf(Collection<Length> lengths) {
        var sorted = lengths.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : meanOf(sorted.subList(half - 1, half + 1));
    }

    /** Largest minus smallest; zero for a single one. Exact. */
    public static Length spreadOf(Collection<Length> lengths) {
        Length first = lengths.iterator().next();
        Length smallest = first;
        Length largest = first;
        for (Length length : lengths) {
            smallest = length.compareTo(smallest) < 0 ? length : smallest;
            largest = length.compareTo(largest) > 0 ? length : largest;
        }
        return largest.minus(smallest);
    }

    /** Exact. */
    public Length plus(Length other) {
        return new Length(Math.addExact(picometres, other.picometres));
    }

    /** Exact. */
    public Length minus(Length other) {
        return new Length(Math.subtractExact(picometres, other.picometres));
    }

    /** Exact. */
    public Length times(long count) {
        return new Length(Math.multiplyExact(picometres, count));
    }

    /** Rounded once, half to even, to 1 pm. */
    public Length times(BigDecimal count) {
        // Whole counts are by far the most, and need no decimal arithmetic.
        return count.scale() == 0
                ? times(count.longValueExact())
                : rounded(count.multiply(BigDecimal.valueOf(picometres)), 1);
    }

    /** Rounded once, half to even, to 1 pm. */
    public Length half() {
        return dividedBy(2);
    }

    /** Rounded once, half to even, to 1 pm. */
    public Length dividedBy(long divisor) {
        return picometres % divisor == 0
                ? new Length(picometres / divisor)
                : rounded(BigDecimal.valueOf(picometres), divisor);
    }

    public Length abs() {
        return isNegative() ? new Length(Math.negateExact(picometres)) : this;
    }

    /** Of the two; this one where they are equal. */
    public Length larger(Length other) {
        return picometres >= other.picometres ? this : other;
    }

    /** Of the two; this one where they are equal. */
    public Length smaller(Length other) {
        return picometres <= other.picometres ? this : other;
    }

    public boolean isNegative() {
        return picometres < 0;
    }

    public boolean isZero() {
        return picometres == 0;
    }

    /**
     * The figure in a unit, for showing. Exact in millimetres; in inches, where a picometre has no finite decimal, to 34
     * digits.
     */
    public BigDecimal in(LengthUnit unit) {
        return unit == LengthUnit.MILLIMETRE
                ? whole(BigDecimal.valueOf(picometres, MILLIMETRE_DIGITS).stripTrailingZeros())
                : BigDecimal.valueOf(picometres).divide(BigDecimal.valueOf(unit.picometres()), MathContext.DECIMAL128);
    }

    /** As a division leaves it: without zeros behind the point, and never as so many tens. */
    private static BigDecimal whole(BigDecimal figure) {
        return figure.scale() < 0 ? figure.setScale(0) : figure;
    }

    /** The figure in µm, for statistics, which are reckoned in binary; the nearest there is up to 9 km. */
    public double micrometres() {
        return (double) picometres / LengthUnit.MICROMETRE.picometres();
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(picometres, other.picometres);
    }

    @Override
    public String toString() {
        return picometres + " pm";
    }

    private static Length rounded(BigDecimal picometres, long divisor) {
        return new Length(picometres
                .divide(BigDecimal.valueOf(divisor), 0, RoundingMode.HALF_EVEN)
                .longValueExact());
    }
}
