package jawread.server.drawer;

import jakarta.annotation.Nullable;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.Master;
import jawread.core.gauge.Method;
import jawread.core.gauge.Usage;
import jawread.core.heat.Material;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.drawer.DrawerView.GaugeRowView;
import jawread.server.drawer.DrawerView.MasterView;
import jawread.server.drawer.GaugePageView.ReaderView;
import jawread.server.drawer.GaugePageView.TrialResultView;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows the drawer, one gauge, and what can be read with. */
@Service
class DrawerPages {
    private final Drawer drawer;
    private final ZeroChecks checks;
    private final Trials trials;
    private final Methods methods;
    private final DrawerWords drawerWords;
    private final TrialWords trialWords;
    private final UncertaintyWords uncertainties;
    private final ShopSettings settings;
    private final Figures figures;
    private final Words words;

    DrawerPages(
            Drawer drawer,
            ZeroChecks checks,
            Trials trials,
            Methods methods,
            DrawerWords drawerWords,
            TrialWords trialWords,
            UncertaintyWords uncertainties,
            ShopSettings settings,
            Figures figures,
            Words words) {
        this.drawer = drawer;
        this.checks = checks;
        this.trials = trials;
        this.methods = methods;
        this.drawerWords = drawerWords;
        this.trialWords = trialWords;
        this.uncertainties = uncertainties;
        this.settings = settings;
        this.figures = figures;
        this.words = words;
    }

    /** All that has a scale to be read. */
    @Transactional(readOnly = true)
    public List<GaugeView> readable() {
        ZeroChecks.Wanting wanting = checks.wanting();
        return drawer.methods().stream()
                .filter(method -> method.read().hasScale())
                .map(method -> drawerWords.method(method, wanting))
                .toList();
    }

    /** @param person whose trials are shown */
    @Transactional(readOnly = true)
    public DrawerView all(Optional<Person> person) {
        ZeroChecks.Wanting wanting = checks.wanting();
        List<Trial> young = methods.atHand(person).trials();
        List<GaugeRowView> gauges = drawer.all().stream()
                .map(gauge -> drawerWords.row(gauge, wanting, holds(gauge, young)))
                .toList();
        List<MasterView> masters =
                drawer.masters().stream().map(drawerWords::master).toList();
        long wanted = gauges.stream().filter(gauge -> gauge.wanted() != null).count();
        long unfit = gauges.stream()
                .filter(gauge -> gauge.state().equals("quarantined"))
                .count();
        long due = gauges.stream().filter(gauge -> gauge.state().equals("due")).count();
        return new DrawerView(
                words.say(
                        "drawer.summary",
                        Map.of(
                                "gauges", gauges.size(),
                                "masters", masters.size(),
                                "wanted", wanted,
                                "unfit", unfit,
                                "due", due)),
                gauges,
                masters,
                drawerWords.kinds(),
                Stream.concat(Material.CATALOGUE.stream(), settings.ownMaterials().stream())
                        .map(Material::name)
                        .toList());
    }

    private Optional<String> holds(Gauge gauge, List<Trial> young) {
        return young.stream()
                .filter(trial -> trial.gaugeId() == gauge.id())
                .reduce((before, after) -> after)
                .map(trial -> trialWords.holds(trial, gauge));
    }

    @Transactional(readOnly = true)
    public GaugePageView page(long id, Optional<Person> person) {
        Gauge gauge = drawer.byId(id);
        List<GaugeCheck> looked = checks.of(gauge);
        return new GaugePageView(
                gauge.version(),
                drawerWords.row(
                        gauge,
                        checks.wanting(),
                        holds(gauge, methods.atHand(person).trials())),
                typed(gauge),
                gauge.switchable(),
                Methods.usages(gauge)
                        .map(usage -> drawerWords.use(gauge, usage))
                        .toList(),
                gauge.kind().hasZero() ? figures.reading(gauge.allowedError(), gauge.unit(), gauge.leastCount()) : null,
                correction(gauge).orElse(null),
                drift(looked, gauge).orElse(null),
                gauge.calibration().map(of -> calibration(of, gauge)).orElse(null),
                looked.stream().map(check -> drawerWords.check(check, gauge)).toList(),
                drawer.eventsOf(gauge).stream().map(drawerWords::event).toList(),
                trials.of(gauge).stream()
                        .map(trial -> trialWords.of(trial, gauge))
                        .toList(),
                trials.studiesOf(gauge).stream()
                        .map(study -> trialWords.of(study, gauge))
                        .toList(),
                readers(gauge),
                masters(gauge));
    }

    private Optional<String> correction(Gauge gauge) {
        Length correction = checks.correction(gauge);
        return correction.isZero()
                ? Optional.empty()
                : Optional.of(words.say(
                        correction.isNegative() ? "drawer.correction.less" : "drawer.correction.more",
                        Map.of("correction", figures.exactly(correction.abs(), gauge.unit()))));
    }

    private Optional<String> drift(List<GaugeCheck> looked, Gauge gauge) {
        OptionalDouble drift = ZeroChecks.drift(looked);
        return drift.isEmpty()
                ? Optional.empty()
                : Optional.of(words.say(
                        drift.getAsDouble() >= 0 ? "drawer.drift.up" : "drawer.drift.down",
                        Map.of(
                                "drift",
                                figures.significant(AtHand.micrometres(Math.abs(drift.getAsDouble())), gauge.unit())
                                        .inBoth(),
                                "count",
                                looked.size())));
    }

    private String calibration(Calibration of, Gauge gauge) {
        return words.say(
                of.due().isPresent() ? "drawer.calibration.until" : "drawer.calibration",
                Map.of(
                        "on", Dates.said(of.on()),
                        "error", figures.exactly(of.error(), gauge.unit()),
                        "expanded", figures.exactly(of.expanded(), gauge.unit()),
                        "due", of.due().map(Dates::said).orElse("")));
    }

