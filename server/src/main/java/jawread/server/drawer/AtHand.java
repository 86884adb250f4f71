package jawread.server.drawer;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.Instruments;
import jawread.core.gauge.Choice;
import jawread.core.gauge.Choosing;
import jawread.core.gauge.Condition;
import jawread.core.gauge.Method;
import jawread.core.gauge.Method.Held;
import jawread.core.gauge.Remedies;
import jawread.core.gauge.Remedy;
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
 * @param at that moment
 * @param day the same, in the shop
 * @param instruments all of the drawer, as the rules of measuring know them
 * @param trials of that person, young enough to count, in the order of time
 */
public record AtHand(
        Instant at, LocalDate day, List<GaugeAndReader> methods, Instruments instruments, List<Trial> trials) {
    /** A method weighed for a feature, and what it is in the drawer. */
    public record Weighed(GaugeAndReader method, Choice choice) {}

    /** Of a part of some material, at what was measured of it and the gauge, if anything was. */
    public Warmth warmth(Material part, Optional<Temperatures> measured) {
        return instruments.warmth(part, Material.STEEL, measured);
    }

    /** A method as it is on a kind of feature: what its user has shown to hold there counts. */
    public Method of(GaugeAndReader method, FeatureKind kind) {
        Method plain = instruments.method(method.readWith());
        return inHands(plain, method, kind, trials);
    }

    /** @param trials of whoever has it in hand, in the order of time */
    static Method inHands(Method plain, GaugeAndReader method, FeatureKind kind, List<Trial> trials) {
        return trials.stream()
                .filter(trial -> trial.gaugeId() == method.gauge().id()
                        && trial.readerId().equals(method.reader().map(Gauge::id)))
                .filter(trial -> isOneUse(plain, trial.featureKind(), kind))
                .reduce((before, after) -> after)
                .map(trial -> plain.heldBy(held(trial)))
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

    /** What would make a method of these better, the cheapest first. @param part its material */
    public List<Remedy> remedies(Choosing choosing, Choice choice, Material part) {
        double room = 20 + instruments.fromTwenty();
        return new Remedies(
                        choosing,
                        instruments.settingMasters(choosing.warmth(), at),
                        warmth(part, Optional.of(new Temperatures(room, room))))
                .of(choice);
    }

    private Condition condition(GaugeAndReader method) {
        return Stream.of(method.gauge(), method.read())
                .map(gauge -> condition(gauge, method.onMaster()))
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private Condition condition(Gauge gauge, boolean onMaster) {
        Condition found = instruments.of(gauge.id()).condition(onMaster);
        return gauge.stateOn(day) == GaugeState.DUE && found != Condition.FOUND_OFF ? Condition.DUE : found;
    }

    /** Every method weighed, the proposed one first. */
    public List<Weighed> weigh(Choosing choosing) {
        Map<String, GaugeAndReader> byName =
                methods.stream().collect(Collectors.toMap(GaugeAndReader::number, Function.identity()));
        return choosing
                .among(
                        methods.stream()
                                .map(method -> of(method, choosing.kind()))
                                .toList(),
                        instruments.settingMasters(choosing.warmth(), at),
                        method -> condition(byName.get(method.name())))
                .stream()
                .map(choice -> new Weighed(byName.get(choice.method().name()), choice))
                .toList();
    }
}
