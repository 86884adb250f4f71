package jawread.server.records;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.UUID;
import jawread.server.live.Kept;

/** A job as it stood when it was signed, here or elsewhere. */
@MappedSuperclass
abstract class FrozenCopy extends Kept {
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

    protected FrozenCopy() {}

    FrozenCopy(SignedRecord record, String content) {
        this.id = record.id();
        this.jobId = record.job();
        this.revision = record.revision();
        this.content = content;
        this.sha256 = record.sha256();
        this.seq = record.seq();
        this.madeAt = record.madeAt();
    }

    @Override
    public UUID getId() {
        return id;
    }

    SignedRecord record() {
        return new SignedRecord(id, jobId, revision, sha256, seq, madeAt);
    }

    String content() {
        return content;
    }
}
