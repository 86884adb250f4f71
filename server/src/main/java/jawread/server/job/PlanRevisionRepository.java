package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PlanRevisionRepository extends Repository<PlanRevisionRow, Long> {
    PlanRevisionRow save(PlanRevisionRow revision);

    PlanRevisionRow saveAndFlush(PlanRevisionRow revision);

    Optional<PlanRevisionRow> findById(long id);

    @EntityGraph(attributePaths = {"plan", "plan.job"})
    Optional<PlanRevisionRow> findFirstByPlanIdOrderByNumberDesc(long planId);

    List<PlanRevisionRow> findAllByPlanId(long planId);

    /** Those that hold this edition of a feature, the newest first. */
    @Query("""
            select revision from PlanRevisionRow revision join fetch revision.plan plan join fetch plan.job
            join revision.features feature
            where feature.id = :feature order by revision.number desc
            """)
    List<PlanRevisionRow> findAllWith(long feature);
}
