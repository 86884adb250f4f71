package jawread.core.stack;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * Pieces that are laid one on another, each at most once. Sums are kept as one large binary number, a bit for each multiple of the
 * step that all pieces share, so that laying a piece on every sum there is comes to one shift.
 *
 * @param sizes above zero, in any order; empty where every piece is missing
 */
public record Pieces(List<Length> sizes) {
    /** Two metres by half micrometres: more than any set can be laid to, and still a moment's work. */
    private static final int MOST_STEPS = 4_000_000;

    public Pieces {
        sizes = sizes.stream().sorted(Comparator.reverseOrder()).toList();
        if (sizes.stream().anyMatch(size -> size.isNegative() || size.isZero())) {
            throw new IllegalArgumentException("A piece is thicker than nothing, not " + sizes);
        }
        if (isTooFine(sizes)) {
            throw new IllegalArgumentException("Pieces that share too fine a step to be summed: " + sizes);
        }
    }

    /** Whether some sizes are too many steps long, of the step that all of them share. */
    static boolean isTooFine(List<Length> sizes) {
        return !sizes.isEmpty() && sumOf(sizes).picometres() / stepOf(sizes) > MOST_STEPS;
    }

    /**
     * The fewest that sum to exactly the wanted size, thin to thick: among equals those whose thinnest is thickest, then whose
     * second thinnest is, and so on. Empty where none do.
     */
    public Optional<List<Length>> fewest(Length wanted) {
        if (!make(wanted)) {
            return Optional.empty();
        }
        int[] steps = inSteps();
        int left = (int) (wanted.picometres() / step());
        int count = leastCount(steps, left);
        int thinnest = thinnest(steps, count, left, steps.length);
        while (thinnest < 0) {
            count++;
            thinnest = thinnest(steps, count, left, steps.length);
        }
        var taken = new ArrayList<Length>();
        // What is left is made by one fewer of the thicker ones, and once more by those whose thinnest is thickest.
        for (int more = count; more > 0; more--) {
            taken.add(sizes.get(thinnest));
            left -= steps[thinnest];
            thinnest = thinnest(steps, more - 1, left, thinnest);
        }
        return Optional.of(taken);
    }

    /** The largest sum of one or more that does not exceed a size. */
    public Optional<Length> atMost(Length size) {
        if (sizes.isEmpty() || size.isNegative()) {
            return Optional.empty();
        }
        long most = Math.min(size.picometres() / step(), total());
        int highest = sumsUpTo((int) most).bitLength() - 1;
        return highest > 0 ? Optional.of(ofSteps(highest)) : Optional.empty();
    }

    /** The smallest sum above a size. */
    public Optional<Length> above(Length size) {
        if (sizes.isEmpty()) {
            return Optional.empty();
        }
        long above = Math.max(0, Math.floorDiv(size.picometres(), step())) + 1;
        if (above > total()) {
            return Optional.empty();
        }
        // Some sum above it lies within the thickest piece: take pieces off any that does not, one after the other.
        int thickest = inSteps()[0];
        int lowest = sumsUpTo((int) Math.min(above + thickest, total()))
                .shiftRight((int) above)
                .getLowestSetBit();
        return Optional.of(ofSteps((int) above + lowest));
    }

    private boolean make(Length wanted) {
        if (sizes.isEmpty() || wanted.isNegative() || wanted.isZero() || wanted.picometres() % step() != 0) {
            return false;
        }
        long steps = wanted.picometres() / step();
        return steps <= total() && sumsUpTo((int) steps).testBit((int) steps);
    }

    /** Bit n is set where some pieces sum to n steps; none at all sum to 0. */
    private BigInteger sumsUpTo(int most) {
        BigInteger within = lowBits(most + 1);
        BigInteger sums = BigInteger.ONE;
        for (int piece : inSteps()) {
            sums = sums.or(sums.shiftLeft(piece));
            if (sums.bitLength() > most + 1) {
                sums = sums.and(within);
            }
        }
        return sums;
    }

    /**
     * The piece with which {@code count} of the first {@code among}, taken thick to thin, first make a sum: no other such stack has
     * a thicker thinnest piece. −1 where none make it.
     */
    private static int thinnest(int[] pieces, int count, int sum, int among) {
        // left[k]: what may be left of the sum under k pieces. A shift to the right loses what would go past it.
        var left = new BigInteger[count + 1];
        Arrays.fill(left, BigInteger.ZERO);
        left[0] = BigInteger.ONE.shiftLeft(sum);
        for (int piece = 0; piece < among && count > 0; piece++) {
            for (int k = Math.min(count, piece + 1); k > 0; k--) {
                left[k] = left[k].or(left[k - 1].shiftRight(pieces[piece]));
            }
            if (left[count].testBit(0)) {
                return piece;
            }
            long most = 0;
            for (int k = count; k >= 0; k--) {
                // The thickest that could still be laid on it; what is left beyond that is never made up.
                left[k] = left[k].bitLength() > most + 1 ? left[k].and(lowBits((int) most + 1)) : left[k];
                int next = piece + 1 + count - k;
                most = next < among ? Math.min(most + pieces[next], sum) : most;
            }
        }
        return -1;
    }

    /** How many of the thickest it takes to reach a sum at all. */
    private static int leastCount(int[] pieces, int sum) {
        long reached = 0;
        int count = 0;
        while (reached < sum) {
            reached += pieces[count];
            count++;
        }
        return count;
    }

    private static BigInteger lowBits(int bits) {
        return BigInteger.ONE.shiftLeft(bits).subtract(BigInteger.ONE);
    }

    private int[] inSteps() {
        long step = step();
        return sizes.stream().mapToInt(size -> (int) (size.picometres() / step)).toArray();
    }

    private long total() {
        return sumOf(sizes).picometres() / step();
    }

    private long step() {
        return stepOf(sizes);
    }

    private Length ofSteps(int count) {
        return Length.ofPicometres(Math.multiplyExact(step(), (long) count));
    }

    private static Length sumOf(List<Length> sizes) {
        return sizes.stream().reduce(Length.ZERO, Length::plus);
    }

    private static long stepOf(List<Length> sizes) {
        return sizes.stream()
                .map(size -> BigInteger.valueOf(size.picometres()))
                .reduce(BigInteger.ZERO, BigInteger::gcd)
                .longValueExact();
    }
}
