package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.judge.NextStep;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.Uncertainty;
import jawread.core.length.Length;
import jawread.core.rework.NextSize;
import jawread.server.choosing.FeatureMethods;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.form.MeasuredForm;
import jawread.server.form.ReworkWords;
import jawread.server.job.Feature;
import jawread.server.job.Part;
import jawread.server.judgement.JudgementView.StepView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What comes next for a part, by the rule that fired, in a sentence that says what, where and with what. */
@Component
class NextSteps {
    /** One that knows hardly more would find it too close again. */
    private static final double BETTER = 0.8;

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

    /** A method of the drawer for a feature that is not decided yet. */
    private record Better(FeatureJudgement feature, Weighed weighed) {}

    StepView of(Part part, PlanJudgement plan) {
        List<FeatureJudgement> features = plan.of(part);
        Optional<Feature> condition = plan.decidedAgainst(part);
        Optional<String> size = nextSize(features, plan);
        Optional<Better> better = better(features, plan);
        NextStep step = NextStep.of(
                features.stream().map(FeatureJudgement::verdict).toList(),
                condition.isPresent(),
                size.isPresent(),
                better.isPresent());
        String sentence = words.say(
                key(step, better),
                Map.of(
                        "item", condition.map(Feature::name).orElse(""),
                        "features", names(step, features),
                        "size", size.orElse(""),
                        "method",
                                better.map(of -> of.weighed().method().number()).orElse(""),
                        "u", better.map(of -> told(of, plan)).orElse(""),
                        "cut", cut(features, plan)));
        return new StepView(
                step.code(),
                words.say("step-word." + step.code()),
                sentence,
                words.say("rule." + step.rule().code()));
    }

    private static String key(NextStep step, Optional<Better> better) {
        boolean isUnread = better.filter(of -> of.feature().verdict() == SizeVerdict.NOT_MEASURED)
                .isPresent();
        return "step." + step.code() + (step == NextStep.BETTER_METHOD && isUnread ? ".unread" : "");
    }

    /** Those the step is about. */
    private static String names(NextStep step, List<FeatureJudgement> features) {
        return features.stream()
                .filter(each -> isAbout(step, each.verdict()))
                .map(each -> each.feature().name())
                .collect(Collectors.joining(", "));
    }

    private static boolean isAbout(NextStep step, SizeVerdict verdict) {
        return switch (step) {
            case MEASURE_AGAIN -> verdict == SizeVerdict.WRONG_WAY || verdict == SizeVerdict.IN_DOUBT;
            case NEXT_SIZE, REPLACE -> verdict.isLost();
            case BETTER_METHOD, PERSON_DECIDES -> isUndecided(verdict);
            case FINISH -> verdict == SizeVerdict.METAL_LEFT;
            case REPLACE_OR_SPECIALIST, USE -> false;
        };
    }

    private static boolean isUndecided(SizeVerdict verdict) {
        return verdict == SizeVerdict.TOO_CLOSE
                || verdict == SizeVerdict.UNSETTLED
                || verdict == SizeVerdict.NOT_MEASURED;
    }

    private String cut(List<FeatureJudgement> features, PlanJudgement plan) {
        return features.stream()
                .filter(each -> each.verdict() == SizeVerdict.METAL_LEFT)
                .findFirst()
                .map(each -> rounds.verdict(each.inForce(), each, plan.job()).sentence())
                .orElse("");
    }

    /** The next size of every lost feature at which it cleans up; empty where one has none. */
    private Optional<String> nextSize(List<FeatureJudgement> features, PlanJudgement plan) {
        List<FeatureJudgement> lost =
                features.stream().filter(each -> each.verdict().isLost()).toList();
        List<String> sizes = lost.stream()
                .flatMap(each -> nextSize(each, plan).stream())
                .distinct()
                .toList();
        boolean allListed = lost.stream().allMatch(each -> nextSize(each, plan).isPresent());
        return allListed && !sizes.isEmpty() ? Optional.of(String.join(", ", sizes)) : Optional.empty();
    }

    private Optional<String> nextSize(FeatureJudgement feature, PlanJudgement plan) {
        return feature.inForce()
                .form()
                .flatMap(MeasuredForm::nextSize)
                .flatMap(NextSize::size)
                .map(size -> rework.name(size, plan.job().unit()));
    }

    /** Of the first feature that is not decided and that something in the drawer could decide. */
    private Optional<Better> better(List<FeatureJudgement> features, PlanJudgement plan) {
        if (features.stream().noneMatch(each -> isUndecided(each.verdict()))) {
            return Optional.empty();
        }
        MethodsOfPlan of = methods.of(plan.plan().plan(), Optional.empty());
        return features.stream()
                .filter(each -> isUndecided(each.verdict()))
                .sorted(FeatureJudgement.WORST_FIRST)
                .flatMap(each -> better(each, of).map(weighed -> new Better(each, weighed)).stream())
                .findFirst();
    }

    private static Optional<Weighed> better(FeatureJudgement feature, MethodsOfPlan methods) {
        if (feature.verdict() == SizeVerdict.NOT_MEASURED) {
            return methods.inForce(feature.feature().key(), feature.of().planned());
        }
        List<Weighed> weighed = methods.weigh(feature.of().planned());
        double known = known(feature, weighed);
        return weighed.stream()
                .filter(each -> each.choice().fitness().canMeasure())
                .filter(each -> expanded(each) < BETTER * known)
                .min(Comparator.comparing(NextSteps::expanded));
    }

    /** U of what was measured; where the readings never came to a value, of the best that was read with. */
    private static double known(FeatureJudgement feature, List<Weighed> weighed) {
        return feature.uncertainty()
                .map(Uncertainty::expanded)
                .orElseGet(() -> weighed.stream()
                        .filter(each -> feature.isReadWith(each.method()))
                        .mapToDouble(NextSteps::expanded)
                        .min()
                        .orElse(Double.MAX_VALUE));
    }

    private static double expanded(Weighed weighed) {
        return weighed.choice().uncertainty().map(Uncertainty::expanded).orElse(Double.MAX_VALUE);
    }

    private String told(Better better, PlanJudgement plan) {
        return figures.significant(
                        Length.nearest(expanded(better.weighed())), plan.job().unit())
                .inBoth();
    }
}
