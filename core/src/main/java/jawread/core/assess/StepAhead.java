package jawread.core.assess;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import jawread.core.gauge.Choice;
import jawread.core.judge.NextStep;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.Uncertainty;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.NextSize;

/**
 * What comes next for a part.
 *
 * @param about the features that the step is about, in the order of the plan
 * @param condition an item that decides against the part; empty where none does
 * @param sizes the next size of every lost feature, each once; none unless every one of them has one
 * @param better a method that could decide what is not decided yet; empty where there is none, or nothing to decide
 * @param cut the first feature that metal is left on; empty where none is
 */
public record StepAhead(
        NextStep step,
        List<FeatureAssessment> about,
        Optional<Feature> condition,
        List<FinishedSize> sizes,
        Optional<Better> better,
        Optional<FeatureAssessment> cut) {
    /** One that knows hardly more would find it too close again. */
    private static final double BETTER = 0.8;

    /**
     * A method of the drawer for a feature that is not decided yet.
     *
     * @param expanded its U there, in µm
     */
    public record Better(FeatureAssessment feature, Choice choice, double expanded) {
        /** Whether the feature was not measured at all. */
        public boolean isFirst() {
            return feature.verdict() == SizeVerdict.NOT_MEASURED;
        }
    }

    /**
     * The methods there are for a feature.
     *
     * @param weighed all of them, the proposed one first
     * @param inForce the one it is measured with; empty when nothing can be put to it
     */
    public record Methods(List<Choice> weighed, Optional<Choice> inForce) {}

    /** @param methods of a feature; asked only for those that are not decided, for weighing takes its time */
    public static StepAhead of(PartAssessment part, Function<Feature, Methods> methods) {
        List<FeatureAssessment> features = part.features();
        Optional<Feature> condition = part.decidedAgainst();
        List<FinishedSize> sizes = nextSizes(part);
        Optional<Better> better = better(features, methods);
        NextStep step = NextStep.of(
                features.stream().map(FeatureAssessment::verdict).toList(),
                condition.isPresent(),
                !sizes.isEmpty(),
                better.isPresent());
        return new StepAhead(
                step,
                features.stream().filter(each -> isAbout(step, each.verdict())).toList(),
                condition,
                sizes,
                better,
                features.stream()
                        .filter(each -> each.verdict() == SizeVerdict.METAL_LEFT)
                        .findFirst());
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

    /** The next size of every lost feature at which it cleans up; none where one has none. */
    private static List<FinishedSize> nextSizes(PartAssessment part) {
        List<Optional<FinishedSize>> lost = part.features().stream()
                .filter(each -> each.verdict().isLost())
                .map(each -> GoTogether.of(each, part)
                        .map(GoTogether::size)
                        .or(() -> each.nextSize().flatMap(NextSize::size)))
                .toList();
        return lost.stream().allMatch(Optional::isPresent)
                ? lost.stream().flatMap(Optional::stream).distinct().toList()
                : List.of();
    }

    /** Of the worst feature that is not decided and that something in the drawer could decide. */
    private static Optional<Better> better(List<FeatureAssessment> features, Function<Feature, Methods> methods) {
        return features.stream()
                .filter(each -> isUndecided(each.verdict()))
                .sorted(FeatureAssessment.WORST_FIRST)
                .flatMap(each -> better(each, methods.apply(each.feature())).stream())
                .findFirst();
    }

    private static Optional<Better> better(FeatureAssessment feature, Methods methods) {
        if (feature.verdict() == SizeVerdict.NOT_MEASURED) {
            return methods.inForce().map(choice -> new Better(feature, choice, expanded(choice)));
        }
        double known = known(feature, methods.weighed());
        return methods.weighed().stream()
                .filter(each -> each.fitness().canMeasure())
                .filter(each -> expanded(each) < BETTER * known)
                .min(Comparator.comparing(StepAhead::expanded))
                .map(choice -> new Better(feature, choice, expanded(choice)));
    }

    /** U of what was measured; where the readings never came to a value, of the best that was read with. */
    private static double known(FeatureAssessment feature, Collection<Choice> weighed) {
        return feature.uncertainty()
                .map(Uncertainty::expanded)
                .orElseGet(() -> weighed.stream()
                        .filter(each ->
                                numbersReadWith(feature).anyMatch(each.method().name()::equals))
                        .mapToDouble(StepAhead::expanded)
                        .min()
                        .orElse(Double.MAX_VALUE));
    }

    private static Stream<String> numbersReadWith(FeatureAssessment feature) {
        return feature.inForce().places().stream()
                .flatMap(place -> place.standing().stream())
                .map(reading -> feature.of().conditions().instruments().number(reading));
    }

    private static double expanded(Choice choice) {
        return choice.uncertainty().map(Uncertainty::expanded).orElse(Double.MAX_VALUE);
    }
}
