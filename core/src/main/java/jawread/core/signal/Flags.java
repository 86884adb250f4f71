package jawread.core.signal;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What a gauge says besides its figure.
 *
 * @param count the gauge's own, from 0: the same count and figure again soon is the same reading
 * @param isHeld whether the figure was held on the display
 * @param heldFor how long; empty where it does not say
 * @param isCellLow whether its cell runs out
 * @param preset the figure that it was set to; empty where it does not say
 * @param isZeroed whether it counts from a zero that was set by hand
 * @param light of its own tolerance, if it has one
 * @param at by its own clock
 * @param isSimulated whether there is no metal behind it
 * @param unknown what nobody here knows, as it came
 */
public record Flags(
        OptionalLong count,
        boolean isHeld,
        Optional<Duration> heldFor,
        boolean isCellLow,
        Optional<BigDecimal> preset,
        boolean isZeroed,
        Optional<Light> light,
        Optional<Instant> at,
        boolean isSimulated,
        List<String> unknown) {
    public Flags {
        unknown = List.copyOf(unknown);
    }

    /** What the gauge itself makes of its figure, by the limits that somebody has set in it. */
    public enum Light {
        UNDER,
        IN,
        OVER
    }
}
