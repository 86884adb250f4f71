package jawread.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** A signer's passphrase as kept: its hash alone. The last one of a person stands. */
@Entity
@Table(name = "signer_passphrase")
@Immutable
class SignerPassphraseRow {
    @Id
    private UUID id;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private String hash;

    @Column(nullable = false)
    private long setBy;

    @Column(nullable = false)
    private Instant setAt;

    protected SignerPassphraseRow() {}

    SignerPassphraseRow(long person, String hash, long setBy, Instant setAt) {
        this.id = UUID.randomUUID();
        this.person = person;
        this.hash = hash;
        this.setBy = setBy;
        this.setAt = setAt;
    }

    long person() {
        return person;
    }

    String hash() {
        return hash;
    }

    Instant setAt() {
        return setAt;
    }
}
