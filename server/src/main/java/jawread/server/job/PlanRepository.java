package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PlanRepository extends Repository<PlanRow, Long> {
    PlanRow save(PlanRow plan);

    PlanRow saveAndFlush(PlanRow plan);

    @EntityGraph(attributePaths = "job")
    Optional<PlanRow> findById(long id);

    @Query("select p.job.id from PlanRow p where p.id = :id")
    Optional<Long> findJobOf(long id);

    @EntityGraph(attributePaths = "job")
    List<PlanRow> findAllByJobIdOrderByPosition(long jobId);
}
