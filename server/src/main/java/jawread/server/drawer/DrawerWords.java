package jawread.server.drawer;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.LimitTry;
import jawread.core.gauge.Range;
import jawread.core.gauge.SettingMasters;
import jawread.core.gauge.Usage;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.scale.Digits;
import jawread.core.scale.Scales;
import jawread.server.access.People;
import jawread.server.drawer.DrawerView.GaugeKindView;
import jawread.server.drawer.DrawerView.GaugeRowView;
import jawread.server.drawer.DrawerView.MasterView;
import jawread.server.drawer.DrawerView.ScaleChoiceView;
import jawread.server.drawer.DrawerView.UsualRangeView;
import jawread.server.drawer.GaugePageView.CheckView;
import jawread.server.drawer.GaugePageView.EventView;
import jawread.server.drawer.GaugePageView.UseView;
import jawread.server.drawer.GaugeView.TryView;
import jawread.server.scale.ScaleViews;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts gauges, masters and checks into figures and words. */
@Component
class DrawerWords {
    private final People people;
    private final Drawer drawer;
    private final MethodNames names;
    private final BaseWords bases;
    private final CheckWords checks;
    private final ScaleViews scales;
    private final Durations durations;
    private final Figures figures;
    private final Words words;

    DrawerWords(
            People people,
            Drawer drawer,
            MethodNames names,
            BaseWords bases,
            CheckWords checks,
            ScaleViews scales,
            Durations durations,
            Figures figures,
            Words words) {
        this.people = people;
        this.drawer = drawer;
        this.names = names;
        this.bases = bases;
        this.checks = checks;
        this.scales = scales;
        this.durations = durations;
        this.figures = figures;
        this.words = words;
    }

    GaugeView method(GaugeAndReader method, ZerosWanting wanting) {
        Gauge read = method.read();
        LengthUnit unit = read.unit();
        GaugeState state = method.gauge().mayMeasure() ? drawer.stateOf(read) : drawer.stateOf(method.gauge());
        return new GaugeView(
                method.key(),
                method.gauge().id(),
                method.reader().map(Gauge::id).orElse(null),
                method.onMaster() ? true : null,
                method.number(),
                names.of(method),
                method.gauge().kind().code(),
                state.code(),
                words.say("gauge.state." + state.code()),
                method.mayMeasure(),
                method.onMaster()
                        ? null
                        : wanting.of(read).map(why -> checks.wanted(why, read)).orElse(null),
                whole(read.base(), unit),
                bases.of(read),
                whole(read.range().low(), unit),
                whole(read.range().high(), unit),
                unit.symbol(),
                stepOf(read),
                method.isSet() ? whole(SettingMasters.reads(Methods.atHand(read), read.scale()), unit) : null,
                read.hasScale() && read.scale() instanceof Digits,
                read.kind().isLimitGauge()
                        ? Arrays.stream(LimitTry.values())
                                .map(each -> new TryView(each.code(), words.say("limit-try." + each.code())))
                                .toList()
                        : List.of(),
                read.hasScale() ? scales.of(read.scale(), read.base()) : null);
    }

    /** Its steps; what has none has figures to a whole unit. */
    private LengthText stepOf(Gauge gauge) {
        LengthUnit unit = gauge.unit();
        return figures.reading(
                gauge.leastCount(), unit, gauge.leastCount().isZero() ? unit.whole() : gauge.leastCount());
    }

    private LengthText whole(Length length, LengthUnit unit) {
        return figures.reading(length, unit, unit.whole());
    }

    /** @param holds what whoever looks holds with it */
    GaugeRowView row(Gauge gauge, ZerosWanting wanting, Optional<String> holds) {
        GaugeState state = drawer.stateOf(gauge);
        return new GaugeRowView(
                gauge.id(),
                gauge.shopNumber(),
                gauge.name(),
                gauge.kind().code(),
                kind(gauge.kind()),
                state.code(),
                words.say("gauge.state." + state.code()),
                range(gauge),
                gauge.leastCount().isZero()
                        ? null
                        : figures.reading(gauge.leastCount(), gauge.unit(), gauge.leastCount()),
                gauge.calibration()
                        .flatMap(Calibration::due)
                        .map(due -> words.say("drawer.due", Map.of("date", Dates.said(due))))
                        .orElse(null),
                wanting.of(gauge).map(why -> checks.wanted(why, gauge)).orElse(null),
                wanting.lastOf(gauge).map(check -> lastChecked(check, gauge)).orElse(null),
                holds.orElse(null));
    }

    String kind(GaugeKind kind) {
        return words.say("gauge-kind." + kind.code());
    }

    String range(Gauge gauge) {
        return words.say(
                "drawer.range",
                Map.of(
                        "low", figures.exactly(gauge.range().low(), gauge.unit()),
                        "high", figures.exactly(gauge.range().high(), gauge.unit())));
    }

