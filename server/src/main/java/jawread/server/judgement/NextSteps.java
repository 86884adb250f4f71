package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.StepAhead;
import jawread.core.assess.StepAhead.Better;
import jawread.core.judge.NextStep;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.choosing.FeatureMethods;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.form.ReworkWords;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.judgement.JudgementView.StepView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What comes next for a part, by the rule that fired, in a sentence that says what, where and with what. */
@Component
class NextSteps {
    private final FeatureMethods methods;
    private final RoundWords rounds;
    private final ReworkWords rework;
    private final Figures figures;
    private final Words words;

    NextSteps(FeatureMethods methods, RoundWords rounds, ReworkWords rework, Figures figures, Words words) {
        this.methods = methods;
        this.rounds = rounds;
        this.rework = rework;
        this.figures = figures;
        this.words = words;
    }

    StepView of(Part part, JudgedPlan plan) {
        StepAhead ahead = StepAhead.of(plan.of(part), methods(plan.plan().plan()));
        NextStep step = ahead.step();
        LengthUnit unit = plan.job().unit();
        String sentence = words.say(
                key(ahead),
                Map.of(
                        "item", ahead.condition().map(Feature::name).orElse(""),
                        "features",
                                ahead.about().stream()
                                        .map(each -> each.feature().name())
                                        .collect(Collectors.joining(", ")),
                        "size",
                                ahead.sizes().stream()
                                        .map(size -> rework.name(size, unit))
                                        .distinct()
                                        .collect(Collectors.joining(", ")),
                        "method",
                                ahead.better()
                                        .map(better -> better.choice().method().name())
                                        .orElse(""),
                        "u",
                                ahead.better()
                                        .map(better -> figures.significant(Length.nearest(better.expanded()), unit)
                                                .inBoth())
                                        .orElse(""),
                        "cut",
                                ahead.cut()
                                        .map(each -> rounds.verdict(each.inForce(), each, plan.job())
                                                .sentence())
                                        .orElse("")));
        return new StepView(
                step.code(),
                words.say("step-word." + step.code()),
                sentence,
                words.say("rule." + step.rule().code()));
    }

    private static String key(StepAhead ahead) {
        boolean isUnread = ahead.better().filter(Better::isFirst).isPresent();
        return "step." + ahead.step().code() + (ahead.step() == NextStep.BETTER_METHOD && isUnread ? ".unread" : "");
    }

    private Function<Feature, StepAhead.Methods> methods(Plan plan) {
        MethodsOfPlan of = methods.of(plan, Optional.empty());
        return feature -> {
            List<Weighed> weighed = of.weigh(feature.planned());
            return new StepAhead.Methods(
                    weighed.stream().map(Weighed::choice).toList(),
                    of.inForce(feature.key(), weighed).map(Weighed::choice));
        };
    }
}
