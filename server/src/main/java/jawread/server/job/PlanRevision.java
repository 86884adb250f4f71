package jawread.server.job;

import java.util.List;
import jawread.core.assess.Feature;

/**
 * What is measured, where, and against which limits: one revision of a plan.
 *
 * @param number from 1
 * @param isFixed whether something was read against it: then it says the same for ever
 */
public record PlanRevision(long id, Plan plan, int number, boolean isFixed, List<Feature> features) {
    public PlanRevision {
        features = List.copyOf(features);
    }

    public Job job() {
        return plan.job();
    }

    /** Those a gauge is put to and that are judged by limits. */
    public List<Feature> sizes() {
        return features.stream().filter(Feature::canBeMeasured).toList();
    }

    /** Those that are looked at. */
    public List<Feature> lookedAt() {
        return features.stream().filter(feature -> !feature.kind().isMeasured()).toList();
    }
}
