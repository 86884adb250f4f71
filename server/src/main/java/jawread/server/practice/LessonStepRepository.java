package jawread.server.practice;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LessonStepRepository extends Repository<LessonStepRow, UUID> {
    LessonStepRow save(LessonStepRow row);

    Optional<LessonStepRow> findById(UUID id);

    Optional<LessonStepRow> findFirstByPersonOrderByMadeAtDesc(long person);
}
