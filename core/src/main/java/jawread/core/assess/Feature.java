package jawread.core.assess;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.TypedLimits;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.Span;
import jawread.core.plan.TypedFeature;

/**
 * One edition of a feature of a plan: as it was understood, and its places.
 *
 * @param id the number this edition is kept under
 * @param key the same through all its editions
 * @param origin the key of the feature that it was copied from, first of all; its own where it was typed anew
 * @param madeBy who typed it; empty where that is not known
 * @param every its places, those that cannot be measured and those taken on one part among them, in the order of the walk
 */
public record Feature(
        long id, UUID key, UUID origin, Optional<Long> madeBy, PlannedFeature planned, List<Place> every) {
    private static final Length MICROMETRE = Length.ofMicrometres(1);
    private static final Length TENTH_THOU = Length.ofInches("0.0001");

    public Feature {
        every = List.copyOf(every);
    }

    public TypedFeature asTyped() {
        return planned.typed();
    }

    public String name() {
        return planned.typed().name();
    }

    public FeatureKind kind() {
        return planned.kind();
    }

    /** Whether the size is a diameter, so that a cut is also said for one side. */
    public boolean diameter() {
        return planned.typed().round();
    }

    /** The same on a part where it was reworked. @param fromNew how far that size lies from new; zero for one made as new again */
    Feature reworkedTo(Length fromNew) {
        return new Feature(id, key, origin, madeBy, planned.reworkedTo(fromNew), every);
    }

    /** Whether what was read of one edition is a size of the other: both are the same kind of size, and round or not. */
    public boolean isReadAs(Feature other) {
        return kind() == other.kind() && diameter() == other.diameter();
    }

    /** Whether it is held to the same as another edition: limits, service, form, and the sizes it can be reworked to. */
    public boolean isHeldToAs(Feature other) {
        return planned.judgedBy().equals(other.planned.judgedBy())
                && planned.service().equals(other.planned.service())
                && planned.outOfRound().equals(other.planned.outOfRound())
                && planned.taper().equals(other.planned.taper())
                && planned.steps().equals(other.planned.steps())
                && planned.grades().equals(other.planned.grades())
                && asTyped().envelope() == other.asTyped().envelope()
                && asTyped().decisive() == other.asTyped().decisive();
    }

    /**
     * Which feature of another plan for the same part is this one: that of the same origin; where there is none, the one of the same name,
     * unless that is another feature of this plan by its origin. Of the same kind of size in any case; empty where there is none.
     *
     * @param beside all of its own plan
     * @param other all of the other plan
     */
    public Optional<Feature> in(Collection<Feature> beside, Collection<Feature> other) {
        return other.stream()
                .filter(each -> each.origin.equals(origin))
                .findFirst()
                .or(() -> other.stream()
                        .filter(each -> each.name().equalsIgnoreCase(name()))
                        .filter(each -> beside.stream().noneMatch(own -> own.origin.equals(each.origin)))
                        .findFirst())
                .filter(this::isReadAs);
    }

    /** Whether it has limits, and is more than looked at. */
    public boolean canBeMeasured() {
        return planned.canBeMeasured();
    }

    /** What its size is judged by; only of a feature that can be measured. */
    public Limits limits() {
        return planned.judgedBy().orElseThrow();
    }

    /** One unit of the last decimal that the limits were typed with; of a service limit alone a small step of the unit. */
    public Length limitsStep() {
        return limitsStep(planned);
    }

    /** The same, of one that is not kept yet. */
    public static Length limitsStep(PlannedFeature planned) {
        return planned.limits()
                .map(TypedLimits::resolution)
                .orElse(planned.block().unit().isInch() ? TENTH_THOU : MICROMETRE);
    }

    /** Where it begins along the part, from the part's left end; empty while nobody has said. */
    public Optional<Length> starts() {
        return planned.lies().flatMap(Span::starts);
    }

    public Optional<Length> length() {
        return planned.lies().map(Span::length);
    }

    /** The plan's own, those that cannot be measured too. */
    public List<Place> allPlaces() {
        return every.stream().filter(place -> !place.isAdded()).toList();
    }

    /** The plan's own that a gauge gets to, in the order of the walk. */
    public List<Place> places() {
        return every.stream()
                .filter(Place::canBeMeasured)
                .filter(place -> !place.isAdded())
                .toList();
    }

    /** Those a gauge is put to on one part: the plan's own, then those taken besides. */
    public List<Place> places(long part) {
        return every.stream()
                .filter(Place::canBeMeasured)
                .filter(place -> place.isOf(part))
                .toList();
    }
}
