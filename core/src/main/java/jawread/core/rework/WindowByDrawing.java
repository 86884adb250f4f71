package jawread.core.rework;

import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.limit.Fit;
import jawread.core.limit.Limits;
import jawread.core.limit.TypedLimits;

/**
 * What the drawings say there is to be between an inside and an outside that goes into it.
 *
 * @param clearance from the least to the most; below zero interference
 * @param by which limits say so
 */
public record WindowByDrawing(Limits clearance, By by) {
    /** Sizes that lie farther apart than one part in so many are of no parts that go into each other. */
    private static final int MATES_WITHIN = 100;

    /** Which limits say so. */
    public enum By {
        /** Those of the inside were written as a fit. */
        FIT_OF_INSIDE,
        FIT_OF_OUTSIDE,
        /** Both: neither was written as a fit. */
        BOTH_LIMITS
    }

    /** By the fit that one of them was written with, else by both their limits; empty where they are no mates, or a limit is open. */
    public static Optional<WindowByDrawing> of(TypedLimits inside, TypedLimits outside) {
        return Stream.of(
                        inside.fit().flatMap(fit -> byFit(fit, By.FIT_OF_INSIDE)),
                        outside.fit().flatMap(fit -> byFit(fit, By.FIT_OF_OUTSIDE)),
                        byLimits(inside.limits(), outside.limits()))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private static Optional<WindowByDrawing> byFit(Fit fit, By by) {
        return fit.smallestClearance()
                .flatMap(least -> fit.largestClearance().map(most -> new WindowByDrawing(Limits.of(least, most), by)));
    }

    private static Optional<WindowByDrawing> byLimits(Limits inside, Limits outside) {
        return inside.middle()
                .flatMap(in -> outside.middle().filter(out -> areMates(in, out)))
                .map(mates -> new WindowByDrawing(
                        Limits.of(
                                inside.low().orElseThrow().minus(outside.high().orElseThrow()),
                                inside.high().orElseThrow().minus(outside.low().orElseThrow())),
                        By.BOTH_LIMITS));
    }

    private static boolean areMates(Length inside, Length outside) {
        return inside.minus(outside).abs().times(MATES_WITHIN).compareTo(outside) <= 0;
    }
}
