package jawread.server.choosing;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;
import jawread.core.gauge.Choice;
import jawread.core.gauge.Condition;
import jawread.core.gauge.Fitness;
import jawread.core.gauge.Question.About;
import jawread.core.gauge.Usage;
import jawread.core.length.Length;
import jawread.core.plan.PlannedFeature;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says why a method is good for a feature, or is not, and what it cannot see. */
@Component
class MethodReasons {
    private static final BigDecimal WHOLE_FROM = BigDecimal.TEN;
    private final Drawer drawer;
    private final Figures figures;
    private final Words words;

    MethodReasons(Drawer drawer, Figures figures, Words words) {
        this.drawer = drawer;
        this.figures = figures;
        this.words = words;
    }

    /** Two figures, as one compares it with four. */
    static String ratio(double ratio) {
        if (Double.isInfinite(ratio)) {
            return "";
        }
        var figure = new BigDecimal(ratio);
        return figure.compareTo(WHOLE_FROM) >= 0
                ? figure.setScale(0, RoundingMode.HALF_EVEN).toPlainString()
                : figure.round(new MathContext(2)).toPlainString();
    }

    /** What speaks for or against it, in a sentence. */
    String of(Weighed weighed, PlannedFeature planned) {
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
                        planned.judgedBy().orElseThrow().stated().stream().allMatch(gauge.range()::covers)
                                ? read
                                : gauge;
                yield words.say(
                        "choosing.wrong-range",
                        Map.of(
                                "gauge", outside.shopNumber(),
                                "low", figures.exactly(outside.range().low(), outside.unit()),
                                "high", figures.exactly(outside.range().high(), outside.unit())));
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
            case NO_MASTER -> words.say(weighed.method().onMaster() ? "choosing.no-master.near" : "choosing.no-master");
            case CANNOT_SEE -> words.say("choosing.cannot-see");
            case GOOD, WITH_CARE, CANNOT_DECIDE -> decided(choice);
        };
    }

    private String decided(Choice choice) {
        if (choice.hardest().isEmpty()) {
            return words.say("choosing.no-room");
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

    /** What it cannot see, and what keeps it from being trusted as it lies there. */
    String remark(Weighed weighed, PlannedFeature planned) {
        Condition condition = weighed.choice().condition();
        String sees = sees(weighed.choice(), planned);
        return condition != Condition.IN_ORDER && weighed.choice().fitness().canMeasure()
                ? (words.say("choosing." + condition.code()) + " " + sees).strip()
                : sees;
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
