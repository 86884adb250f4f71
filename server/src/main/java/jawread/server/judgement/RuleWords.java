package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.WearLadder.Step;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.server.judgement.VerdictWords.Sized;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says by which rule a size was judged, and with what risk. */
@Component
class RuleWords {
    private final Words words;
    private final Figures figures;

    RuleWords(Words words, Figures figures) {
        this.words = words;
        this.figures = figures;
    }

    /** How likely it is really outside its limits, in a sentence; past use is only what has worn. */
    String risk(SizeJudgement judged) {
        boolean isOfWear = judged.ladder()
                .filter(ladder -> ladder.step() != Step.WRONG_WAY
                        && ladder.tooCloseTo().filter(Step.WRONG_WAY::equals).isEmpty())
                .isPresent();
        return words.say(
                isOfWear ? "risk.worn" : "risk",
                Map.of("risk", judged.decision().risk().shown()));
    }

    /**
     * The rule that fired: between which figures a size is in, or from where on it is on which step.
     *
     * @param rule in force
     */
    String rule(Sized sized, DecisionRule rule) {
        Limits limits = sized.demand().shown();
        Length guard = sized.judged().decision().guard();
        if (sized.judged().ladder().isPresent()) {
            return words.say(
                    "rule.ladder." + rule.code(),
                    Map.of(
                            "limits", limits(limits, sized),
                            "service",
                                    sized.demand()
                                            .service()
                                            .map(limit -> limit(limit.length(), sized))
                                            .orElse(""),
                            "guard", guard(sized)));
        }
        if (rule == DecisionRule.PLAIN) {
            return words.say("rule.plain", Map.of("limits", limits(limits, sized)));
        }
        if (sized.judged().decision().cannotProve()) {
            return words.say(
                    "rule.cannot-prove",
                    Map.of(
                            "guard", guard(sized),
                            "limits", limits(limits, sized)));
        }
        return words.say(
                "rule.guarded"
                        + (limits.low().isEmpty() ? ".at-most" : limits.high().isEmpty() ? ".at-least" : ""),
                Map.of(
                        "low",
                                limits.low()
                                        .map(low -> limit(low.plus(guard), sized))
                                        .orElse(""),
                        "high",
                                limits.high()
                                        .map(high -> limit(high.minus(guard), sized))
                                        .orElse(""),
                        "guard", guard(sized)));
    }

    private String guard(Sized sized) {
        return figures.computed(sized.judged().decision().guard(), sized.unit(), sized.step(), List.of(Length.ZERO))
                .withUnit();
    }

    private String limits(Limits limits, Sized sized) {
        return Stream.of(limits.low(), limits.high())
                .flatMap(Optional::stream)
                .map(limit -> limit(limit, sized))
                .reduce((low, high) -> words.say("limits.from-to", Map.of("low", low, "high", high)))
                .orElse("");
    }

    private String limit(Length limit, Sized sized) {
        return figures.computed(limit, sized.unit(), sized.step(), List.of()).text();
    }
}
