package jawread.server.judgement;

import java.util.List;
import java.util.Optional;
import jawread.core.assess.Conditions;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.PartAssessment;
import jawread.core.assess.PartLog;
import jawread.core.assess.PartSnapshot;
import jawread.core.assess.PartsOfPlan;
import jawread.server.job.Job;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;

/**
 * All that a plan's parts come to.
 *
 * @param assessed of the same parts, in the same order
 * @param conditions that they were judged under
 */
public record JudgedPlan(PlanRevision plan, List<Part> parts, PartsOfPlan assessed, Conditions conditions) {
    public Job job() {
        return plan.job();
    }

    /** In the order of the parts, and of the plan. */
    public List<FeatureAssessment> all() {
        return assessed.features();
    }

    /** Of one that was taken off the list, on which nothing was read, that nothing was. */
    public PartAssessment of(Part part) {
        return of(part.id());
    }

    PartAssessment of(long part) {
        return assessed.parts().stream()
                .filter(each -> each.part() == part)
                .findFirst()
                .orElseGet(() -> PartAssessment.of(new PartSnapshot(part, plan.features(), PartLog.NONE, conditions)));
    }

    /** The part that a feature was measured on. */
    public Part partOf(FeatureAssessment feature) {
        return parts.stream()
                .filter(part -> part.id() == feature.part())
                .findFirst()
                .orElseThrow();
    }

    FeatureAssessment of(Part part, Feature feature) {
        return of(part).of(feature.key());
    }

    /** The very next size to measure, on the part at hand before any other; empty where nothing is left to do. */
    Optional<FeatureAssessment> next(Optional<Part> atHand) {
        return assessed.next(atHand.map(Part::id));
    }
}
