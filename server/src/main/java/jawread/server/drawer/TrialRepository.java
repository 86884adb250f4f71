package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface TrialRepository extends Repository<Trial, UUID> {
    Trial save(Trial kept);

    Optional<Trial> findById(UUID id);

    List<Trial> findAllByOrderByAt();

    List<Trial> findAllByPersonOrderByAt(long person);
}
