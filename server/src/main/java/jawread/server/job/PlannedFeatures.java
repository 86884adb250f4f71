package jawread.server.job;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import jawread.core.plan.PlannedFeature;
import org.springframework.stereotype.Component;

/** What was understood of the features that stand in plans. An edition never changes, so that it is understood once. */
@Component
public class PlannedFeatures {
    /** Some dozens of long plans. */
    private static final int MOST_KEPT = 20_000;

    private final Map<Long, PlannedFeature> known = new ConcurrentHashMap<>();

    public PlannedFeature of(Feature feature) {
        if (known.size() > MOST_KEPT) {
            known.clear();
        }
        return known.computeIfAbsent(feature.id(), id -> feature.planned());
    }
}
