package jawread.core.gauge;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.Master.Made;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.scale.Scale;

/**
 * What a drawer has to set a comparator on, or a micrometer near the size.
 *
 * @param masters all there are: a comparator is set on a ring or on blocks, a micrometer on a bar, a pin or blocks
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
        /** A bar, a pin or a single block. */
        BAR,
        /** An outside micrometer, locked at the size. */
        MICROMETER;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How far it goes to either side of what it is set on: a needle half a turn, a micrometer's screw a short way. */
    public static Length travel(GaugeAtHand gauge) {
        if (gauge.kind().isComparator()) {
            return gauge.leastCount().times(TRAVEL_DIVISIONS);
        }
        return gauge.unit().isInch() ? Length.ofInches("0.1") : Length.ofMillimetres("2.5");
    }

    /**
     * How far from what it is set to a figure can lie that was read on it: two turns of a needle, 1 mm or 0.04 in of a display, the short
     * travel of a micrometer's screw. Farther off it was set for another size.
     */
    public static Length reads(GaugeAtHand gauge, Scale scale) {
        if (!gauge.kind().isComparator()) {
            return travel(gauge);
        }
        if (scale instanceof jawread.core.scale.Comparator needle) {
            return needle.turn().times(2);
        }
        return gauge.unit().isInch() ? Length.ofInches("0.04") : Length.ofMillimetres("1");
    }

    /** Um: the smallest U of all that a method can be set on at a size; zero for one that is set on nothing, empty when nothing serves. */
    public Optional<Length> expandedFor(Method method, Length size) {
        if (!method.isSet()) {
            return Optional.of(Length.ZERO);
        }
        return method.onMaster()
                ? near(method.gauge(), size).map(SetOn::expanded).min(Length::compareTo)
                : expandedFor(method.gauge(), size);
    }

    /** What a micrometer can be set on near a size, in the order of the drawer: nothing farther than a short travel of its screw. */
    private Stream<SetOn> near(GaugeAtHand micrometer, Length size) {
        return masters.stream()
                .flatMap(master -> master
                        .near(size)
                        .filter(made -> made.size().minus(size).abs().compareTo(travel(micrometer)) <= 0
                                && micrometer.range().covers(made.size()))
                        .map(made -> new SetOn(
                                master.kind() == Master.Kind.BLOCK_SET ? Kind.STACK : Kind.BAR,
                                master.number(),
                                made.size(),
                                made.expanded()))
                        .stream());
    }

    /** Um: the smallest U of all that can set it at a size; empty when nothing can. */
    Optional<Length> expandedFor(GaugeAtHand comparator, Length size) {
        Length travel = travel(comparator);
        Stream<Length> made = masters.stream()
                .filter(master -> master.sets(size, travel))
                .map(master -> master.at(size).map(Made::expanded).orElse(master.expanded()));
        Stream<Length> locked = micrometers(size).map(gauge -> expandedOf(gauge, size));
        return Stream.concat(made, locked).min(Length::compareTo);
    }

    /**
     * All that can set it at a size or as near as it reaches: kinds by the best known of each, and of one kind what comes to
     * just the size before what does not.
     */
    public List<SetOn> at(GaugeAtHand gauge, Length size) {
        List<SetOn> all = gauge.kind().isComparator()
                ? onComparator(gauge, size)
                : near(gauge, size).toList();
        Map<Kind, Length> best = all.stream().collect(Collectors.toMap(SetOn::kind, SetOn::expanded, Length::smaller));
        return all.stream()
                .sorted(Comparator.comparing((SetOn on) -> best.get(on.kind()))
                        .thenComparing(SetOn::kind)
                        .thenComparing(on -> !on.size().equals(size))
                        .thenComparing(SetOn::expanded))
                .toList();
    }

    private List<SetOn> onComparator(GaugeAtHand comparator, Length size) {
        Length travel = travel(comparator);
        Stream<SetOn> made = masters.stream()
                .flatMap(master -> master
                        .at(size)
                        .filter(given -> given.size().minus(size).abs().compareTo(travel) <= 0)
                        .map(given -> new SetOn(
                                master.kind() == Master.Kind.RING ? Kind.RING : Kind.STACK,
                                master.number(),
                                given.size(),
                                given.expanded()))
                        .stream());
        Stream<SetOn> locked = micrometers(size)
                .map(gauge ->
                        new SetOn(Kind.MICROMETER, gauge.number(), gauge.nearestLine(size), expandedOf(gauge, size)));
        return Stream.concat(made, locked).toList();
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
