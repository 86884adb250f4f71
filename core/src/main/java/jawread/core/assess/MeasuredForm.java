package jawread.core.assess;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Stream;
import jawread.core.form.Ellipse;
import jawread.core.form.FeatureForm;
import jawread.core.form.FormSizes;
import jawread.core.judge.CriticalRange;
import jawread.core.judge.NoiseRange;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.limit.SizeSteps;
import jawread.core.limit.TypedLimits;
import jawread.core.plan.PlannedFeature;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.HeldGrade;
import jawread.core.rework.NextSize;
import jawread.core.walk.Axis;

/**
 * One round of a feature, laid out by section and axis, and what its form comes to.
 *
 * @param levels its sections, the first at the face; those that never wore are left out
 * @param axes around it, in the order in which they stand in the plan
 * @param places with their sizes, by section and axis; empty where nothing was measured
 * @param unworn the sizes of sections called unworn, which wear is reckoned from
 * @param byHand what a hand found besides: it counts for what is worn and for the next size, and not for the form
 * @param figures each judged by itself
 * @param placeDeviation u_place in µm, the largest of the places
 */
public record MeasuredForm(
        PlannedFeature planned,
        Rules rules,
        List<Level> levels,
        List<Axis> axes,
        List<List<Optional<FormPlace>>> places,
        List<FormPlace> unworn,
        List<FormPlace> byHand,
        FormSizes sizes,
        FeatureForm form,
        List<FormFigure> figures,
        double placeDeviation,
        Length resolution,
        Length criticalRange) {
    private static final BigDecimal HALF_RIGHT = BigDecimal.valueOf(45);
    private static final BigDecimal HALF_TURN = BigDecimal.valueOf(180);

    /**
     * A section.
     *
     * @param depth from the feature's face; empty where nobody has said
     * @param places how many axes it is, or is to be, measured across
     */
    public record Level(String name, Optional<Length> depth, long places) {}

    /**
     * Empty without a size in a section that wears.
     *
     * @param layout of the places on this part
     */
    static Optional<MeasuredForm> of(PlannedFeature planned, FormLayout layout, List<FormPlace> read, Rules rules) {
        List<FormPlace> measured = read.stream()
                .filter(place -> FormLayout.isLaidOut(place.place()))
                .toList();
        List<FormPlace> worn = measured.stream()
                .filter(place -> !FormLayout.isUnworn(place.place()))
                .toList();
        List<FormPlace> byHand =
                read.stream().filter(place -> place.place().isByHand()).toList();
        return worn.isEmpty() ? Optional.empty() : Optional.of(laidOut(planned, layout, measured, worn, byHand, rules));
    }

    private static MeasuredForm laidOut(
            PlannedFeature planned,
            FormLayout layout,
            List<FormPlace> measured,
            List<FormPlace> worn,
            List<FormPlace> byHand,
            Rules rules) {
        List<Level> levels = layout.levels();
        List<Axis> axes = layout.axes();
        List<List<Optional<FormPlace>>> places = byCrossing(levels, axes, worn);
        var sizes = new FormSizes(
                levels.stream().map(Level::depth).toList(),
                axes.stream().map(Axis::degrees).toList(),
                places.stream()
                        .map(level -> level.stream()
                                .map(place -> place.map(FormPlace::size))
                                .toList())
                        .toList());
        double deviation =
                worn.stream().mapToDouble(place -> place.known().place()).max().orElseThrow();
        Length resolution = largest(worn.stream().map(FormPlace::resolution).toList());
        var form = FeatureForm.of(sizes, Wears.of(planned.kind()), deviation, resolution);
        return new MeasuredForm(
                planned,
                rules,
                levels,
                axes,
                places,
                measured.stream()
                        .filter(place -> FormLayout.isUnworn(place.place()))
                        .toList(),
                byHand,
                sizes,
                form,
                new FormFigures(planned, form, length(planned, levels), rules, deviation).all(),
                deviation,
                resolution,
                CriticalRange.of(2, largest(worn.stream().map(FormPlace::spread).toList()), resolution));
    }

    private static List<List<Optional<FormPlace>>> byCrossing(
            List<Level> levels, List<Axis> axes, List<FormPlace> worn) {
        var at = new HashMap<Crossing, FormPlace>();
        for (FormPlace place : worn) {
            at.putIfAbsent(Crossing.of(place.place()), place);
        }
        var places = new ArrayList<List<Optional<FormPlace>>>(levels.size());
        for (Level level : levels) {
            var across = new ArrayList<Optional<FormPlace>>(axes.size());
            for (Axis axis : axes) {
                across.add(Optional.ofNullable(at.get(Crossing.of(level.name(), axis.degrees()))));
            }
            places.add(List.copyOf(across));
        }
        return List.copyOf(places);
    }

    FormLayout layout() {
        return new FormLayout(levels, axes);
    }

    /** Where a section and an axis meet. */
    private record Crossing(String section, BigDecimal degrees) {
        static Crossing of(String section, BigDecimal degrees) {
            return new Crossing(section, degrees.stripTrailingZeros());
        }

        static Crossing of(Place place) {
            return of(place.section(), place.degrees());
        }
    }

    private static Length largest(List<Length> lengths) {
        return lengths.stream().max(Length::compareTo).orElseThrow();
    }

    /** Of the whole feature; of one nobody has measured, from its first section to its last. */
    private static Optional<Length> length(PlannedFeature planned, List<Level> levels) {
        return planned.lies()
                .map(lies -> lies.length())
                .or(() -> levels.get(0)
                        .depth()
                        .flatMap(first -> levels.get(levels.size() - 1).depth().map(last -> last.minus(first))));
    }

    /** Whether there is more than one size to tell a form from. */
    public boolean isSeen() {
        return !figures.isEmpty();
    }

    public Optional<Length> length() {
        return length(planned, levels);
    }

    public Wears wears() {
        return Wears.of(planned.kind());
    }

    /**
     * What the form alone makes of the feature: past a form limit it is as lost as a size past its own, by service where it may wear;
     * empty while no form limit says anything against it.
     */
    public Optional<SizeVerdict> verdict() {
        if (figures.stream().anyMatch(FormFigure::isOut)) {
            return Optional.of(canWear() ? SizeVerdict.BEYOND_SERVICE : SizeVerdict.GONE);
        }
        return figures.stream().anyMatch(FormFigure::isTooClose)
                ? Optional.of(SizeVerdict.TOO_CLOSE)
                : Optional.empty();
    }

    /** The figure of a kind that is worst against its limit, then the largest; empty where there is none. */
    public Optional<FormFigure> worst(Predicate<FormFigure.What> kind) {
        return figures.stream()
                .filter(figure -> kind.test(figure.what()))
                .max(Comparator.<FormFigure>comparingInt(figure -> figure.isOut() ? 2 : figure.isTooClose() ? 1 : 0)
                        .thenComparing(figure -> figure.isSeen())
                        .thenComparing(figure -> figure.decision().figure()));
    }

    /** Sections where two crossed axes agree, so that an oval between them would show nothing, and no third one is taken yet. */
    public List<Level> wantThirdAxis() {
        return planned.typed().round()
                ? form.around().stream()
                        .filter(around -> around.wantsThirdAxis(criticalRange))
                        .map(around -> levels.get(around.section()))
                        .filter(level -> level.places() == 2)
                        .toList()
                : List.of();
    }

    /** Half way between the two crossed axes; empty where none is wanted. */
    public Optional<Axis> thirdAxis() {
        return wantThirdAxis().stream()
                .findFirst()
                .map(level -> sizes.around(levels.indexOf(level)).get(0).axis())
                .map(first -> axes.get(first).degrees().add(HALF_RIGHT).remainder(HALF_TURN))
                .map(Axis::at);
    }

    /**
     * Where a section is longest across, in [0°, 180°): of a fit its long axis, of crossed axes the longer one. Empty where there is no
     * more oval than noise alone makes, and so no direction.
     */
    public OptionalDouble longAxis(int section) {
        boolean isSeen = figures.stream()
                .anyMatch(figure -> figure.what().isAround() && figure.at() == section && figure.isSeen());
        return isSeen
                ? form.around().get(section).ellipse().map(Ellipse::longAxis).orElse(OptionalDouble.empty())
                : OptionalDouble.empty();
    }

    /** What noise alone makes of all the places, or one step of the gauge. */
    public Length threshold() {
        Length noise = NoiseRange.of(sizes.measured().size(), placeDeviation);
        return noise.compareTo(resolution) > 0 ? noise : resolution;
    }

    /** U of the place that is known least, in µm. */
    public double expanded() {
        return Stream.concat(sizesKnown(), byHand.stream())
                .mapToDouble(place -> place.known().expanded())
                .max()
                .orElseThrow();
    }

    /** u of the place that is known least, in µm. */
    public double standard() {
        return expanded() / 2;
    }

    private Stream<FormPlace> sizesKnown() {
        return places.stream().flatMap(List::stream).flatMap(Optional::stream);
    }

    /** What a hand found too, after those that are laid out. */
    private List<Length> all() {
        return Stream.concat(sizesKnown(), byHand.stream()).map(FormPlace::size).toList();
    }

    /** Whether anybody has said how it may wear: a part that is being made does not. */
    public boolean canWear() {
        return planned.kind().canBeCut()
                && (planned.service().isPresent() || planned.steps().isPresent());
    }

    /** What it can still be reworked to; empty where no size is listed, or not both limits of a new part. */
    public Optional<NextSize> nextSize() {
        return planned.limits()
                .map(TypedLimits::limits)
                .filter(limits -> limits.middle().isPresent())
                .flatMap(asNew -> {
                    List<FinishedSize> listed = planned.steps()
                            .map(steps -> stepsAhead(steps, asNew))
                            .orElseGet(
                                    () -> planned.grades().map(FinishedSize::of).orElse(List.of()));
                    return listed.isEmpty()
                            ? Optional.empty()
                            : Optional.of(NextSize.of(
                                    wears(), asNew, listed, all(), rules.cleanUp(), Length.nearest(expanded())));
                });
    }

    /**
     * What comes off a side where least does, on the way to the middle of a size's limits; below zero where that leaves old metal. Empty
     * without both limits of a new part.
     *
     * @param fromNew how far that size lies from new, with its sign
     */
    public Optional<Length> leastStockTo(Length fromNew) {
        Length by = fromNew.minus(planned.reworked().orElse(Length.ZERO));
        return planned.limits()
                .map(TypedLimits::limits)
                .flatMap(Limits::middle)
                .map(middle -> middle.plus(by))
                .flatMap(middle -> all().stream()
                        .map(place -> wears() == Wears.LARGER ? middle.minus(place) : place.minus(middle))
                        .min(Comparator.naturalOrder()))
                .map(Length::half);
    }

    /** None that it has been at already. @param limits of the size that it is */
    private List<FinishedSize> stepsAhead(SizeSteps steps, Limits limits) {
        Length from = planned.reworked().orElse(Length.ZERO);
        return FinishedSize.of(steps, limits.shifted(Length.ZERO.minus(from)), wears()).stream()
                .filter(size -> size.fromNew().orElseThrow().abs().compareTo(from.abs()) > 0)
                .toList();
    }

    /** Which of the listed grades it is; empty where none is listed. */
    public Optional<HeldGrade> grade() {
        return planned.grades().map(grades -> HeldGrade.of(grades, all(), rules.decision(), standard()));
    }
}
