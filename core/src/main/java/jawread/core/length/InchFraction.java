package jawread.core.length;

/**
 * The nearest fraction of an inch on a rule: whole inches and so many 64ths, brought to lowest terms.
 *
 * @param numerator 0 where the size is nearest to a whole inch
 * @param denominator a power of two, of a rule's from 1 to 64
 * @param error what the fraction is minus the size it stands for; at most half a 64th
 */
public record InchFraction(long whole, long numerator, long denominator, Length error) {
    private static final long FINEST = 64;
    private static final Length SIXTY_FOURTH = LengthUnit.INCH.whole().dividedBy(FINEST);

    /** The nearest 64th; of two as near the smaller. Exact. Refuses a size below zero. */
    public static InchFraction nearest(Length size) {
        if (size.isNegative()) {
            throw new IllegalArgumentException("A fraction is of a size, not of " + size);
        }
        long below = size.picometres() / SIXTY_FOURTH.picometres();
        long over = size.picometres() % SIXTY_FOURTH.picometres();
        long count = 2 * over > SIXTY_FOURTH.picometres() ? below + 1 : below;
        return of(count, FINEST, SIXTY_FOURTH.times(count).minus(size));
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
