package jawread.core.rework;

import java.math.BigInteger;
import java.util.Collection;
import java.util.Comparator;
import jawread.core.judge.Decision;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * What there is between an inside and an outside that goes into it; below zero it is interference.
 *
 * @param smallest smallest inside minus largest outside
 * @param largest largest inside minus smallest outside
 * @param mean mean inside minus mean outside, rounded once, half to even, to 1 pm
 */
public record Clearance(Length smallest, Length largest, Length mean) {
    /** Of the places of each, one or more. */
    public static Clearance of(Collection<Length> insides, Collection<Length> outsides) {
        return new Clearance(
                smallest(insides).minus(largest(outsides)),
                largest(insides).minus(smallest(outsides)),
                mean(insides, outsides));
    }

    /**
     * U of a clearance, in µm: √(U² + U²).
     *
     * @param inside U of the inside's size, in µm
     * @param outside U of the outside's size, in µm
     */
    public static double expanded(double inside, double outside) {
        return Math.hypot(inside, outside);
    }

    /**
     * Whether a clearance lies in what is wanted, as far as both sizes are known.
     *
     * @param expanded its U, in µm
     */
    public static Decision.Word decide(DecisionRule rule, Length clearance, Limits wanted, double expanded) {
        return Decision.of(rule, clearance, wanted, expanded / 2).word();
    }

    private static Length mean(Collection<Length> insides, Collection<Length> outsides) {
        BigInteger over = sum(insides)
                .multiply(BigInteger.valueOf(outsides.size()))
                .subtract(sum(outsides).multiply(BigInteger.valueOf(insides.size())));
        return Length.nearest(over, (long) insides.size() * outsides.size());
    }

    private static BigInteger sum(Collection<Length> lengths) {
        return lengths.stream()
                .map(length -> BigInteger.valueOf(length.picometres()))
                .reduce(BigInteger.ZERO, BigInteger::add);
    }

    static Length smallest(Collection<Length> lengths) {
        return lengths.stream().min(Comparator.naturalOrder()).orElseThrow();
    }

    static Length largest(Collection<Length> lengths) {
        return lengths.stream().max(Comparator.naturalOrder()).orElseThrow();
    }
}
