package jawread.core.scale;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.Outcome;

/**
 * The distance of two centres that nothing can be laid on: found from edges. Each rounded once, half to even, to 1 pm. What
 * cannot be is refused as {@code edges-swapped}.
 */
public final class CentreDistance {
    private CentreDistance() {}

    /**
     * Of two equal holes or pins: (A + B)/2, their diameter drops out.
     *
     * @param outer A, over the two outer edges
     * @param inner B, between the two inner edges
     */
    public static Outcome<Length> ofEqual(Length outer, Length inner) {
        return outer.compareTo(inner) < 0
                ? Outcome.refused("edges-swapped")
                : Outcome.of(Length.meanOf(List.of(outer, inner)));
    }

    /** Of two holes: B + (d1 + d2)/2, B between their near edges. */
    public static Length ofHoles(Length between, Length one, Length other) {
        return between.times(2).plus(one).plus(other).half();
    }

    /** Of two pins: A − (d1 + d2)/2, A over their far edges. */
    public static Outcome<Length> ofPins(Length over, Length one, Length other) {
        Length centre = over.times(2).minus(one).minus(other).half();
        return centre.isNegative() ? Outcome.refused("edges-swapped") : Outcome.of(centre);
    }

    /** Of two positions on a stage or a display. Exact. */
    public static Length ofZeros(Length one, Length other) {
        return other.minus(one).abs();
    }
}
