package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StudyRepository extends Repository<StudyRow, UUID> {
    StudyRow save(StudyRow kept);

    Optional<StudyRow> findById(UUID id);

    List<StudyRow> findAllByGaugeIdOrderByAt(long gauge);
}
