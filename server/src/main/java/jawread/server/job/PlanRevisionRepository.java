package jawread.server.job;

import java.util.Optional;
import org.springframework.data.repository.Repository;

interface PlanRevisionRepository extends Repository<PlanRevision, Long> {
    PlanRevision save(PlanRevision plan);

    Optional<PlanRevision> findFirstByJobIdOrderByNumberDesc(long jobId);
}
