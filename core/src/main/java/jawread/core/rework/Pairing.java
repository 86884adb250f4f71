package jawread.core.rework;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * Insides and outsides put together, each part at most once: as many pairs as the window of clearance lets, and of those ways
 * the one with the least sum of squared distance from the window's middle.
 *
 * <p>Why this is short: were two pairs crossed, the smaller inside with the larger outside and the other way round, then putting them
 * straight leaves both clearances between the two there were, so both still inside the window and, squares being convex, no
 * further from its middle in sum. So some best way has no crossed pairs, and it is enough to go once through both lists in order of size, as one
 * compares two texts: n·m steps, and exact, where a general assignment reckons in rounded weights.
 *
 * @param pairs with the inside's and the outside's index, by inside
 * @param squares twice the distance from the middle, squared and summed, in pm²: exact, and far beyond a {@code long}
 */
public record Pairing(List<Pair> pairs, BigInteger squares) {
    /** Doubled squares of picometres in a square micrometre. */
    private static final BigDecimal FOUR_SQUARE_MICROMETRES = new BigDecimal("4e12");

    /** More of either than anybody lays out on a bench. */
    public static final int MOST = 500;

    public Pairing {
        pairs = List.copyOf(pairs);
    }

    /** Two parts by their index, counted from 0, and what is between them. */
    public record Pair(int inside, int outside, Length clearance) {}

    /** Where the best way through the lists comes from. */
    private enum Came {
        WITHOUT_INSIDE,
        WITHOUT_OUTSIDE,
        AS_PAIR
    }

    /** Up to a cell: how many pairs, and their squares. */
    private record Best(int pairs, BigInteger squares) {
        static final Best NONE = new Best(0, BigInteger.ZERO);

        boolean beats(Best other) {
            return pairs != other.pairs ? pairs > other.pairs : squares.compareTo(other.squares) < 0;
        }
    }

    /** The best way. @param wanted both limits, themselves inside; at most 500 of each kind */
    public static Pairing best(List<Length> insides, List<Length> outsides, Limits wanted) {
        if (insides.size() > MOST || outsides.size() > MOST) {
            throw new IllegalArgumentException("At most " + MOST + " insides and outsides are paired, got "
                    + insides.size() + " and " + outsides.size());
        }
        List<Integer> in = inOrder(insides);
        List<Integer> out = inOrder(outsides);
        var came = new Came[in.size() + 1][out.size() + 1];
        var above = new Best[out.size() + 1];
        Arrays.fill(above, Best.NONE);
        for (int i = 1; i <= in.size(); i++) {
            var row = new Best[out.size() + 1];
            row[0] = Best.NONE;
            for (int o = 1; o <= out.size(); o++) {
                Length clearance = insides.get(in.get(i - 1)).minus(outsides.get(out.get(o - 1)));
                Best best = above[o];
                came[i][o] = Came.WITHOUT_INSIDE;
                if (row[o - 1].beats(best)) {
                    best = row[o - 1];
                    came[i][o] = Came.WITHOUT_OUTSIDE;
                }
                if (isInside(clearance, wanted)) {
                    Best before = above[o - 1];
                    var paired = new Best(before.pairs() + 1, before.squares().add(square(clearance, wanted)));
                    if (paired.beats(best)) {
                        best = paired;
                        came[i][o] = Came.AS_PAIR;
                    }
                }
                row[o] = best;
            }
            above = row;
        }
        return of(back(came, in, out), insides, outsides, wanted);
    }

    private static List<Integer> inOrder(List<Length> lengths) {
        return IntStream.range(0, lengths.size())
                .boxed()
                .sorted(Comparator.comparing(lengths::get))
                .toList();
    }

    /** From the last cell back to the first: index of inside and outside of each pair. */
    private static List<int[]> back(Came[][] came, List<Integer> in, List<Integer> out) {
        var pairs = new ArrayList<int[]>();
        int i = in.size();
        int o = out.size();
        while (i > 0 && o > 0) {
            switch (came[i][o]) {
                case AS_PAIR -> pairs.add(new int[] {in.get(--i), out.get(--o)});
                case WITHOUT_INSIDE -> i--;
                case WITHOUT_OUTSIDE -> o--;
            }
        }
        Collections.reverse(pairs);
        return pairs;
    }

    /**
     * As somebody put them together, inside the window or not.
     *
     * @param chosen index of inside and of outside, each part at most once
     */
    public static Pairing of(List<int[]> chosen, List<Length> insides, List<Length> outsides, Limits wanted) {
        List<Pair> pairs = chosen.stream()
                .map(pair -> new Pair(pair[0], pair[1], insides.get(pair[0]).minus(outsides.get(pair[1]))))
                .sorted(Comparator.comparing(Pair::inside))
                .toList();
        if (pairs.stream().map(Pair::inside).distinct().count() < pairs.size()
                || pairs.stream().map(Pair::outside).distinct().count() < pairs.size()) {
            throw new IllegalArgumentException("A part can be in one pair only");
        }
        return new Pairing(
                pairs,
                pairs.stream().map(pair -> square(pair.clearance(), wanted)).reduce(BigInteger.ZERO, BigInteger::add));
    }

    public static boolean isInside(Length clearance, Limits wanted) {
        return !wanted.isBelow(clearance) && !wanted.isAbove(clearance);
    }

    /** Twice the distance from the middle, squared: the middle itself may be no whole picometre. */
    private static BigInteger square(Length clearance, Limits wanted) {
        return BigInteger.valueOf(clearance
                        .times(2)
                        .minus(wanted.low().orElseThrow())
                        .minus(wanted.high().orElseThrow())
                        .picometres())
                .pow(2);
    }

    /** The root of the mean square of how far the clearances lie from the window's middle; empty without a pair. */
    public Optional<Length> off() {
        return pairs.isEmpty()
                ? Optional.empty()
                : Optional.of(Length.nearest(Math.sqrt(squareMicrometres().doubleValue() / pairs.size())));
    }

    /** The sum of squared distances from the window's middle, in µm², exact. */
    public BigDecimal squareMicrometres() {
        return new BigDecimal(squares).divide(FOUR_SQUARE_MICROMETRES).stripTrailingZeros();
    }
}
