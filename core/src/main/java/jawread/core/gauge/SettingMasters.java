package jawread.core.gauge;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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

    /** Something to set a comparator on. @param number of the master or the micrometer @param size as near as it comes */
    public record SetOn(Kind kind, String number, Length size, Length expanded) {}

    /** What it is set on. */
    public enum Kind {
        RING,
        /** Blocks wrung together, between accessories. */
        STACK,
        /** An outside micrometer, locked at the size. */
        MICROMETER;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How far its needle goes to either side. */
    public static Length travel(GaugeAtHand comparator) {
        return comparator.leastCount().times(TRAVEL_DIVISIONS);
    }

    /** Um: the smallest U of all that can set it at a size; empty when nothing can. */
    public Optional<Length> expandedFor(GaugeAtHand comparator, Length size) {
        Length travel = travel(comparator);
        Stream<Length> made = masters.stream()
                .filter(master -> master.sets(size, travel))
                .map(master -> master.expandedAt(master.at(size).orElse(size)));
        Stream<Length> locked = micrometers(size).map(gauge -> expandedOf(gauge, size));
        return Stream.concat(made, locked).min(Length::compareTo);
    }

    /**
     * All that can set it at a size or as near as the needle reaches: kinds by the best known of each, and of one kind what comes to
     * just the size before what does not.
     */
    public List<SetOn> at(GaugeAtHand comparator, Length size) {
        Length travel = travel(comparator);
        Stream<SetOn> made = masters.stream()
                .flatMap(master -> master
                        .at(size)
                        .filter(at -> at.minus(size).abs().compareTo(travel) <= 0)
                        .map(at -> new SetOn(
                                master.kind() == Master.Kind.RING ? Kind.RING : Kind.STACK,
                                master.number(),
                                at,
                                master.expandedAt(at)))
                        .stream());
        Stream<SetOn> locked = micrometers(size)
                .map(gauge ->
                        new SetOn(Kind.MICROMETER, gauge.number(), gauge.nearestLine(size), expandedOf(gauge, size)));
        List<SetOn> all = Stream.concat(made, locked).toList();
        Map<Kind, Length> best =
                all.stream().collect(Collectors.toMap(SetOn::kind, SetOn::expanded, SettingMasters::smaller));
        return all.stream()
                .sorted(Comparator.comparing((SetOn on) -> best.get(on.kind()))
                        .thenComparing(SetOn::kind)
                        .thenComparing(on -> !on.size().equals(size))
                        .thenComparing(SetOn::expanded))
                .toList();
    }

    private static Length smaller(Length one, Length other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    private Stream<GaugeAtHand> micrometers(Length size) {
        return gauges.stream()
                .filter(gauge -> gauge.kind().hasFrames()
                        && gauge.mayMeasure()
                        && gauge.range().covers(size));
    }

    private Length expandedOf(GaugeAtHand micrometer, Length size) {
        var method = new Method(micrometer, Optional.empty(), Optional.empty());
        Usage usage = method.usage(FeatureKind.OUTSIDE).orElseThrow();
        double expanded = Uncertainty.of(method.measures(usage, size, 1, Length.ZERO, warmth))
                .expanded();
        return Length.nearest(expanded);
    }
}
