package jawread.core.limit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;

/**
 * The sizes allowed: from the low limit to the high one, both included; one of them may be open.
 *
 * <p>Not comparable: limits have no natural order.
 */
public record Limits(Optional<Length> low, Optional<Length> high) {
    public Limits {
        if (low.isEmpty() && high.isEmpty()) {
            throw new IllegalArgumentException("Limits need a low or a high limit, got neither");
        }
        if (low.isPresent() && high.isPresent() && low.get().compareTo(high.get()) > 0) {
            throw new IllegalArgumentException("The low limit " + low.get() + " is above the high limit " + high.get());
        }
    }

    public static Limits of(Length lowInclusive, Length highInclusive) {
        return new Limits(Optional.of(lowInclusive), Optional.of(highInclusive));
    }

    public static Limits atLeast(Length lowInclusive) {
        return new Limits(Optional.of(lowInclusive), Optional.empty());
    }

    public static Limits atMost(Length highInclusive) {
        return new Limits(Optional.empty(), Optional.of(highInclusive));
    }

    /** The same, so much farther. */
    public Limits shifted(Length by) {
        return new Limits(low.map(by::plus), high.map(by::plus));
    }

    /** Half way between, rounded half to even to 1 pm; empty when one limit is open. */
    public Optional<Length> middle() {
        return low.flatMap(lo -> high.map(hi -> Length.meanOf(List.of(lo, hi))));
    }

    public boolean isBelow(Length size) {
        return low.isPresent() && size.compareTo(low.get()) < 0;
    }

    public boolean isAbove(Length size) {
        return high.isPresent() && size.compareTo(high.get()) > 0;
    }

    /** Those there are, low first. */
    public List<Length> stated() {
        return Stream.of(low, high).flatMap(Optional::stream).toList();
    }
}
