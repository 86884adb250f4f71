package jawread.server.job;

import java.util.List;
import jawread.core.assess.Feature;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What plans say now, for those who only read it: kept until the plan, or the head of its job, changes. A reading asks for it each time,
 * and a long plan is long to fetch.
 */
@Service
public class PlansInForce {
    private static final Kind<Long, InForce> IN_FORCE = new Kind<>(
            "plan", plan -> plan.parts().size() + 3 * plan.revision().features().size());
    private static final Kind<Long, Part> PART = Kind.small("part");
    private static final Kind<Long, Lineage> LINEAGE =
            new Kind<>("lineage", lineage -> 1 + lineage.features().size());

    private final Snapshots snapshots;
    private final Jobs jobs;
    private final JobLocks locks;

    PlansInForce(Snapshots snapshots, Jobs jobs, JobLocks locks) {
        this.snapshots = snapshots;
        this.jobs = jobs;
        this.locks = locks;
    }

    private record InForce(PlanRevision revision, List<Part> parts) {}

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
        return snapshots.of(PART, id, List.of(Subject.plan(locks.jobOf(id))), () -> jobs.part(id));
    }

    private InForce kept(Plan plan) {
        return snapshots.of(
                IN_FORCE,
                plan.id(),
                List.of(Subject.plan(plan.job().id())),
                () -> new InForce(jobs.newest(plan), jobs.partsOf(plan)));
    }

    /** How all editions of the plan's features hang together with those of a revision. */
    @Transactional(readOnly = true)
    public Lineage lineage(PlanRevision revision) {
        return snapshots.of(
                LINEAGE, revision.id(), List.of(Subject.plan(revision.job().id())), () -> jobs.lineage(revision));
    }

    /**
     * The revision that what is read under this edition of a feature is judged by: the newest, while that still has the feature as the same
     * kind of size; else the newest that did. Refused as {@link Jobs#revisionWith} refuses.
     */
    @Transactional(readOnly = true)
    public PlanRevision judging(Plan plan, Feature edition) {
        PlanRevision newest = newest(plan);
        return newest.sizes().stream().anyMatch(each -> each.key().equals(edition.key()) && each.isReadAs(edition))
                ? newest
                : jobs.revisionWith(edition);
    }

    /** The edition that what is read under this one is judged by. Refused as {@link #judging} refuses. */
    @Transactional(readOnly = true)
    public Feature judged(Plan plan, Feature edition) {
        return judging(plan, edition).sizes().stream()
                .filter(each -> each.key().equals(edition.key()))
                .findFirst()
                .orElseThrow();
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
