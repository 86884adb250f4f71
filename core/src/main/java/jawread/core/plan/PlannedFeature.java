package jawread.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.FormLimit;
import jawread.core.limit.LimitDoubt;
import jawread.core.limit.Limits;
import jawread.core.limit.ServiceLimit;
import jawread.core.limit.SizeGrades;
import jawread.core.limit.SizeSteps;
import jawread.core.limit.TitleBlock;
import jawread.core.limit.TypedLimits;
import jawread.core.walk.Axis;
import jawread.core.walk.KeepClear;
import jawread.core.walk.Layout;
import jawread.core.walk.MeasuringTime;
import jawread.core.walk.Places;
import jawread.core.walk.Places.OutOfReach;
import jawread.core.walk.Section;
import jawread.core.walk.WalkOrder;

/**
 * What was understood of a feature as it was typed. A field that could not be understood is refused on its own, and the others
 * stand.
 *
 * @param reworked how far the size that one part was reworked to lies from new, with its sign; empty as the plan has it. Limits and service
 *     are then those of that size
 * @param places empty for what is looked at, and where a field that says where they lie was refused
 * @param refusals by the name of the field in {@link TypedFeature}
 */
public record PlannedFeature(
        TypedFeature typed,
        TitleBlock block,
        FeatureKind kind,
        Optional<TypedLimits> limits,
        Optional<ServiceLimit> service,
        Optional<FormLimit> outOfRound,
        Optional<FormLimit> taper,
        Optional<SizeSteps> steps,
        Optional<SizeGrades> grades,
        Optional<Length> reworked,
        Optional<Span> lies,
        Layout layout,
        WalkOrder order,
        Optional<Places> places,
        List<LimitDoubt> doubts,
        Map<String, Refusal> refusals) {
    private static final int UNITS_ABOUT_ONE_LIMIT = 40;
    private static final int LONGEST_NAME = 120;
    /** On a drawing it stands in a small ring. */
    private static final int LONGEST_NUMBER = 20;

    private static final int LONGEST_TEXT = 300;

    /** Understands each field on its own. */
    public static PlannedFeature of(TypedFeature typed, TitleBlock block) {
        return new Reader(typed, block).read();
    }

    /**
     * The same feature of a part that was reworked: from then on it is that size, judged by its limits and worn from them. How far form may
     * be out stays what it was.
     *
     * @param fromNew how far that size lies from new, with its sign; zero for one made as new again
     */
    public PlannedFeature reworkedTo(Length fromNew) {
        Length by = fromNew.minus(reworked.orElse(Length.ZERO));
        return new PlannedFeature(
                typed,
                block,
                kind,
                limits.map(of -> of.shifted(by)),
                service.map(of -> of.shifted(by)),
                outOfRound,
                taper,
                steps,
                grades,
                Optional.of(fromNew).filter(step -> !step.isZero()),
                lies,
                layout,
                order,
                places,
                doubts,
                refusals);
    }

    /** Whether a part can be reworked to that: a size that is listed, or as new again. @param fromNew how far from new, with its sign */
    public boolean canBecome(Length fromNew) {
        return fromNew.isZero() || stepsFromNew().contains(fromNew);
    }

    /**
     * Whether a size said under an earlier plan of the same feature is one that this plan lists too: its limits as new lie where they lay, to
     * less than half of the smallest step.
     *
     * @param fromNew as it was said under the earlier plan; zero as new again
     */
    public boolean isOfSteps(PlannedFeature earlier, Length fromNew) {
        return fromNew.isZero()
                || canBecome(fromNew) && (judgedBy().equals(earlier.judgedBy()) || lieWithin(earlier, smallestStep()));
    }

    private Length smallestStep() {
        return stepsFromNew().stream().map(Length::abs).min(Length::compareTo).orElse(Length.ZERO);
    }

    private boolean lieWithin(PlannedFeature earlier, Length step) {
        return judgedBy()
                .flatMap(Limits::middle)
                .flatMap(now -> earlier.judgedBy()
                        .flatMap(Limits::middle)
                        .map(then -> now.minus(then).abs().times(2).compareTo(step) < 0))
                .orElse(false);
    }

    /** How far from new each size is that it may be reworked to, with its sign, the nearest first; none where none is listed. */
    public List<Length> stepsFromNew() {
        return steps.map(SizeSteps::steps).orElse(List.of()).stream()
                .map(step -> kind.shrinksWithCutting() ? Length.ZERO.minus(step) : step)
                .toList();
    }

    /** Whether nothing was refused, so that it may stand in a plan. */
    public boolean isUnderstood() {
        return refusals.isEmpty();
    }

    /** Whether a gauge can be put to it and its size judged: it has limits, and is more than looked at. */
    public boolean canBeMeasured() {
        return kind.isMeasured() && (limits.isPresent() || service.isPresent());
    }

    /** What its size is judged by: the limits of a new part, else the service limit alone. */
    public Optional<Limits> judgedBy() {
        return limits.map(TypedLimits::limits)
                .or(() -> service.map(wear ->
                        kind.shrinksWithCutting() ? Limits.atLeast(wear.length()) : Limits.atMost(wear.length())));
    }

    /** Between the limits; empty where one is open. */
    public Optional<Length> zone() {
        return judgedBy().flatMap(of -> of.low().flatMap(low -> of.high().map(high -> high.minus(low))));
    }

    /** A limit that stands alone, of a size: what it is judged by lies on one side of it. Not that of a runout, which begins at zero. */
    public boolean hasOneLimit() {
        return zone().isEmpty() && kind != FeatureKind.RUNOUT && judgedBy().isPresent();
    }

    /**
     * How wide the zone is that a gauge must be able to split: between the limits; from zero to the most that a runout may be; around a limit
     * that stands alone so many units of the last figure it was written with, for {@code max 12.000} is meant finer than {@code max 12}.
     * Empty where nothing is demanded, or the limits leave no room.
     */
    public Optional<Length> toSplit() {
        Optional<Length> zone = kind == FeatureKind.RUNOUT ? judgedBy().flatMap(Limits::high) : zone();
        return zone.or(this::aboutOneLimit).filter(width -> !width.isZero());
    }

    private Optional<Length> aboutOneLimit() {
        return limits.map(TypedLimits::resolution)
                .or(() -> service.map(ServiceLimit::resolution))
                .map(step -> step.times(UNITS_ABOUT_ONE_LIMIT));
    }

    public MeasuringTime time() {
        return MeasuringTime.usual(kind, zone());
    }

    /** How often something is read or looked at. @param repeats a place, at the fewest */
    public int readings(int repeats) {
        return kind.isMeasured()
                ? repeats * places.map(of -> of.measurable().size()).orElse(0)
                : 1;
    }

    /** Reads a feature field by field, gathering what is refused. */
    private static final class Reader {
        private final TypedFeature typed;
        private final TitleBlock block;
        private final Map<String, Refusal> refusals = new LinkedHashMap<>();

        private Reader(TypedFeature typed, TitleBlock block) {
            this.typed = typed;
            this.block = block;
        }

        private PlannedFeature read() {
            named();
            FeatureKind kind = coded("kind", typed.kind(), FeatureKind.of(typed.kind()), FeatureKind.OUTSIDE);
            Layout layout = coded("layout", typed.layout(), Layout.of(typed.layout()), Layout.usualFor(kind));
            WalkOrder order = coded("order", typed.order(), WalkOrder.of(typed.order()), WalkOrder.DOWN_EACH_AXIS);
            boolean sized = kind.isMeasured();
            Optional<TypedLimits> limits =
                    field("limits", sized ? typed.limits() : "", () -> TypedLimits.parse(typed.limits(), block, kind));
            Optional<ServiceLimit> service = field(
                    "service",
                    sized ? typed.service() : "",
                    () -> ServiceLimit.parse(typed.service(), block.unit(), kind, limits.map(TypedLimits::limits)));
            Optional<Span> lies = field("lies", typed.lies(), () -> Span.parse(typed.lies(), block.unit()));
            return new PlannedFeature(
                    typed,
                    block,
                    kind,
                    limits,
                    service,
                    form("outOfRound", sized ? typed.outOfRound() : ""),
                    form("taper", sized ? typed.taper() : ""),
                    field(
                            "steps",
                            sized ? typed.steps() : "",
                            () -> SizeSteps.parse(typed.steps(), block.unit(), kind)),
                    field("grades", sized ? typed.grades() : "", () -> SizeGrades.parse(typed.grades(), block, kind)),
                    Optional.empty(),
                    lies,
                    layout,
                    order,
                    sized ? places(layout, order, lies.map(Span::length)) : Optional.empty(),
                    limits.map(of -> LimitDoubt.of(typed.limits(), of, block.unit()))
                            .orElse(List.of()),
                    Map.copyOf(refusals));
        }

        private void named() {
            if (typed.name().isEmpty() || typed.name().length() > LONGEST_NAME) {
                refusals.put("name", Refusal.of("feature-name").with("most", LONGEST_NAME));
            }
            if (typed.together().length() > LONGEST_NAME) {
                refusals.put("together", Refusal.of("text-too-long").with("most", LONGEST_NAME));
            }
            if (typed.number().length() > LONGEST_NUMBER) {
                refusals.put("number", Refusal.of("text-too-long").with("most", LONGEST_NUMBER));
            }
            if (typed.face().length() > LONGEST_NAME) {
                refusals.put("face", Refusal.of("text-too-long").with("most", LONGEST_NAME));
            }
        }

        /** An empty text is not demanded. */
        private <T> Optional<T> field(String name, String text, Supplier<Outcome<T>> read) {
            if (text.isEmpty()) {
                return Optional.empty();
            }
            if (text.length() > LONGEST_TEXT) {
                // Not worked on: nobody types this much into one field of a plan.
                refusals.put(name, Refusal.of("text-too-long").with("most", LONGEST_TEXT));
                return Optional.empty();
            }
            return read.get().fold(Optional::of, refusal -> {
                refusals.put(name, refusal);
                return Optional.empty();
            });
        }

        private Optional<FormLimit> form(String name, String text) {
            return field(name, text, () -> FormLimit.parse(text, block.unit()));
        }

        private <T> T coded(String name, String text, Optional<T> found, T usual) {
            if (!text.isEmpty() && found.isEmpty()) {
                refusals.put(name, Refusal.of("no-such-" + name).with("text", text));
            }
            return found.orElse(usual);
        }

        private Optional<Places> places(Layout layout, WalkOrder order, Optional<Length> length) {
            Optional<List<Section>> sections = typed.sections().isEmpty()
                    ? Optional.of(layout.sections(length))
                    : field("sections", typed.sections(), () -> Section.parse(typed.sections(), block.unit()));
            Optional<List<Axis>> axes = typed.axes().isEmpty()
                    ? Optional.of(layout.axes())
                    : field("axes", typed.axes(), () -> Axis.parse(typed.axes()));
            Optional<List<KeepClear>> bands = typed.keepClear().isEmpty()
                    ? Optional.of(List.of())
                    : field("keepClear", typed.keepClear(), () -> KeepClear.parse(typed.keepClear(), block.unit()));
            Optional<List<OutOfReach>> outOfReach = typed.outOfReach().isEmpty()
                    ? Optional.of(List.of())
                    : field("outOfReach", typed.outOfReach(), () -> OutOfReach.parse(typed.outOfReach()));
            Optional<Length> contact = typed.contact().isEmpty()
                    ? Optional.of(Length.ZERO)
                    : field(
                            "contact",
                            typed.contact(),
                            () -> TypedLength.parse(typed.contact(), block.unit(), TypedLength.Kind.SIZE)
                                    .map(TypedLength::length));
            if (sections.isEmpty() || axes.isEmpty() || bands.isEmpty() || outOfReach.isEmpty() || contact.isEmpty()) {
                return Optional.empty();
            }
            return field(
                    "sections",
                    "as laid out",
                    () -> Places.of(
                            sections.get(), axes.get(), bands.get(), contact.get(), outOfReach.get(), order, length));
        }
    }
}