    private String lastChecked(GaugeCheck check, Gauge gauge) {
        boolean good = !check.result().isOff(check.allowed());
        return words.say(
                good ? "drawer.checked.good" : "drawer.checked.off",
                Map.of(
                        "date", Dates.said(drawer.dayOf(check.at())),
                        "left", signed(check.result().left(), gauge)));
    }

    private String signed(Length error, Gauge gauge) {
        String figure = figures.exactly(error, gauge.unit());
        return error.picometres() > 0 ? "+" + figure : figure;
    }

    MasterView master(ShopMaster master) {
        Length step = master.unit().isInch() ? Length.ofInches("0.0001") : Length.ofMillimetres("0.001");
        String state = master.retired() ? "retired" : drawer.mayBeUsed(master) ? "in-use" : "due";
        return new MasterView(
                master.id(),
                master.version(),
                master.shopNumber(),
                master.kind().code(),
                words.say("master-kind." + master.kind().code()),
                figures.reading(master.nameSize(), master.unit(), step),
                master.certified()
                        .map(size -> figures.reading(size, master.unit(), step))
                        .orElse(null),
                figures.significant(master.expanded(), master.unit()),
                master.unit().symbol(),
                master.material(),
                master.due()
                        .map(due -> words.say("drawer.due", Map.of("date", Dates.said(due))))
                        .orElse(null),
                state,
                words.say("gauge.state." + state),
                TypedMaster.of(master));
    }

    List<GaugeKindView> kinds() {
        return GaugeKind.ALL.stream()
                .map(kind -> new GaugeKindView(
                        kind.code(),
                        kind(kind),
                        Scales.all().stream()
                                .filter(kind::mayBear)
                                .map(scale -> new ScaleChoiceView(
                                        scale.id(),
                                        scales.of(scale, Length.ZERO).name(),
                                        scale.unit().symbol()))
                                .toList(),
                        kind.isTransfer(),
                        kind.isBracket() && !kind.isLimitGauge(),
                        kind.isLimitGauge() && !kind.isForThreads(),
                        kind.isForThreads(),
                        kind.hasFrames(),
                        kind.mayRead(),
                        usual(kind, LengthUnit.MILLIMETRE),
                        usual(kind, LengthUnit.INCH)))
                .toList();
    }

    private static UsualRangeView usual(GaugeKind kind, LengthUnit unit) {
        Range range = kind.usualRange(unit);
        return new UsualRangeView(TypedFields.asTyped(range.low(), unit), TypedFields.asTyped(range.high(), unit));
    }

    UseView use(Gauge gauge, Usage usage) {
        LengthUnit unit = gauge.unit();
        Optional<Length> spread = gauge.spread().or(usage::spread);
        Optional<Calibration> calibration = gauge.calibration();
        Optional<Length> error =
                calibration.map(Calibration::expanded).or(gauge::error).or(usage::permittedError);
        Optional<Length> reach = gauge.reach().or(usage::reach);
        return new UseView(
                usage.features().stream()
                        .sorted(Comparator.comparing(FeatureKind::ordinal))
                        .map(FeatureKind::code)
                        .toList(),
                usage.features().stream()
                        .sorted(Comparator.comparing(FeatureKind::ordinal))
                        .map(kind -> words.say("feature-kind." + kind.code()))
                        .collect(Collectors.joining(", ")),
                spread.map(of -> figures.significant(of, unit)).orElse(null),
                gauge.spread().isPresent() ? "own" : "starting",
                error.map(of -> figures.significant(of, unit)).orElse(null),
                calibration.isPresent() ? "calibration" : gauge.error().isPresent() ? "own" : "starting",
                reach.map(of -> figures.significant(of, unit)).orElse(null),
                gauge.reach().isPresent() ? "own" : "starting",
                words.say(
                        usage.setUpSeconds() == 0 ? "drawer.time" : "drawer.time.set-up",
                        Map.of(
                                "seconds", durations.of(usage.secondsAReading()),
                                "setUp", durations.of(usage.setUpSeconds()))));
    }

    CheckView check(GaugeCheck check, Gauge gauge) {
        LengthUnit unit = gauge.unit();
        Length step = gauge.leastCount();
        String on = check.master()
                .map(master -> words.say(
                        "drawer.on-master",
                        Map.of("master", drawer.masterById(master).shopNumber())))
                .orElse(words.say("drawer.on-faces"));
        return new CheckView(
                check.id(),
                check.at(),
                people.nameOf(check.person()),
                figures.reading(check.result().found(), unit, step),
                figures.reading(check.result().left(), unit, step),
                figures.reading(check.allowed(), unit, step),
                !check.result().wasOff(check.allowed()),
                words.say(
                        "drawer.check." + check.result().done().code(),
                        Map.of(
                                "found", signed(check.result().found(), gauge),
                                "left", signed(check.result().left(), gauge),
                                "on", on)));
    }

    EventView event(GaugeEvent event) {
        return new EventView(
                event.id(),
                event.at(),
                people.nameOf(event.person()),
                event.kind().code(),
                words.say("gauge-event." + event.kind().code()),
                event.words());
    }
}
