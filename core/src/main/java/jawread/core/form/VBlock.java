package jawread.core.form;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * Odd lobes, which two contacts cannot see: a round with n equal lobes turned once in a V-block, the indicator above on the
 * bisector, shows F times its lobe height, F = |1 + (−1)ⁿ·cos(n·(90° − α/2)) / sin(α/2)|.
 */
public final class VBlock {
    private static final int FEWEST = 2;
    private static final int MOST = 12;
    private static final BigDecimal NARROWEST = BigDecimal.valueOf(60);
    private static final BigDecimal WIDEST = BigDecimal.valueOf(120);
    /** The indicator all but stands still. */
    private static final BigDecimal LEAST_SEEN = new BigDecimal("0.25");

    private static final int FACTOR_DECIMALS = 9;
    private static final List<BigDecimal> MADE =
            Stream.of(60, 90, 108, 120).map(BigDecimal::valueOf).toList();

    private VBlock() {}

    /**
     * How many times the lobe height the indicator shows, to nine decimals; 0 where it stands still. Refuses fewer than 2 or more than 12
     * lobes and a V below 60° or above 120° ({@code pair-refused}).
     */
    public static Outcome<BigDecimal> factor(int lobes, BigDecimal degrees) {
        if (lobes < FEWEST || lobes > MOST || degrees.compareTo(NARROWEST) < 0 || degrees.compareTo(WIDEST) > 0) {
            return Outcome.refused(
                    Refusal.of("pair-refused").with("lobes", lobes).with("angle", degrees.toPlainString()));
        }
        double half = degrees.doubleValue() / 2;
        double turned = Math.cos(Math.toRadians(lobes * (90 - half))) / Math.sin(Math.toRadians(half));
        double factor = Math.abs(1 + (lobes % 2 == 0 ? turned : -turned));
        return Outcome.of(BigDecimal.valueOf(factor).setScale(FACTOR_DECIMALS, RoundingMode.HALF_EVEN));
    }

    /** Whether the lobes can be seen in a V, by its factor. */
    public static boolean isSeen(BigDecimal factor) {
        return factor.compareTo(LEAST_SEEN) >= 0;
    }

    /** The V-blocks among 60°, 90°, 108° and 120° that see so many lobes, the one that shows them largest first; none for other counts than 2 to 12. */
    public static List<BigDecimal> seenIn(int lobes) {
        return MADE.stream()
                .map(degrees ->
                        new Seen(degrees, factor(lobes, degrees).fold(factor -> factor, none -> BigDecimal.ZERO)))
                .filter(seen -> isSeen(seen.factor()))
                .sorted(Comparator.comparing(Seen::factor).reversed())
                .map(Seen::degrees)
                .toList();
    }

    private record Seen(BigDecimal degrees, BigDecimal factor) {}

    /**
     * Largest minus smallest radius, rounded half to even to 1 pm. Refuses what {@link #factor} refuses, and a factor below 0.25
     * ({@code cannot-be-seen}).
     *
     * @param spread largest minus smallest of the indicator in one turn, zero or above
     */
    public static Outcome<Length> lobeHeight(int lobes, BigDecimal degrees, Length spread) {
        return factor(lobes, degrees)
                .then(factor -> isSeen(factor)
                        ? Outcome.of(over(spread, factor))
                        : Outcome.refused(Refusal.of("cannot-be-seen")
                                .with("lobes", lobes)
                                .with("angle", degrees.toPlainString())
                                .with(
                                        "seenIn",
                                        seenIn(lobes).stream()
                                                .map(BigDecimal::toPlainString)
                                                .collect(Collectors.joining("\u00b0, ")))));
    }

    private static Length over(Length spread, BigDecimal factor) {
        BigInteger height = BigDecimal.valueOf(spread.picometres())
                .divide(factor, 0, RoundingMode.HALF_EVEN)
                .toBigIntegerExact();
        return Length.ofPicometres(height.longValueExact());
    }
}
