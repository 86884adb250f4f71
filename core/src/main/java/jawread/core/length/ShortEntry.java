package jawread.core.length;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Figures that share their head are typed by their last digits: after 32.221, 32.219 and 32.224 the digits 36 stand for 32.236.
 *
 * <p>Only exactly so many digits are short for a figure; any other count of them, a point, a sign, a blank or a unit is a full figure.
 * Where the last reading lies within a tenth of the short span of a change of head nothing is guessed: both figures are offered.
 *
 * @param head what stands before the digits, {@code 32.2}
 * @param digits how many are typed, 2 or 3
 * @param otherHead the head beside it, where the last reading lies near it; empty elsewhere
 */
public record ShortEntry(String head, int digits, Optional<String> otherHead) {
    /** So many readings must share their head. */
    public static final int ALIKE = 3;

    private static final int FEWEST_DIGITS = 2;
    private static final int MOST_DIGITS = 3;

    /** Of the short span: nearer to a change of head it is not guessed. */
    private static final long NEAR = 10;

    /**
     * Empty where they do not share a head, or where the gauge shows no decimals.
     *
     * @param last the last readings, three of them, the newest last
     * @param leastCount of the gauge; one that is no decimal of the unit has no digits to be short with
     */
    public static Optional<ShortEntry> after(List<Length> last, LengthUnit unit, Length leastCount) {
        int decimals = Figure.decimalsOf(leastCount, unit);
        if (last.size() != ALIKE || !isDecimal(leastCount, unit, decimals)) {
            return Optional.empty();
        }
        return Stream.iterate(FEWEST_DIGITS, digits -> digits <= Math.min(MOST_DIGITS, decimals), digits -> digits + 1)
                .flatMap(digits -> with(digits, decimals, last, unit).stream())
                .findFirst();
    }

    private static boolean isDecimal(Length leastCount, LengthUnit unit, int decimals) {
        return leastCount.in(unit).stripTrailingZeros().scale() <= decimals;
    }

    private static Optional<ShortEntry> with(int digits, int decimals, List<Length> last, LengthUnit unit) {
        long span = BigDecimal.TEN.pow(digits).longValueExact();
        List<Long> counts = last.stream()
                .map(length -> length.in(unit).movePointRight(decimals).stripTrailingZeros())
                .filter(count -> count.signum() > 0 && count.scale() <= 0)
                .map(BigDecimal::longValueExact)
                .toList();
        if (counts.size() != last.size()
                || counts.stream().map(count -> count / span).distinct().count() != 1) {
            return Optional.empty();
        }
        long newest = counts.get(counts.size() - 1);
        long head = newest / span;
        long past = newest % span;
        long by = past * NEAR <= span ? -1 : (span - past) * NEAR <= span ? 1 : 0;
        return Optional.of(new ShortEntry(
                text(head, digits, decimals),
                digits,
                by == 0 || head + by < 0 ? Optional.empty() : Optional.of(text(head + by, digits, decimals))));
    }

    private static String text(long head, int digits, int decimals) {
        String figure =
                BigDecimal.valueOf(head).movePointLeft(decimals - digits).toPlainString();
        return decimals == digits ? figure + "." : figure;
    }

    /** The whole figures that what was pressed may stand for: one, or two near a change of head; none where it is a full figure. */
    public List<String> wholes(String pressed) {
        return pressed.matches("\\d{" + digits + "}")
                ? Stream.concat(Stream.of(head), otherHead.stream())
                        .map(before -> before + pressed)
                        .toList()
                : List.of();
    }
}
