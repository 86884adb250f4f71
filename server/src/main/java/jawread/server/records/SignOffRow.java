package jawread.server.records;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A signature as kept. */
@Entity
@Table(name = "sign_off")
@Immutable
class SignOffRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID recordId;

    @Column(nullable = false)
    private int number;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private Instant signedAt;

    @Column(nullable = false)
    private String follows;

    @Column(nullable = false)
    private String sha256;

    protected SignOffRow() {}

    SignOffRow(SignOff of) {
        this.id = of.id();
        this.recordId = of.record();
        this.number = of.number();
        this.person = of.person();
        this.name = of.name();
        this.signedAt = of.signedAt();
        this.follows = of.follows();
        this.sha256 = of.sha256();
    }

    @Override
    public UUID getId() {
        return id;
    }

    SignOff signOff() {
        return new SignOff(id, recordId, number, person, name, signedAt, follows, sha256);
    }
}
