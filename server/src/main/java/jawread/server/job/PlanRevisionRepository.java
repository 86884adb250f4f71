package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PlanRevisionRepository extends Repository<PlanRevision, Long> {
    PlanRevision save(PlanRevision revision);

    PlanRevision saveAndFlush(PlanRevision revision);

    @EntityGraph(attributePaths = {"plan", "plan.job"})
    Optional<PlanRevision> findFirstByPlanIdOrderByNumberDesc(long planId);

    /** Those that hold this edition of a feature, the newest first. */
    @Query("""
            select revision from PlanRevision revision join fetch revision.plan plan join fetch plan.job
            join revision.features feature
            where feature.id = :feature order by revision.number desc
            """)
    List<PlanRevision> findAllWith(long feature);
}
