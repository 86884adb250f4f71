package jawread.core.rework;

import java.util.Collection;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/** What size to order or turn for a part that is there, so that every place keeps the clearance wanted. */
public final class SizeToOrder {
    private SizeToOrder() {}

    /**
     * The outsides that serve for these insides: from the largest inside less the most clearance to the smallest less the least,
     * rounded inward to whole steps. Empty where no size serves.
     *
     * @param wanted both limits of the clearance; below zero it is interference
     * @param step above zero
     */
    public static Optional<Limits> outsideFor(Collection<Length> insides, Limits wanted, Length step) {
        return inward(
                Clearance.largest(insides).minus(wanted.high().orElseThrow()),
                Clearance.smallest(insides).minus(wanted.low().orElseThrow()),
                step);
    }

    /** The other way: from the largest outside and the least clearance to the smallest and the most. */
    public static Optional<Limits> insideFor(Collection<Length> outsides, Limits wanted, Length step) {
        return inward(
                Clearance.largest(outsides).plus(wanted.low().orElseThrow()),
                Clearance.smallest(outsides).plus(wanted.high().orElseThrow()),
                step);
    }

    private static Optional<Limits> inward(Length from, Length to, Length step) {
        Length low = step.times(-Math.floorDiv(-from.picometres(), step.picometres()));
        Length high = step.times(Math.floorDiv(to.picometres(), step.picometres()));
        return low.compareTo(high) > 0 ? Optional.empty() : Optional.of(Limits.of(low, high));
    }
}
