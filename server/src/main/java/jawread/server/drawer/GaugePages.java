package jawread.server.drawer;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import jawread.core.assess.ReadWith;
import jawread.core.gauge.Master;
import jawread.core.gauge.Method;
import jawread.core.gauge.Usage;
import jawread.core.heat.Material;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.drawer.DrawerView.MasterView;
import jawread.server.drawer.GaugePageView.ReaderView;
import jawread.server.settings.SerialGauge;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows one gauge: its zero, its state, what it is for and how well. */
@Service
public class GaugePages {
    private final Drawer drawer;
    private final ZeroChecks checks;
    private final Trials trials;
    private final Studies studies;
    private final Methods methods;
    private final DrawerWords drawerWords;
    private final TrialWords trialWords;
    private final UncertaintyWords uncertainties;
    private final ShopSettings settings;
    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    GaugePages(
            Drawer drawer,
            ZeroChecks checks,
            Trials trials,
            Studies studies,
            Methods methods,
            DrawerWords drawerWords,
            TrialWords trialWords,
            UncertaintyWords uncertainties,
            ShopSettings settings,
            TypedFields fields,
            Figures figures,
            Words words) {
        this.drawer = drawer;
        this.checks = checks;
        this.trials = trials;
        this.studies = studies;
        this.methods = methods;
        this.drawerWords = drawerWords;
        this.trialWords = trialWords;
        this.uncertainties = uncertainties;
        this.settings = settings;
        this.fields = fields;
        this.figures = figures;
        this.words = words;
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
                        trialWords.holds(gauge, methods.atHand(person).trials())),
                TypedGauge.of(gauge),
                gauge.switchable(),
                gauge.kind().isComparator(),
                Methods.usages(gauge)
                        .map(usage -> drawerWords.use(gauge, usage))
                        .toList(),
                gauge.kind().hasZero() ? figures.reading(gauge.allowedError(), gauge.unit(), gauge.leastCount()) : null,
                correction(gauge).orElse(null),
                drift(looked, gauge).orElse(null),
                gauge.calibration().map(of -> calibration(of, gauge)).orElse(null),
                speaks(gauge).orElse(null),
                looked.stream().map(check -> drawerWords.check(check, gauge)).toList(),
                drawer.eventsOf(gauge).stream().map(drawerWords::event).toList(),
                trials.of(gauge).stream()
                        .map(trial -> trialWords.of(trial, gauge))
                        .toList(),
                studies.of(gauge).stream()
                        .map(study -> trialWords.of(study, gauge))
                        .toList(),
                readers(gauge),
                masters(gauge));
    }

    private Optional<String> speaks(Gauge gauge) {
        return SerialGauge.parse(settings.of(Setting.SERIAL_GAUGES)).orThrow().stream()
                .filter(each -> each.gauge().equals(gauge.shopNumber()))
                .findFirst()
                .map(each ->
                        words.say("drawer.speaks", Map.of("port", each.port(), "baud", Integer.toString(each.baud()))));
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
                                figures.significant(Length.nearest(Math.abs(drift.getAsDouble())), gauge.unit())
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
                        && gauge.range().covers(master.size()))
                .sorted(Comparator.comparing(ShopMaster::size))
                .map(drawerWords::master)
                .toList();
    }

    private static boolean isFor(Gauge gauge, Predicate<FeatureKind> which) {
        return Methods.usages(gauge).flatMap(usage -> usage.features().stream()).anyMatch(which);
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
        GaugeAndReader method = drawer.method(new ReadWith(id, reader));
        LengthUnit unit = method.read().unit();
        FeatureKind feature = FeatureKind.of(kind)
                .orElseThrow(() -> Refused.field(
                        "kind", Refusal.of("no-such-kind"), words.say("refusal.no-such-kind", Map.of("text", kind))));
        Length length = fields.aboveZero("size", size, unit, "size-needed")
                .orElseThrow(() -> Refused.field("size", "size-needed", words));
        AtHand atHand = methods.atHand(person);
        Warmth warmth = atHand.warmth(Material.STEEL, Optional.empty());
        Method held = atHand.of(method, feature);
        Usage usage = held.usage(feature).orElseThrow(() -> Refused.field("kind", "not-for-feature", words));
        if (!method.gauge().range().covers(length)) {
            throw Refused.field("size", "size-outside-range", words);
        }
        Length master = atHand.instruments()
                .settingMasters(warmth, atHand.at())
                .expandedFor(held, length)
                .orElseThrow(() -> Refused.field("size", "nothing-to-set-on", words));
        var uncertainty = Uncertainty.of(held.measures(usage, length, readings, master, warmth));
        return uncertainties.of(uncertainty, unit, UncertaintyWords.isCalibrated(method.read()));
    }
}