    private List<ReaderView> readers(Gauge gauge) {
        return gauge.kind().isTransfer()
                ? drawer.readersOf(gauge, drawer.all())
                        .map(reader -> new ReaderView(reader.id(), reader.shopNumber(), reader.name()))
                        .toList()
                : List.of();
    }

    /**
     * Those whose size lies in its range and that it can be put to, a ring to what measures holes, anything else to what does
     * not; the smallest first: a micrometer is checked at its lower end.
     */
    private List<MasterView> masters(Gauge gauge) {
        boolean holes = isFor(gauge, FeatureKind::isHole);
        boolean others = isFor(gauge, kind -> !kind.isHole());
        return drawer.masters().stream()
                .filter(master -> drawer.mayBeUsed(master)
                        && master.kind() != Master.Kind.BLOCK_SET
                        && (master.kind() == Master.Kind.RING ? holes : others)
                        && gauge.covers(master.size()))
                .sorted(Comparator.comparing(ShopMaster::size))
                .map(drawerWords::master)
                .toList();
    }

    private static boolean isFor(Gauge gauge, Predicate<FeatureKind> which) {
        return Methods.usages(gauge).flatMap(usage -> usage.features().stream()).anyMatch(which);
    }

    private TypedGauge typed(Gauge gauge) {
        LengthUnit unit = gauge.unit();
        return new TypedGauge(
                gauge.shopNumber(),
                gauge.name(),
                gauge.kind().code(),
                gauge.hasScale() ? gauge.scale().id() : "",
                unit.symbol(),
                digits(gauge.base(), unit),
                gauge.bases().stream()
                        .filter(rod -> !rod.equals(gauge.base()))
                        .map(rod -> digits(rod, unit))
                        .collect(Collectors.joining("; ")),
                digits(gauge.rangeLow(), unit),
                digits(gauge.rangeHigh(), unit),
                gauge.step().map(of -> digits(of, unit)).orElse(""),
                gauge.spread().map(of -> digits(of, unit)).orElse(""),
                gauge.error().map(of -> digits(of, unit)).orElse(""),
                gauge.reach().map(of -> digits(of, unit)).orElse(""),
                Integer.toString(gauge.allowedSteps()),
                gauge.switchable(),
                List.copyOf(gauge.readers()));
    }

    private static String digits(Length length, LengthUnit unit) {
        return length.in(unit).stripTrailingZeros().toPlainString();
    }

    /**
     * How well one reading or more would be known. Refuses a size that is none, or outside the range, and a kind of feature it
     * is not for.
     *
     * @param reader of a transfer gauge
     */
    @Transactional(readOnly = true)
    public UncertaintyView uncertainty(
            long id, Optional<Long> reader, String kind, String size, int readings, Optional<Person> person) {
        GaugeAndReader method = drawer.method(id, reader);
        LengthUnit unit = method.read().unit();
        FeatureKind feature = FeatureKind.of(kind)
                .orElseThrow(() -> Refused.field(
                        "kind", Refusal.of("no-such-kind"), words.say("refusal.no-such-kind", Map.of("text", kind))));
        Length length = TypedLength.parse(size, unit, TypedLength.Kind.SIZE).fold(TypedLength::length, refusal -> {
            throw Refused.field("size", refusal, words.say(refusal, unit));
        });
        AtHand atHand = methods.atHand(person);
        Warmth warmth =
                atHand.warmth(Material.CATALOGUE.get(0).perMillionKelvin().doubleValue() / 1e6);
        Method held = atHand.of(method, feature);
        Usage usage = held.usage(feature).orElseThrow(() -> Refused.field("kind", "not-for-feature", words));
        if (!method.gauge().covers(length)) {
            throw Refused.field("size", "size-outside-range", words);
        }
        Length master = method.gauge().kind().isComparator()
                ? atHand.settingMasters(warmth)
                        .expandedFor(held.gauge(), length)
                        .orElseThrow(() -> Refused.field("size", "nothing-to-set-on", words))
                : Length.ZERO;
        var uncertainty = Uncertainty.of(held.measures(usage, length, readings, master, warmth));
        return uncertainties.of(uncertainty, unit, UncertaintyWords.isCalibrated(method.read()));
    }

    /** What a trial comes to so far; the result is absent while there are too few readings, and the sentence says how many. */
    @Transactional(readOnly = true)
    public TrialSoFarView trial(Trials.TypedTrial typed) {
        Trials.TrialUnderstood understood = trials.understand(typed);
        Gauge read = understood.method().read();
        return understood
                .result()
                .fold(
                        result -> new TrialSoFarView(
                                trialWords.result(
                                        result, understood.readings(), understood.master(), read.leastCount(), read),
                                ""),
                        refusal -> new TrialSoFarView(null, words.say(refusal, read.unit())));
    }

    /** @param wanting what is still wanted, in a sentence; empty once there is a result */
    record TrialSoFarView(@Nullable TrialResultView result, String wanting) {}

    /** What a study comes to so far, in a sentence; or what is still wanted. */
    @Transactional(readOnly = true)
    public StudySoFarView study(Trials.TypedStudy typed) {
        Trials.StudyUnderstood understood = trials.understand(typed);
        LengthUnit unit = understood.gauge().unit();
        return understood
                .result()
                .fold(
                        result -> new StudySoFarView(true, trialWords.study(result, understood.tolerance(), unit)),
                        refusal -> new StudySoFarView(false, words.say(refusal, unit)));
    }

    /** @param complete whether it may be kept */
    record StudySoFarView(boolean complete, String sentence) {}
}
