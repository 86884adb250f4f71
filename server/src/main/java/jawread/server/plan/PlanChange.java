package jawread.server.plan;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import jawread.core.plan.TypedFeature;

/**
 * A change of some features of a plan, done whole or not at all.
 *
 * @param puts features that are new or changed
 * @param removes features to be taken out
 * @param order all keys in their new order; absent where it stays
 * @param aside how many readings it leaves aside, as the person was told; absent while nobody was told of any
 */
public record PlanChange(
        List<Put> puts,
        List<Remove> removes,
        @Nullable List<UUID> order,
        @Nullable Integer aside) {
    /**
     * @param key made by the browser for a new feature
     * @param edition the one that was looked at; absent for a new feature
     * @param at where a new one goes, from 0; absent for the end
     */
    public record Put(
            UUID key, @Nullable Long edition, @Nullable Integer at, TypedFeature typed) {}

    public record Remove(UUID key, long edition) {}
}
