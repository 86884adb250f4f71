package jawread.core.judge;

import java.util.List;
import java.util.stream.IntStream;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * Two methods on the same places: how the first differs from the second. All in µm.
 *
 * @param mean of first − second
 * @param deviation sample standard deviation of the differences
 * @param explained √(U1² + U2²): as far as both methods' U lets their mean differ
 */
public record TwoMethods(double mean, double deviation, double explained) {
    /** Of a normal figure 95 % lie within so many deviations of its mean. */
    private static final double LIMITS_OF_AGREEMENT = 1.96;

    /**
     * Refuses fewer than two places ({@code too-few-places}) and lists that do not match ({@code places-do-not-match}).
     *
     * @param firstExpanded U of the first method, in µm, zero or above
     */
    public static Outcome<TwoMethods> of(
            List<Length> first, List<Length> second, double firstExpanded, double secondExpanded) {
        if (first.size() != second.size()) {
            return Outcome.refused(Refusal.of("places-do-not-match")
                    .with("first", first.size())
                    .with("second", second.size()));
        }
        if (first.size() < 2) {
            return Outcome.refused(Refusal.of("too-few-places").with("count", first.size()));
        }
        double[] apart = IntStream.range(0, first.size())
                .mapToDouble(i -> first.get(i).minus(second.get(i)).micrometres())
                .toArray();
        double mean = Spread.mean(apart);
        return Outcome.of(new TwoMethods(
                mean,
                Math.sqrt(Spread.squares(apart, mean) / (apart.length - 1)),
                explained(firstExpanded, secondExpanded)));
    }

    /** √(U1² + U2²): as far as both methods' U lets two values of theirs differ. */
    public static double explained(double firstExpanded, double secondExpanded) {
        return Math.hypot(firstExpanded, secondExpanded);
    }

    /** The lower limit of agreement. */
    public double low() {
        return mean - LIMITS_OF_AGREEMENT * deviation;
    }

    /** The upper limit of agreement. */
    public double high() {
        return mean + LIMITS_OF_AGREEMENT * deviation;
    }

    /** Whether they differ by more than both methods' U explain. */
    public boolean differs() {
        return Math.abs(mean) > explained;
    }
}
