package jawread.server.drawer;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.core.gauge.Choice;
import jawread.core.gauge.Choosing;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.Master;
import jawread.core.gauge.Method;
import jawread.core.gauge.Method.Held;
import jawread.core.gauge.SettingMasters;
import jawread.core.gauge.Usage;
import jawread.core.heat.Material;
import jawread.core.judge.KnownSizeTrial;
import jawread.core.judge.Warmth;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/**
 * What can be measured with at one moment, in one person's hands.
 *
 * @param gauges by their id, as the rules of measuring know them
 * @param trials of that person, young enough to count, in the order of time
 * @param masters that may be used
 * @param apart δT in K, where nobody measured
 * @param fromTwenty ΔT20 in K
 * @param measuredApart δT in K, where both were measured
 * @param known what was weighed already: a long plan asks the same again and again, four seats of one size on twelve parts
 */
public record AtHand(
        List<GaugeAndReader> methods,
        Map<Long, GaugeAtHand> gauges,
        List<Trial> trials,
        List<Master> masters,
        double apart,
        double fromTwenty,
        double measuredApart,
        Map<Choosing, List<Weighed>> known) {
    /** Some dozens of long plans. */
    private static final int MOST_KNOWN = 20_000;

    /** A method weighed for a feature, and what it is in the drawer. */
    public record Weighed(GaugeAndReader method, Choice choice) {}

    /** Of a part of some material, while nobody has measured a temperature. */
    public Warmth warmth(Material part) {
        return Warmth.unmeasured(part.alpha(), Material.STEEL.alpha(), apart, fromTwenty);
    }

    /** Of a part of some material, at what was measured of it and the gauge, if anything was. */
    public Warmth warmth(Material part, Optional<Temperatures> measured) {
        return measured.isEmpty()
                ? warmth(part)
                : new Warmth(part.alpha(), Material.STEEL.alpha(), measured, measuredApart, 0);
    }

    /** @param methods all of them, with each gauge as the rules of measuring know it */
    static AtHand of(
            List<GaugeAndReader> methods,
            List<Trial> trials,
            List<Master> masters,
            double apart,
            double fromTwenty,
            double measuredApart) {
        var gauges = new HashMap<Long, GaugeAtHand>();
        methods.forEach(method -> {
            gauges.computeIfAbsent(method.gauge().id(), id -> Methods.atHand(method.gauge()));
            gauges.computeIfAbsent(method.read().id(), id -> Methods.atHand(method.read()));
        });
        return new AtHand(
                methods, gauges, trials, masters, apart, fromTwenty, measuredApart, new ConcurrentHashMap<>());
    }

    /** A method as it is on a kind of feature: what its user has shown to hold there counts. */
    public Method of(GaugeAndReader method, FeatureKind kind) {
        var plain = new Method(
                gauges.get(method.gauge().id()), method.reader().map(of -> gauges.get(of.id())), Optional.empty());
        return inHands(plain, method, kind, trials);
    }

    /** @param trials of whoever has it in hand, in the order of time */
    static Method inHands(Method plain, GaugeAndReader method, FeatureKind kind, List<Trial> trials) {
        return trials.stream()
                .filter(trial -> trial.gaugeId() == method.gauge().id()
                        && trial.readerId().equals(method.reader().map(Gauge::id)))
                .filter(trial -> isOneUse(plain, trial.featureKind(), kind))
                .reduce((before, after) -> after)
                .map(trial -> new Method(plain.gauge(), plain.reader(), Optional.of(held(trial))))
                .orElse(plain);
    }

    /** Whether two kinds of feature are one use of a gauge: a bore and a slot are, to the inside jaws of a caliper. */
    private static boolean isOneUse(Method method, FeatureKind one, FeatureKind other) {
        return method.usage(one)
                .map(Usage::features)
                .filter(features -> features.contains(other))
                .isPresent();
    }

    private static Held held(Trial trial) {
        KnownSizeTrial result = trial.result();
        return new Held(Length.nearest(Math.abs(result.bias())), Length.nearest(result.spread(trial.resolution())));
    }

    /** As it was read with, whatever became of it since. */
    public Method asRead(GaugeAndReader method) {
        return new Method(gaugeAtHand(method.gauge()), method.reader().map(this::gaugeAtHand), Optional.empty());
    }

    private GaugeAtHand gaugeAtHand(Gauge gauge) {
        GaugeAtHand known = gauges.get(gauge.id());
        return known != null ? known : Methods.atHand(gauge);
    }

    /** Um at best: U of what a comparator can be set on at a size; zero for any other gauge, and where nothing can set it. */
    public Length masterExpanded(Method method, Length size, Warmth warmth) {
        return method.gauge().kind().isComparator()
                ? settingMasters(warmth).expandedFor(method.gauge(), size).orElse(Length.ZERO)
                : Length.ZERO;
    }

    public SettingMasters settingMasters(Warmth warmth) {
        return new SettingMasters(
                masters,
                methods.stream()
                        .filter(method -> method.reader().isEmpty())
                        .map(method -> gauges.get(method.gauge().id()))
                        .toList(),
                warmth);
    }

    /** Every method weighed, the proposed one first. */
    public List<Weighed> weigh(Choosing choosing) {
        if (known.size() > MOST_KNOWN) {
            known.clear();
        }
        return known.computeIfAbsent(choosing, this::weighed);
    }

    private List<Weighed> weighed(Choosing choosing) {
        Map<String, GaugeAndReader> byName =
                methods.stream().collect(Collectors.toMap(GaugeAndReader::number, Function.identity()));
        return choosing
                .among(
                        methods.stream()
                                .map(method -> of(method, choosing.kind()))
                                .toList(),
                        settingMasters(choosing.warmth()))
                .stream()
                .map(choice -> new Weighed(byName.get(choice.method().name()), choice))
                .toList();
    }
}
