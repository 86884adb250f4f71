package jawread.core.gauge;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jawread.core.gauge.Question.About;
import jawread.core.judge.RepeatSchool;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;

/**
 * Which method a feature is measured with: the quickest that can decide its limits; where none can, the one that comes nearest. One that
 * is due, or was found off, comes after all that do as well; of the others those first that read in the job's unit.
 *
 * @param unit the job is written in
 * @param sizes that must lie in range: the limits, or the one there is
 * @param size where the uncertainty is reckoned: the middle of the limits
 * @param questions zones to be decided; none where equal limits leave no room: no gauge decides those
 * @param depth of the deepest place in a hole, from the end it is reached from; empty where it is not a hole, or nobody said how deep
 * @param places how many
 */
public record Choosing(
        FeatureKind kind,
        LengthUnit unit,
        List<Length> sizes,
        Length size,
        List<Question> questions,
        Optional<Length> depth,
        int places,
        RepeatSchool repeats,
        ChoiceSchool school,
        Warmth warmth) {
    public Choosing {
        sizes = List.copyOf(sizes);
        questions = List.copyOf(questions);
    }

    /**
     * Every method with what speaks for or against it, the proposed one first.
     *
     * @param masters that a comparator can be set on
     * @param conditions of each method
     */
    public List<Choice> among(List<Method> methods, SettingMasters masters, Function<Method, Condition> conditions) {
        return methods.stream()
                .map(method -> judged(method, masters, conditions.apply(method)))
                .sorted(Comparator.comparing(Choice::fitness)
                        .thenComparing(choice -> choice.condition().isUntrusted())
                        .thenComparing(choice -> choice.fitness() == Fitness.GOOD && readsOtherwise(choice.method()))
                        .thenComparing(Choosing::isToBeSeenToFirst)
                        .thenComparing(choice -> choice.fitness() == Fitness.GOOD ? choice.seconds() : 0L)
                        .thenComparing(choice -> -asTold(choice))
                        .thenComparing(choice -> readsOtherwise(choice.method()))
                        .thenComparing(choice -> -choice.ratio().orElse(0.0))
                        .thenComparing(Choice::seconds))
                .toList();
    }

    /** Looked at, or set, before it can be read; of what cannot decide anyway the nearest comes first all the same. */
    private static boolean isToBeSeenToFirst(Choice choice) {
        return choice.fitness().compareTo(Fitness.WITH_CARE) <= 0 && choice.condition() != Condition.IN_ORDER;
    }

    /** Its ratio to two figures: two that are told alike are alike. */
    private static double asTold(Choice choice) {
        double ratio = choice.ratio().orElse(0.0);
        return Double.isInfinite(ratio)
                ? ratio
                : new BigDecimal(ratio).round(new MathContext(2)).doubleValue();
    }

    private boolean readsOtherwise(Method method) {
        return method.read().unit().isInch() != unit.isInch();
    }

    private Choice judged(Method method, SettingMasters masters, Condition condition) {
        Optional<Usage> usage = method.usage(kind);
        if (!method.gauge().mayMeasure() || !method.read().mayMeasure()) {
            return Choice.refused(method, condition, Fitness.NOT_FIT);
        }
        if (usage.isEmpty()) {
            return Choice.refused(method, condition, Fitness.WRONG_KIND);
        }
        if (!isInRange(method, usage.get())) {
            return Choice.refused(method, condition, Fitness.WRONG_RANGE);
        }
        Optional<Length> reach = method.gauge().ownReach().or(() -> usage.get().reach());
        if (depth.isPresent() && reach.isPresent() && depth.get().compareTo(reach.get()) > 0) {
            return Choice.refused(method, condition, Fitness.OUT_OF_REACH);
        }
        return masters.expandedFor(method, size)
                .map(expanded -> weighed(method, condition, usage.get(), expanded))
                .orElseGet(() -> Choice.refused(method, condition, Fitness.NO_MASTER));
    }

    private boolean isInRange(Method method, Usage usage) {
        if (method.gauge().kind().isLimitGauge()) {
            // Both its ends lie within the limits, or it would pass what is out.
            return sizes.size() == 2
                    && sizes.get(0).compareTo(method.gauge().range().low()) <= 0
                    && method.gauge().range().high().compareTo(sizes.get(1)) <= 0;
        }
        return sizes.stream()
                .allMatch(size -> method.gauge().range().covers(size)
                        && method.read().range().covers(size)
                        && usage.from().stream().allMatch(from -> size.compareTo(from) >= 0)
                        && usage.to().stream().allMatch(to -> size.compareTo(to) <= 0));
    }

    private Choice weighed(Method method, Condition condition, Usage usage, Length masterExpanded) {
        int readings = repeatsWith(method);
        var uncertainty = Uncertainty.of(method.measures(usage, size, readings, masterExpanded, warmth));
        long seconds = places == 0 ? 0 : usage.setUpSeconds() + (long) places * readings * usage.secondsAReading();
        Optional<Question> hardest = hardest(uncertainty);
        Optional<Double> ratio = hardest.map(question -> ratio(question, uncertainty));
        return new Choice(
                method,
                condition,
                fitness(method, usage, ratio),
                Optional.of(uncertainty),
                ratio,
                hardest,
                readings,
                seconds);
    }

    /** One reading does only where the turning point is seen; what goes or does not does so at once. */
    int repeatsWith(Method method) {
        if (method.gauge().kind().isLimitGauge()) {
            return 1;
        }
        return repeats == RepeatSchool.ONCE && !method.isLive()
                ? RepeatSchool.TWO_THEN_THIRD.fewest()
                : repeats.fewest();
    }

    private Optional<Question> hardest(Uncertainty uncertainty) {
        return questions.stream().min(Comparator.comparing(question -> ratio(question, uncertainty)));
    }

    /** T / (2·U) of the hardest question; zero where there is none. */
    double ratio(Uncertainty uncertainty) {
        return hardest(uncertainty)
                .map(question -> ratio(question, uncertainty))
                .orElse(0.0);
    }

    /** Whether the school calls it good. @param ratio of the hardest question */
    boolean isGood(Method method, double ratio) {
        return !questions.isEmpty() && questions.stream().allMatch(question -> school.isGood(method, question, ratio));
    }

    private static double ratio(Question question, Uncertainty uncertainty) {
        double expanded = question.isForm() ? 2 * uncertainty.difference() : uncertainty.expanded();
        return expanded > 0 ? question.zone().micrometres() / (2 * expanded) : Double.POSITIVE_INFINITY;
    }

    private Fitness fitness(Method method, Usage usage, Optional<Double> ratio) {
        boolean asksOvality = questions.stream().anyMatch(question -> question.about() == About.OUT_OF_ROUND);
        if (asksOvality && method.gauge().kind().missesOvality()) {
            return Fitness.CANNOT_SEE;
        }
        if (isGood(method, ratio.orElse(0.0))) {
            return Fitness.GOOD;
        }
        return ratio.orElse(0.0) >= 1 ? Fitness.WITH_CARE : Fitness.CANNOT_DECIDE;
    }
}
