package jawread.server.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** That a signed job was opened again, as kept. */
@Entity
@Table(name = "reopening")
@Immutable
class ReopeningRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID recordId;

    @Column(nullable = false)
    private String reason;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected ReopeningRow() {}

    ReopeningRow(UUID id, UUID recordId, String reason, long person, Instant madeAt) {
        this.id = id;
        this.recordId = recordId;
        this.reason = reason;
        this.person = person;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    UUID recordId() {
        return recordId;
    }

    String reason() {
        return reason;
    }

    long person() {
        return person;
    }

    Instant madeAt() {
        return madeAt;
    }
}
