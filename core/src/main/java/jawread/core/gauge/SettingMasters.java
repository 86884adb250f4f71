package jawread.core.gauge;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/**
 * What a drawer has to set a comparator on.
 *
 * @param masters rings, and sets of blocks
 * @param gauges of which an outside micrometer, locked at the size, is a master too
 */
public record SettingMasters(List<Master> masters, List<GaugeAtHand> gauges, Warmth warmth) {
    /** A needle goes half a turn of a hundred divisions to either side. */
    private static final int TRAVEL_DIVISIONS = 50;

    public SettingMasters {
        masters = List.copyOf(masters);
        gauges = List.copyOf(gauges);
    }

    /** Um: the smallest U of all that can set it at a size; empty when nothing can. */
    public Optional<Length> expandedFor(GaugeAtHand comparator, Length size) {
        Length travel = comparator.leastCount().times(TRAVEL_DIVISIONS);
        Stream<Length> made =
                masters.stream().filter(master -> master.sets(size, travel)).map(Master::expanded);
        Stream<Length> locked = gauges.stream()
                .filter(gauge -> gauge.kind().hasFrames()
                        && gauge.mayMeasure()
                        && gauge.range().covers(size))
                .map(gauge -> expandedOf(gauge, size));
        return Stream.concat(made, locked).min(Length::compareTo);
    }

    private Length expandedOf(GaugeAtHand micrometer, Length size) {
        var method = new Method(micrometer, Optional.empty(), Optional.empty());
        Usage usage = method.usage(FeatureKind.OUTSIDE).orElseThrow();
        double expanded = Uncertainty.of(method.measures(usage, size, 1, Length.ZERO, warmth))
                .expanded();
        return Length.nearest(expanded);
    }
}
