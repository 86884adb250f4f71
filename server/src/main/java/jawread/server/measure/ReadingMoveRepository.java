package jawread.server.measure;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ReadingMoveRepository extends Repository<ReadingMoveRow, UUID> {
    ReadingMoveRow save(ReadingMoveRow move);

    List<ReadingMoveRow> findAllByMoveId(UUID moveId);

    List<ReadingMoveRow> findAllByJobIdOrderByMadeAt(long jobId);

    List<ReadingMoveRow> findAllByReadingIdInOrderByMadeAt(Collection<UUID> readingIds);
}
