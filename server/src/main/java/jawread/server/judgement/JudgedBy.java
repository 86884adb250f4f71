package jawread.server.judgement;

import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.server.job.Feature;

/**
 * What a size is judged by.
 *
 * @param diameter whether a cut is also said for one side
 */
record JudgedBy(FeatureKind kind, boolean diameter, Limits limits) {
    static JudgedBy of(Feature feature) {
        return new JudgedBy(feature.kind(), feature.diameter(), feature.limits());
    }
}
