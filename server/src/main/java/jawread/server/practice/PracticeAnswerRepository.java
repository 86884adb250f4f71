package jawread.server.practice;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface PracticeAnswerRepository extends Repository<PracticeAnswerRow, UUID> {
    PracticeAnswerRow save(PracticeAnswerRow row);

    Optional<PracticeAnswerRow> findById(UUID id);

    List<PracticeAnswerRow> findAllByPersonOrderByMadeAtAscNumberAsc(long person);
}
