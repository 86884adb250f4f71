package jawread.server.records;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface SignedRecordRepository extends Repository<SignedRecordRow, UUID> {
    String RECORD =
            "SELECT new jawread.server.records.SignedRecord(r.id, r.jobId, r.revision, r.sha256, r.seq, r.madeAt)"
                    + " FROM SignedRecordRow r ";

    SignedRecordRow save(SignedRecordRow row);

    @Query(RECORD + "WHERE r.id = :id")
    Optional<SignedRecord> findRecord(UUID id);

    @Query(RECORD + "WHERE r.sha256 = :sha256")
    Optional<SignedRecord> findRecordBySha256(String sha256);

    /** The first revision first. */
    @Query(RECORD + "WHERE r.jobId = :job ORDER BY r.revision")
    List<SignedRecord> findRecordsOf(long job);

    @Query("SELECT r.content FROM SignedRecordRow r WHERE r.id = :id")
    String findContent(UUID id);
}
