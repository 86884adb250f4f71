package jawread.server.records;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ReopeningRepository extends Repository<ReopeningRow, UUID> {
    ReopeningRow save(ReopeningRow row);

    Optional<ReopeningRow> findById(UUID id);

    Optional<ReopeningRow> findByRecordId(UUID recordId);
}
