package jawread.server.choosing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.gauge.Choice;
import jawread.core.gauge.Fitness;
import jawread.core.gauge.Remedy;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.plan.PlannedFeature;
import jawread.server.choosing.ChoosingView.MethodView;
import jawread.server.choosing.ChoosingView.MethodsOfFeatureView;
import jawread.server.choosing.ChoosingView.RemedyView;
import jawread.server.choosing.ChoosingView.TakesView;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.MethodNames;
import jawread.server.drawer.UncertaintyWords;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts what speaks for and against each method into figures and words. */
@Component
class ChoosingWords {
    /** A zone that was written in the other unit has no end of them in this one. */
    private static final int MOST_DECIMALS = 6;

    /** Of so many methods it is said what they would take. */
    private static final int BEST_TOLD = 2;

    private final MethodNames names;
    private final MethodReasons reasons;
    private final UncertaintyWords uncertainties;
    private final Durations durations;
    private final Figures figures;
    private final Words words;

    ChoosingWords(
            MethodNames names,
            MethodReasons reasons,
            UncertaintyWords uncertainties,
            Durations durations,
            Figures figures,
            Words words) {
        this.names = names;
        this.reasons = reasons;
        this.uncertainties = uncertainties;
        this.durations = durations;
        this.figures = figures;
        this.words = words;
    }

    MethodsOfFeatureView of(Feature feature, PlannedFeature planned, MethodsOfPlan of) {
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
                warning(weighed, inForce, of.picks().get(feature.key())),
                takes(weighed, planned, of),
                weighed.stream()
                        // That it cannot be put to it is said of the micrometer itself.
                        .filter(each -> !each.method().onMaster()
                                || each.choice().fitness().canMeasure())
                        .map(each -> method(each, planned, unit, inForce, weighed.get(0) == each))
                        .toList());
    }

    /** What must be decided: the width of the zone of size, and of each form limit. */
    private String asks(PlannedFeature planned, LengthUnit unit) {
        var asked = new ArrayList<String>();
        String size = planned.hasOneLimit() ? "choosing.asks.one-limit" : "choosing.asks.size";
        planned.toSplit().ifPresent(zone -> asked.add(words.say(size, Map.of("zone", both(zone, unit)))));
        planned.outOfRound()
                .ifPresent(limit -> asked.add(
                        words.say("choosing.asks.out-of-round", Map.of("zone", both(limit.asDifference(), unit)))));
        planned.taper()
                .ifPresent(limit ->
                        asked.add(words.say("choosing.asks.taper", Map.of("zone", both(limit.asDifference(), unit)))));
        return asked.stream().collect(Collectors.joining("; "));
    }

    private String both(Length length, LengthUnit unit) {
        boolean isShort = length.in(unit).stripTrailingZeros().scale() <= MOST_DECIMALS;
        return (isShort
                        ? figures.exactly(length, unit)
                        : figures.significant(length, unit).withUnit()) + " ("
                + figures.significant(length, unit.other()).withUnit() + ")";
    }

    private List<TakesView> takes(List<Weighed> weighed, PlannedFeature planned, MethodsOfPlan of) {
        boolean isAnyGood = weighed.stream().anyMatch(each -> each.choice().fitness() == Fitness.GOOD);
        return isAnyGood
                ? List.of()
                : weighed.stream()
                        .filter(each -> each.choice().fitness().canMeasure())
                        .limit(BEST_TOLD)
                        .map(each -> new TakesView(
                                each.method().number(),
                                of.remedies(planned, each).stream()
                                        .map(remedy -> remedy(remedy, of.job().unit()))
                                        .toList()))
                        .filter(takes -> !takes.remedies().isEmpty())
                        .toList();
    }

    private RemedyView remedy(Remedy remedy, LengthUnit unit) {
        var slots = new HashMap<String, Object>();
        slots.put(
                "u",
                figures.significant(Length.nearest(remedy.uncertainty().expanded()), unit)
                        .withUnit());
        slots.put("ratio", MethodReasons.ratio(remedy.ratio()));
        if (remedy.kind() != Remedy.Kind.CALIBRATION) {
            slots.put("time", durations.of(remedy.seconds()));
        }
        return new RemedyView(
                remedy.kind().code(),
                words.say("choosing.remedy." + remedy.kind().code(), slots),
                remedy.makesGood());
    }

    private String warning(List<Weighed> weighed, Optional<Weighed> inForce, String pick) {
        if (inForce.isEmpty()) {
            return words.say("choosing.none");
        }
        Weighed now = inForce.get();
        if (pick != null && !pick.equals(now.method().key())) {
            return words.say("choosing.pick-not-fit", Map.of("now", now.method().number()));
        }
        if (now.choice().fitness() == Fitness.GOOD) {
            return "";
        }
        String withCare = now.choice().fitness() == Fitness.WITH_CARE ? "with-care" : "cannot-decide";
        Weighed best = weighed.get(0);
        // What another is worth does not hang on which was picked.
        return best.choice().fitness().compareTo(now.choice().fitness()) < 0
                ? words.say(
                        "choosing.warning.picked." + withCare,
                        Map.of(
                                "number", now.method().number(),
                                "better", best.method().number(),
                                "word",
                                        words.say("fitness."
                                                + best.choice().fitness().code())))
                : words.say(
                        "choosing.warning." + withCare,
                        Map.of("number", now.method().number()));
    }

    private MethodView method(
            Weighed weighed, PlannedFeature planned, LengthUnit unit, Optional<Weighed> inForce, boolean first) {
        Choice choice = weighed.choice();
        Gauge gauge = weighed.method().gauge();
        boolean calibrated = UncertaintyWords.isCalibrated(weighed.method().read());
        return new MethodView(
                weighed.method().key(),
                weighed.method().number(),
                names.of(weighed.method()),
                gauge.kind().code(),
                choice.fitness().code(),
                words.say("fitness." + choice.fitness().code()),
                reasons.of(weighed, planned),
                choice.uncertainty()
                        .map(of -> uncertainties.of(of, unit, calibrated).expanded())
                        .orElse(null),
                choice.uncertainty()
                        .map(of -> uncertainties.of(of, unit, calibrated))
                        .orElse(null),
                choice.ratio().map(MethodReasons::ratio).orElse(""),
                choice.seconds(),
                choice.fitness().canMeasure() ? durations.of(choice.seconds()) : "",
                costs(weighed, inForce),
                first && choice.fitness().canMeasure(),
                reasons.remark(weighed, planned));
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
}
