package jawread.server.judgement;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.measure.History;
import jawread.server.measure.Look;
import jawread.server.measure.Look.Found;

/**
 * All that a plan's parts come to.
 *
 * @param lookedAt what is looked at rather than measured
 * @param byPart each size of each part, in the order of the plan
 */
public record PlanJudgement(
        PlanRevision plan,
        List<Part> parts,
        List<Feature> lookedAt,
        History history,
        Map<Long, List<FeatureJudgement>> byPart) {
    public Job job() {
        return plan.job();
    }

    /** In the order of the parts, and of the plan. */
    public List<FeatureJudgement> all() {
        return parts.stream().flatMap(part -> of(part).stream()).toList();
    }

    public List<FeatureJudgement> of(Part part) {
        return byPart.getOrDefault(part.id(), List.of());
    }

    FeatureJudgement of(Part part, Feature feature) {
        return of(part).stream()
                .filter(each -> each.feature().id() == feature.id())
                .findFirst()
                .orElseThrow();
    }

    boolean isBegun() {
        return all().stream().anyMatch(FeatureJudgement::isBegun);
    }

    /** An item found not ok that decides against the part whatever its sizes. */
    Optional<Feature> decidedAgainst(Part part) {
        return lookedAt.stream()
                .filter(item -> item.asTyped().decisive())
                .filter(item -> found(part, item).filter(Found.NOT_OK::equals).isPresent())
                .findFirst();
    }

    /** What nobody has looked at yet on this part. */
    List<Feature> notLookedAt(Part part) {
        return lookedAt.stream().filter(item -> found(part, item).isEmpty()).toList();
    }

    private Optional<Found> found(Part part, Feature item) {
        return history.lookAt(part.id(), item.id()).map(Look::found);
    }

    /**
     * The very next size to measure: the first open feature, of the part at hand before any other, then of one that was begun
     * and may still be in the chuck; there what was begun before a feature not yet read. A part with a feature lost, or an item
     * that decides against it, is left aside.
     */
    Optional<FeatureJudgement> next(Optional<Part> atHand) {
        List<FeatureJudgement> all = all();
        Set<Long> aside = new HashSet<>(partsWith(all, FeatureJudgement::isLostForGood));
        parts.stream().filter(part -> decidedAgainst(part).isPresent()).forEach(part -> aside.add(part.id()));
        Set<Long> begun = partsWith(all, FeatureJudgement::isBegun);
        return all.stream()
                .filter(each -> each.isOpen() && !aside.contains(each.part().id()))
                .min(Comparator.<FeatureJudgement, Boolean>comparing(each -> atHand.stream()
                                .noneMatch(part -> part.id() == each.part().id()))
                        .thenComparing(each -> !begun.contains(each.part().id()))
                        .thenComparing(each -> !each.isBegun()));
    }

    private static Set<Long> partsWith(List<FeatureJudgement> all, Predicate<FeatureJudgement> condition) {
        return all.stream().filter(condition).map(each -> each.part().id()).collect(Collectors.toSet());
    }
}
