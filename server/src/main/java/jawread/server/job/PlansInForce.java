package jawread.server.job;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import jawread.core.assess.Feature;
import jawread.server.journal.What;
import jawread.server.live.Happened;
import jawread.server.live.KeptWhile;
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

    private final Jobs jobs;
    private final Happened happened;
    /** By plan, under how often its job was planned. */
    private final KeptWhile<Long, Long, InForce> kept = new KeptWhile<>(MOST_KEPT);
    /** Whose a part is, which never changes. */
    private final Map<Long, Plan> planOf = new ConcurrentHashMap<>();

    PlansInForce(Jobs jobs, Happened happened) {
        this.jobs = jobs;
        this.happened = happened;
    }

    private record InForce(PlanRevision revision, List<Part> parts) {}

    /** */
    @Transactional(readOnly = true)
    public PlanRevision newest(Plan plan) {
        return kept(plan).revision();
    }

    /** Those on its list, in their order. */
    @Transactional(readOnly = true)
    public List<Part> partsOf(Plan plan) {
        return kept(plan).parts();
    }

    /** Refused as {@link Jobs#part} refuses. */
    @Transactional(readOnly = true)
    public Part part(long id) {
        Plan plan = planOf.computeIfAbsent(id, of -> jobs.part(of).plan());
        return partsOf(plan).stream()
                .filter(part -> part.id() == id)
                .findFirst()
                .orElseGet(() -> jobs.part(id));
    }

    private InForce kept(Plan plan) {
        return kept.of(plan.id(), happened.times(plan.job().id(), What.PLAN), () -> {
            PlanRevision revision = jobs.newest(plan);
            return new InForce(revision, jobs.partsOf(plan));
        });
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
