package jawread.server.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A frozen job as kept. */
@Entity
@Table(name = "signed_record")
@Immutable
class SignedRecordRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private int revision;

    @Column(nullable = false, columnDefinition = "CHARACTER LARGE OBJECT")
    private String content;

    @Column(nullable = false)
    private String sha256;

    @Column(nullable = false)
    private long seq;

    @Column(nullable = false)
    private Instant madeAt;

    protected SignedRecordRow() {}

    SignedRecordRow(UUID id, long jobId, int revision, String content, String sha256, long seq, Instant madeAt) {
        this.id = id;
        this.jobId = jobId;
        this.revision = revision;
        this.content = content;
        this.sha256 = sha256;
        this.seq = seq;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    SignedRecord record() {
        return new SignedRecord(id, jobId, revision, content, sha256, seq, madeAt);
    }
}
