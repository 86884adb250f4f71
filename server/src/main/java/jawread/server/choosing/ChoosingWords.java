package jawread.server.choosing;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.Choice;
import jawread.core.gauge.Fitness;
import jawread.core.gauge.Question.About;
import jawread.core.gauge.Usage;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.plan.PlannedFeature;
import jawread.server.choosing.ChoosingView.MethodView;
import jawread.server.choosing.ChoosingView.MethodsOfFeatureView;
import jawread.server.choosing.FeatureMethods.OfPlan;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeState;
import jawread.server.drawer.UncertaintyWords;
import jawread.server.job.Feature;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts what speaks for and against each method into figures and words. */
@Component
class ChoosingWords {
    private static final BigDecimal WHOLE_FROM = BigDecimal.TEN;
    private final Drawer drawer;
    private final UncertaintyWords uncertainties;
    private final Durations durations;
    private final Figures figures;
    private final Words words;

    ChoosingWords(Drawer drawer, UncertaintyWords uncertainties, Durations durations, Figures figures, Words words) {
        this.drawer = drawer;
        this.uncertainties = uncertainties;
        this.durations = durations;
        this.figures = figures;
        this.words = words;
    }

    MethodsOfFeatureView of(Feature feature, PlannedFeature planned, OfPlan of) {
        List<Weighed> weighed = of.weigh(planned);
        Optional<Weighed> inForce = of.inForce(feature.key(), weighed);
        LengthUnit unit = of.job().unit();
        boolean picked = inForce.filter(
                        each -> each.method().key().equals(of.picks().get(feature.key())))
                .isPresent();
        return new MethodsOfFeatureView(
                feature.key(),
                feature.name(),
                feature.kind().code(),
                asks(planned, unit),
                inForce.map(each -> each.method().key()).orElse(null),
                picked,
                warning(inForce, of.picks().get(feature.key())),
                weighed.stream()
                        .map(each -> method(each, planned, unit, inForce, weighed.get(0) == each))
                        .toList());
    }

    /** What must be decided: the width of the zone of size, and of each form limit. */
    private String asks(PlannedFeature planned, LengthUnit unit) {
        var asked = new ArrayList<String>();
        planned.zone()
                .ifPresentOrElse(
                        zone -> asked.add(words.say("choosing.asks.size", Map.of("zone", both(zone, unit)))),
                        () -> asked.add(words.say("choosing.asks.one-limit")));
        planned.outOfRound()
                .ifPresent(limit -> asked.add(
                        words.say("choosing.asks.out-of-round", Map.of("zone", both(limit.asDifference(), unit)))));
        planned.taper()
                .ifPresent(limit ->
                        asked.add(words.say("choosing.asks.taper", Map.of("zone", both(limit.asDifference(), unit)))));
        return asked.stream().collect(Collectors.joining("; "));
    }

    private String both(Length length, LengthUnit unit) {
        return figures.exactly(length, unit) + " ("
                + figures.significant(length, unit.other()).withUnit() + ")";
    }

    private String warning(Optional<Weighed> inForce, String pick) {
        if (inForce.isEmpty()) {
            return words.say("choosing.none");
        }
        Weighed now = inForce.get();
        if (pick != null && !pick.equals(now.method().key())) {
            return words.say("choosing.pick-not-fit", Map.of("now", now.method().number()));
        }
        return switch (now.choice().fitness()) {
            case GOOD -> "";
            case WITH_CARE ->
                words.say(
                        "choosing.warning.with-care",
                        Map.of("number", now.method().number()));
            default ->
                words.say(
                        "choosing.warning.cannot-decide",
                        Map.of("number", now.method().number()));
        };
    }

    private MethodView method(
            Weighed weighed, PlannedFeature planned, LengthUnit unit, Optional<Weighed> inForce, boolean first) {
        Choice choice = weighed.choice();
        Gauge gauge = weighed.method().gauge();
        boolean calibrated = UncertaintyWords.isCalibrated(weighed.method().read());
        return new MethodView(
                weighed.method().key(),
                weighed.method().number(),
                weighed.method().reader().isPresent()
                        ? words.say(
                                "choosing.read-with",
                                Map.of(
                                        "gauge", gauge.name(),
                                        "reader", weighed.method().read().name()))
                        : gauge.name(),
                gauge.kind().code(),
                choice.fitness().code(),
                words.say("fitness." + choice.fitness().code()),
                reason(weighed, planned, unit),
                choice.uncertainty()
                        .map(of -> uncertainties.of(of, unit, calibrated).expanded())
                        .orElse(null),
                choice.uncertainty()
                        .map(of -> uncertainties.of(of, unit, calibrated))
                        .orElse(null),
                choice.ratio().map(ChoosingWords::ratio).orElse(""),
                choice.seconds(),
                choice.fitness().canMeasure() ? durations.of(choice.seconds()) : "",
                costs(weighed, inForce),
                first && choice.fitness().canMeasure(),
                remark(weighed, planned));
    }

