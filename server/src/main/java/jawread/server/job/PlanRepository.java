package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PlanRepository extends Repository<Plan, Long> {
    Plan save(Plan plan);

    Plan saveAndFlush(Plan plan);

    @EntityGraph(attributePaths = "job")
    Optional<Plan> findById(long id);

    @Query("select p.job.id from Plan p where p.id = :id")
    Optional<Long> findJobOf(long id);

    @EntityGraph(attributePaths = "job")
    List<Plan> findAllByJobIdOrderByPosition(long jobId);
}
