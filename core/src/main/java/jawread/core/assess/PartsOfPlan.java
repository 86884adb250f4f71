package jawread.core.assess;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What all parts of a plan come to, in their order.
 */
public record PartsOfPlan(List<PartAssessment> parts) {
    public PartsOfPlan {
        parts = List.copyOf(parts);
    }

    /** Every feature of every part, in the order of the parts, and of the plan. */
    public List<FeatureAssessment> features() {
        return parts.stream().flatMap(part -> part.features().stream()).toList();
    }

    public boolean isBegun() {
        return parts.stream().anyMatch(PartAssessment::isBegun);
    }

    /**
     * The very next size to measure: the first open feature, of the part at hand before any other, then of one that was begun
     * and may still be in the chuck; there what was begun before a feature not yet read. A part with a feature lost, or an item
     * that decides against it, is left aside.
     *
     * @param atHand the number of the part that lies on the bench; empty where none does
     */
    public Optional<FeatureAssessment> next(Optional<Long> atHand) {
        return first(part -> atHand.filter(which -> which == part.part()).isPresent())
                .or(() -> first(PartAssessment::isBegun))
                .or(() -> first(part -> true));
    }

    private Optional<FeatureAssessment> first(Predicate<PartAssessment> which) {
        return open(which)
                .filter(FeatureAssessment::isBegun)
                .findFirst()
                .or(() -> open(which).findFirst());
    }

    private Stream<FeatureAssessment> open(Predicate<PartAssessment> which) {
        return parts.stream()
                .filter(which)
                .filter(part -> !part.isLeftAside())
                .flatMap(part -> part.features().stream())
                .filter(FeatureAssessment::isOpen);
    }
}
