package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface TrialRepository extends Repository<TrialRow, UUID> {
    TrialRow save(TrialRow kept);

    Optional<TrialRow> findById(UUID id);

    List<TrialRow> findAllByOrderByAt();

    List<TrialRow> findAllByPersonOrderByAt(long person);
}
