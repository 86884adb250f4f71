package jawread.server.job;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.plan.TypedFeature;

/** A plan to be opened with its job: its features in order, and the parts it serves. */
public record NewPlan(PlanHead head, List<NewFeature> features, List<PartHead> parts) {
    /** @param origin the key of the feature that it is copied from, first of all; empty where it was typed anew */
    public record NewFeature(TypedFeature typed, Optional<UUID> origin) {}

    /** One that was typed anew. */
    public static NewPlan of(PlanHead head, List<TypedFeature> features, List<PartHead> parts) {
        return new NewPlan(
                head,
                features.stream()
                        .map(typed -> new NewFeature(typed, Optional.empty()))
                        .toList(),
                parts);
    }
}
