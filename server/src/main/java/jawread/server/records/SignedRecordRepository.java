package jawread.server.records;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SignedRecordRepository extends Repository<SignedRecordRow, UUID> {
    SignedRecordRow save(SignedRecordRow row);

    Optional<SignedRecordRow> findById(UUID id);

    Optional<SignedRecordRow> findBySha256(String sha256);

    List<SignedRecordRow> findAllByJobIdOrderByRevision(long jobId);
}