    /** Two figures, as one compares it with four. */
    private static String ratio(double ratio) {
        if (Double.isInfinite(ratio)) {
            return "";
        }
        var figure = new BigDecimal(ratio);
        return figure.compareTo(WHOLE_FROM) >= 0
                ? figure.setScale(0, RoundingMode.HALF_EVEN).toPlainString()
                : figure.round(new MathContext(2)).toPlainString();
    }

    private String costs(Weighed weighed, Optional<Weighed> inForce) {
        if (inForce.isEmpty()
                || !weighed.choice().fitness().canMeasure()
                || inForce.get().method().key().equals(weighed.method().key())) {
            return "";
        }
        long more = weighed.choice().seconds() - inForce.get().choice().seconds();
        return more == 0
                ? words.say("choosing.costs.same")
                : words.say(
                        more > 0 ? "choosing.costs.more" : "choosing.costs.less",
                        Map.of("time", durations.of(Math.abs(more))));
    }

    private String reason(Weighed weighed, PlannedFeature planned, LengthUnit unit) {
        Choice choice = weighed.choice();
        Gauge gauge = weighed.method().gauge();
        Gauge read = weighed.method().read();
        Gauge unfit = gauge.mayMeasure() ? read : gauge;
        Optional<Usage> usage = choice.method().usage(planned.kind());
        return switch (choice.fitness()) {
            case NOT_FIT ->
                words.say(
                        "choosing.not-fit",
                        Map.of(
                                "gauge", unfit.shopNumber(),
                                "state",
                                        words.say("gauge.state."
                                                + drawer.stateOf(unfit).code())));
            case WRONG_KIND ->
                words.say(
                        "choosing.wrong-kind",
                        Map.of(
                                "kind",
                                words.say("feature-kind." + planned.kind().code())));
            case WRONG_RANGE -> {
                Gauge outside =
                        planned.judgedBy().orElseThrow().stated().stream().allMatch(gauge::covers) ? read : gauge;
                yield words.say(
                        "choosing.wrong-range",
                        Map.of(
                                "gauge", outside.shopNumber(),
                                "low", figures.exactly(outside.rangeLow(), outside.unit()),
                                "high", figures.exactly(outside.rangeHigh(), outside.unit())));
            }
            case OUT_OF_REACH ->
                words.say(
                        "choosing.out-of-reach",
                        Map.of(
                                "reach",
                                figures.exactly(
                                        gauge.reach()
                                                .or(() -> usage.flatMap(Usage::reach))
                                                .orElse(Length.ZERO),
                                        gauge.unit())));
            case NO_MASTER -> words.say("choosing.no-master");
            case CANNOT_SEE -> words.say("choosing.cannot-see");
            case GOOD, WITH_CARE, CANNOT_DECIDE -> decided(choice);
        };
    }

    private String decided(Choice choice) {
        if (choice.hardest().isEmpty()) {
            return words.say("choosing.one-limit");
        }
        About about = choice.hardest().get().about();
        String key = "choosing." + choice.fitness().code() + (about == About.SIZE ? "" : ".form");
        return words.say(
                key,
                Map.of(
                        "ratio",
                        ratio(choice.ratio().orElseThrow()),
                        "about",
                        words.say("choosing.about." + about.code())));
    }

    /** What it cannot see, and that its calibration has run out. */
    private String remark(Weighed weighed, PlannedFeature planned) {
        boolean due = Stream.of(weighed.method().gauge(), weighed.method().read())
                .anyMatch(gauge -> drawer.stateOf(gauge) == GaugeState.DUE);
        String sees = sees(weighed.choice(), planned);
        return due && weighed.choice().fitness().canMeasure() ? (words.say("choosing.due") + " " + sees).strip() : sees;
    }

    private String sees(Choice choice, PlannedFeature planned) {
        boolean round = planned.kind().isUsuallyRound() && choice.fitness().canMeasure();
        if (round
                && planned.outOfRound().isPresent()
                && choice.method().gauge().kind().missesOddLobes()) {
            return words.say("choosing.odd-lobes");
        }
        return round
                        && choice.fitness() == Fitness.GOOD
                        && choice.method().gauge().kind().missesOvality()
                ? words.say("choosing.misses-ovality")
                : "";
    }
}
