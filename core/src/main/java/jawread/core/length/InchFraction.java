package jawread.core.length;

/**
 * The nearest fraction of an inch on a rule: whole inches and so many 64ths, brought to lowest terms.
 *
 * @param numerator 0 where the size is nearest to a whole inch
 * @param denominator a power of two, of a rule's from 1 to 64
 * @param error what the fraction is minus the size it stands for; at most half of the part it was sought in
 */
public record InchFraction(long whole, long numerator, long denominator, Length error) {
    private static final long FINEST = 64;

    /** The nearest 64th; of two as near the smaller. Exact. Refuses a size below zero. */
    public static InchFraction nearest(Length size) {
        return nearest(size, FINEST);
    }

    /** The nearest of so many parts of an inch; of two as near the smaller. Exact. Refuses a size below zero. @param parts 2 to 128, a power of two */
    public static InchFraction nearest(Length size, long parts) {
        if (size.isNegative()) {
            throw new IllegalArgumentException("A fraction is of a size, not of " + size);
        }
        Length part = LengthUnit.INCH.whole().dividedBy(parts);
        long below = size.picometres() / part.picometres();
        long over = size.picometres() % part.picometres();
        long count = 2 * over > part.picometres() ? below + 1 : below;
        return of(count, parts, part.times(count).minus(size));
    }

    /** So many of those parts of an inch, in lowest terms. @param parts a power of two */
    public static InchFraction of(long count, long parts) {
        return of(count, parts, Length.ZERO);
    }

    private static InchFraction of(long count, long parts, Length error) {
        long numerator = count % parts;
        long denominator = parts;
        while (denominator > 1 && numerator % 2 == 0) {
            numerator /= 2;
            denominator /= 2;
        }
        return new InchFraction(count / parts, numerator, denominator, error);
    }

    /** As it is typed: {@code 2 43/64}, {@code 43/64}, {@code 2}. */
    @Override
    public String toString() {
        String fraction = numerator + "/" + denominator;
        return numerator == 0 ? String.valueOf(whole) : whole == 0 ? fraction : whole + " " + fraction;
    }
}
