package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import jawread.core.gauge.Adds;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;

/**
 * What a gauge is, as it was understood. What is empty has its kind's starting value.
 *
 * @param scale empty for a transfer gauge and for pins
 * @param base what it adds on its own: the lower end of its frame, a rod, the size it is set to
 * @param adds its rods, collars, nibs
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
        Adds adds,
        Range range,
        Optional<Length> step,
        Optional<Length> spread,
        Optional<Length> error,
        Optional<Length> reach,
        int allowedSteps,
        boolean switchable,
        List<Long> readers) {}
