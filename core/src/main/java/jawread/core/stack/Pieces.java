package jawread.core.stack;

import java.math.BigInteger;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
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
        int sum = (int) (wanted.picometres() / step());
        int rest = (int) (total() - sum);
        return Optional.of(sum <= rest ? fewestOf(sum) : allBut(rest));
    }

    private List<Length> fewestOf(int sum) {
        int[] pieces = inSteps();
        int count = leastCount(pieces, sum);
        Optional<ExactSums> found = ExactSums.of(pieces, count, sum);
        while (found.isEmpty()) {
            count++;
            found = ExactSums.of(pieces, count, sum);
        }
        return found.get().thickest().stream().map(sizes::get).toList();
    }

    /**
     * Of a sum above half of them all it is sooner found what is left out: the most, and of those the thinnest.
     *
     * @param rest what those that are left out come to
     */
    private List<Length> allBut(int rest) {
        int[] pieces = inSteps();
        int count = mostCount(pieces, rest);
        Optional<ExactSums> found = ExactSums.of(pieces, count, rest);
        while (found.isEmpty()) {
            count--;
            found = ExactSums.of(pieces, count, rest);
        }
        List<Integer> out = found.get().thinnest();
        return IntStream.iterate(pieces.length - 1, i -> i >= 0, i -> i - 1)
                .filter(i -> !out.contains(i))
                .mapToObj(sizes::get)
                .toList();
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
        // What some pieces come to, the others leave of them all.
        long smaller = Math.min(steps, total() - steps);
        return smaller >= 0 && sumsUpTo((int) smaller).testBit((int) smaller);
    }

    /** Bit n is set where some pieces sum to n steps; none at all sum to 0. */
    private BigInteger sumsUpTo(int most) {
        BigInteger within = lowBits(most + 1);
        BigInteger sums = BigInteger.ONE;
        int[] pieces = inSteps();
        // Thin to thick: the numbers stay short for longest.
        for (int i = pieces.length - 1; i >= 0; i--) {
            sums = sums.or(sums.shiftLeft(pieces[i]));
            if (sums.bitLength() > most + 1) {
                sums = sums.and(within);
            }
        }
        return sums;
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

    /** How many of the thinnest fit into a sum. */
    private static int mostCount(int[] pieces, int sum) {
        long reached = 0;
        int count = 0;
        while (count < pieces.length && reached + pieces[pieces.length - 1 - count] <= sum) {
            reached += pieces[pieces.length - 1 - count];
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
