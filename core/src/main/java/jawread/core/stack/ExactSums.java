package jawread.core.stack;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * All ways in which a given number of pieces, each at most once, come to a sum. Pieces are gone through thick to thin; after each
 * of them it is kept, as one large binary number for every count k, what may be left of the sum under k of those gone through: bit n
 * where n steps are left. Laying a piece on all of them is a shift to the right, which loses what would go past the sum.
 */
final class ExactSums {
    private final int[] pieces;
    private final int count;
    private final int sum;
    private final List<BigInteger[]> leftAfter;

    private ExactSums(int[] pieces, int count, int sum, List<BigInteger[]> leftAfter) {
        this.pieces = pieces;
        this.count = count;
        this.sum = sum;
        this.leftAfter = leftAfter;
    }

    /** Empty where that many do not come to the sum. @param pieces thick to thin, in steps */
    static Optional<ExactSums> of(int[] pieces, int count, int sum) {
        var left = new BigInteger[count + 1];
        Arrays.fill(left, BigInteger.ZERO);
        left[0] = BigInteger.ONE.shiftLeft(sum);
        var leftAfter = new ArrayList<BigInteger[]>();
        for (int piece = 0; piece < pieces.length; piece++) {
            for (int k = Math.min(count, piece + 1); k > 0; k--) {
                left[k] = left[k].or(left[k - 1].shiftRight(pieces[piece]));
            }
            dropHopeless(left, pieces, piece, sum);
            leftAfter.add(left.clone());
        }
        boolean come = count == 0 ? sum == 0 : left[count].testBit(0);
        return come ? Optional.of(new ExactSums(pieces, count, sum, leftAfter)) : Optional.empty();
    }

    /** What the pieces still to come cannot make up: too much is left for them, or too few of them. */
    private static void dropHopeless(BigInteger[] left, int[] pieces, int piece, int sum) {
        int count = left.length - 1;
        long most = 0;
        for (int k = count; k >= 0; k--) {
            int wanting = count - k;
            if (wanting > pieces.length - piece - 1) {
                left[k] = BigInteger.ZERO;
            } else if (left[k].bitLength() > most + 1) {
                left[k] = left[k].and(BigInteger.ONE.shiftLeft((int) most + 1).subtract(BigInteger.ONE));
            }
            int next = piece + 1 + wanting;
            most = next < pieces.length ? Math.min(most + pieces[next], sum) : most;
        }
    }

    /** The pieces, thin to thick, whose thinnest is thickest, then whose second thinnest is, and so on. */
    List<Integer> thickest() {
        return walkBack(true);
    }

    /** The pieces, thin to thick, whose thinnest is thinnest, then whose second thinnest is, and so on. */
    List<Integer> thinnest() {
        return walkBack(false);
    }

    /** From the thinnest on: a piece is taken only where it must be, or wherever it can be. */
    private List<Integer> walkBack(boolean onlyWhereItMust) {
        var taken = new ArrayList<Integer>();
        int left = 0;
        int wanting = count;
        for (int piece = pieces.length - 1; wanting > 0; piece--) {
            boolean can = isLeft(piece - 1, wanting - 1, left + pieces[piece]);
            boolean must = !isLeft(piece - 1, wanting, left);
            if (onlyWhereItMust ? must : can) {
                taken.add(piece);
                left += pieces[piece];
                wanting--;
            }
        }
        return taken;
    }

    /** Whether so many of the pieces up to one leave so much. */
    private boolean isLeft(int upTo, int taken, int left) {
        if (upTo < 0) {
            return taken == 0 && left == sum;
        }
        return leftAfter.get(upTo)[taken].testBit(left);
    }
}
