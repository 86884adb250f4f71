package jawread.server.drawer;

import java.util.List;

/**
 * A gauge as typed, a field a text; an empty one leaves the starting value of its kind.
 *
 * @param scale its scale's id; empty for a transfer gauge and for pins
 * @param unit in or mm
 * @param base what it adds on its own; empty for nothing, and for a micrometer the lower end of its frame
 * @param rods other bases it can stand on, apart by semicolons or blanks
 * @param step from one pin of a set to the next
 * @param allowedSteps how many steps its zero may be out without anything being done; empty for one
 */
public record TypedGauge(
        String shopNumber,
        String name,
        String kind,
        String scale,
        String unit,
        String base,
        String rods,
        String rangeLow,
        String rangeHigh,
        String step,
        String spread,
        String error,
        String reach,
        String allowedSteps,
        boolean switchable,
        List<Long> readers) {}
