package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.repository.Repository;

interface PartRepository extends Repository<Part, Long> {
    Part save(Part part);

    @EntityGraph(attributePaths = {"plan", "plan.job"})
    Optional<Part> findById(long id);

    @EntityGraph(attributePaths = {"plan", "plan.job"})
    List<Part> findAllByPlanIdAndRemovedAtIsNullOrderByPosition(long planId);
}
