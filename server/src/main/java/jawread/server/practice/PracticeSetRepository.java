package jawread.server.practice;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface PracticeSetRepository extends Repository<PracticeSetRow, UUID> {
    PracticeSetRow save(PracticeSetRow row);

    Optional<PracticeSetRow> findById(UUID id);

    List<PracticeSetRow> findAllByPerson(long person);

    Optional<PracticeSetRow> findFirstByPersonOrderByBegunAtDesc(long person);
}
