package jawread.core.assess;

import jawread.core.judge.Demand;
import jawread.core.judge.PlaceAverage;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.TypedLimits;
import jawread.core.plan.PlannedFeature;

/** A feature that can be measured, what its sizes are held to, and what they are judged under. */
public record JudgedFeature(Feature feature, Demand demand, Conditions conditions) {
    static JudgedFeature of(Feature feature, Conditions conditions) {
        PlannedFeature planned = feature.planned();
        return new JudgedFeature(
                feature,
                new Demand(planned.kind(), planned.limits().map(TypedLimits::limits), planned.service()),
                conditions);
    }

    public PlannedFeature planned() {
        return feature.planned();
    }

    public FeatureKind kind() {
        return demand.kind();
    }

    /** How the repeats at a place become its value; the worst of them asks how far wear has gone, where somebody said how far it may. */
    PlaceAverage average() {
        PlaceAverage chosen = conditions.rules().average(kind());
        return chosen.isWorst() && demand.service().isEmpty() ? PlaceAverage.MEAN : chosen;
    }

    /** Those a size is drawn between. */
    public Limits limits() {
        return demand.shown();
    }

    /** Whether a cut is also said for one side. */
    public boolean diameter() {
        return feature.diameter();
    }
}
