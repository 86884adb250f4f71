package jawread.server.judgement;

import jawread.core.judge.Demand;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.TypedLimits;
import jawread.core.plan.PlannedFeature;

/**
 * What a size is judged by.
 *
 * @param diameter whether a cut is also said for one side
 */
record JudgedBy(Demand demand, boolean diameter) {
    /** @param planned that can be measured */
    static JudgedBy of(PlannedFeature planned) {
        return new JudgedBy(
                new Demand(planned.kind(), planned.limits().map(TypedLimits::limits), planned.service()),
                planned.typed().round());
    }

    FeatureKind kind() {
        return demand.kind();
    }

    /** Those a size is drawn between. */
    Limits limits() {
        return demand.shown();
    }
}
