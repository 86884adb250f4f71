package jawread.server.job;

import java.util.List;
import jawread.core.plan.TypedFeature;

/** A plan to be opened with its job: its features in order, and the parts it serves. */
public record NewPlan(PlanHead head, List<TypedFeature> features, List<PartHead> parts) {}
