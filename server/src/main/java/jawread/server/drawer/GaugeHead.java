package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import jawread.core.gauge.GaugeKind;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;

/**
 * What a gauge is, as somebody wrote it down. What is empty has its kind's starting value.
 *
 * @param scale empty for a transfer gauge and for pins
 * @param base what it adds on its own: the lower end of its frame, a rod, the size it is set to
 * @param rods other bases it can stand on
 * @param step of a set of pins
 * @param readers by which a transfer gauge may be measured; none: by any outside micrometer and caliper
 */
public record GaugeHead(
        String shopNumber,
        String name,
        GaugeKind kind,
        Optional<Scale> scale,
        LengthUnit unit,
        Length base,
        List<Length> rods,
        Length rangeLow,
        Length rangeHigh,
        Optional<Length> step,
        Optional<Length> spread,
        Optional<Length> error,
        Optional<Length> reach,
        int allowedSteps,
        boolean switchable,
        List<Long> readers) {
    /** With the starting values of its kind. */
    public static GaugeHead of(
            String shopNumber,
            String name,
            GaugeKind kind,
            Scale scale,
            Length base,
            Length rangeLow,
            Length rangeHigh) {
        return new GaugeHead(
                shopNumber,
                name,
                kind,
                Optional.of(scale),
                scale.unit(),
                base,
                List.of(),
                rangeLow,
                rangeHigh,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                1,
                false,
                List.of());
    }

    /** With rods that bring its base up. */
    public GaugeHead withRods(List<Length> rods) {
        return new GaugeHead(
                shopNumber,
                name,
                kind,
                scale,
                unit,
                base,
                rods,
                rangeLow,
                rangeHigh,
                step,
                spread,
                error,
                reach,
                allowedSteps,
                switchable,
                readers);
    }

    /** A display that shows either unit. */
    public GaugeHead withSwitch() {
        return new GaugeHead(
                shopNumber,
                name,
                kind,
                scale,
                unit,
                base,
                rods,
                rangeLow,
                rangeHigh,
                step,
                spread,
                error,
                reach,
                allowedSteps,
                true,
                readers);
    }

    /** One that has no scale of its own, and is read with others. */
    public static GaugeHead transfer(
            String shopNumber, String name, GaugeKind kind, LengthUnit unit, Length rangeLow, Length rangeHigh) {
        return new GaugeHead(
                shopNumber,
                name,
                kind,
                Optional.empty(),
                unit,
                Length.ZERO,
                List.of(),
                rangeLow,
                rangeHigh,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                1,
                false,
                List.of());
    }
}
