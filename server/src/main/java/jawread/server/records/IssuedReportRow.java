package jawread.server.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A file that left the shop as the report of a record, by its digest. */
@Entity
@Table(name = "issued_report")
@Immutable
class IssuedReportRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID recordId;

    @Column(nullable = false)
    private String form;

    @Column(nullable = false)
    private String sha256;

    @Column(nullable = false)
    private Instant issuedAt;

    protected IssuedReportRow() {}

    IssuedReportRow(UUID recordId, String form, String sha256, Instant issuedAt) {
        this.id = UUID.randomUUID();
        this.recordId = recordId;
        this.form = form;
        this.sha256 = sha256;
        this.issuedAt = issuedAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    UUID recordId() {
        return recordId;
    }

    Instant issuedAt() {
        return issuedAt;
    }
}
