package jawread.server.records;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A record that was signed in another shop, as kept. */
@Entity
@Table(name = "foreign_record")
@Immutable
class ForeignRecordRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private String home;

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

    /** A list, as JSON. */
    @Column(nullable = false)
    private String signOffs;

    /** Who opened it again, when and why, as JSON. */
    @Nullable
    private String reopened;

    protected ForeignRecordRow() {}

    ForeignRecordRow(SignedRecord record, String home, String signOffs, Optional<String> reopened) {
        this.id = record.id();
        this.jobId = record.job();
        this.home = home;
        this.revision = record.revision();
        this.content = record.content();
        this.sha256 = record.sha256();
        this.seq = record.seq();
        this.madeAt = record.madeAt();
        this.signOffs = signOffs;
        this.reopened = reopened.orElse(null);
    }

    @Override
    public UUID getId() {
        return id;
    }

    SignedRecord record() {
        return new SignedRecord(id, jobId, revision, content, sha256, seq, madeAt);
    }

    String home() {
        return home;
    }

    String signOffs() {
        return signOffs;
    }

    Optional<String> reopened() {
        return Optional.ofNullable(reopened);
    }
}
