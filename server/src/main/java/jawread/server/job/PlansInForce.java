package jawread.server.job;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import jawread.server.live.Happened;
import jawread.server.live.What;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What plans say now, for those who only read it: kept until the plan, or the head of its job, changes. A reading asks for it each time,
 * and a long plan is long to fetch.
 */
@Service
public class PlansInForce {
    /** Some dozens of jobs. */
    private static final int MOST_KEPT = 200;

    private static final Set<What> PLANNED = EnumSet.of(What.PLAN);

    private final Jobs jobs;
    private final Map<Long, Kept> kept = new ConcurrentHashMap<>();
    private final Happened happened;

    PlansInForce(Jobs jobs, Happened happened) {
        this.jobs = jobs;
        this.happened = happened;
    }

    /** @param planned how often the job was planned before this was fetched */
    private record Kept(long planned, PlanRevision revision, List<Part> parts) {}

    /** Not to be changed: it outlives its transaction. */
    @Transactional(readOnly = true)
    public PlanRevision newest(Plan plan) {
        return kept(plan).revision();
    }

    /** Those on its list, in their order. Not to be changed either. */
    @Transactional(readOnly = true)
    public List<Part> partsOf(Plan plan) {
        return kept(plan).parts();
    }

    private Kept kept(Plan plan) {
        long now = happened.times(plan.job().id(), PLANNED);
        Kept before = kept.get(plan.id());
        if (before != null && before.planned() == now) {
            return before;
        }
        PlanRevision revision = jobs.newest(plan);
        // Fetched whole, while there is a transaction to fetch it in.
        revision.features().forEach(Feature::places);
        if (kept.size() > MOST_KEPT) {
            kept.clear();
        }
        var found = new Kept(now, revision, jobs.partsOf(plan));
        kept.put(plan.id(), found);
        return found;
    }

    /** The newest that holds this edition of a feature; refused as {@link Jobs#revisionWith} refuses. */
    @Transactional(readOnly = true)
    public PlanRevision with(Plan plan, Feature feature) {
        PlanRevision newest = newest(plan);
        return newest.features().stream().anyMatch(each -> each.id() == feature.id())
                ? newest
                : jobs.revisionWith(feature);
    }

    /** An edition of a feature that this part is, or was, measured by; refused as {@link Jobs#featureOf} refuses. */
    @Transactional(readOnly = true)
    public Feature featureOf(Part part, long featureId) {
        return newest(part.plan()).sizes().stream()
                .filter(feature -> feature.id() == featureId)
                .findFirst()
                .orElseGet(() -> jobs.featureOf(part, featureId));
    }
}
