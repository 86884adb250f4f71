package jawread.server.judgement;

import jawread.core.plan.PlannedFeature;
import jawread.server.job.Feature;

/** A feature, all that was understood of it, and what its sizes are judged under. */
record JudgedFeature(Feature feature, PlannedFeature planned, JudgedBy by, Judging judging) {
    static JudgedFeature of(Feature feature, PlannedFeature planned, Judging judging) {
        return new JudgedFeature(feature, planned, JudgedBy.of(planned), judging);
    }
}
