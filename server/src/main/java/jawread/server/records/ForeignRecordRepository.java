package jawread.server.records;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ForeignRecordRepository extends Repository<ForeignRecordRow, UUID> {
    ForeignRecordRow save(ForeignRecordRow row);

    Optional<ForeignRecordRow> findById(UUID id);

    List<ForeignRecordRow> findAllByJobIdOrderByHomeAscRevisionAscIdAsc(long job);
}
