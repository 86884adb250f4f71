package jawread.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import jawread.server.access.ScriptTokens.Role;
import jawread.server.journal.Trailed;

/** A token as kept: the digest of its secret, and not the secret. */
@Entity
@Table(name = "script_token")
class ScriptTokenRow implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String name;

    @Column(name = "secret_sha256", nullable = false)
    private String digest;

    @Column(nullable = false)
    @Enumerated(EnumType.STRING)
    private Role role;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    @Column(nullable = false)
    private Instant endsAt;

    protected ScriptTokenRow() {}

    ScriptTokenRow(String name, String digest, Role role, long person, Instant madeAt, Instant endsAt) {
        this.name = name;
        this.digest = digest;
        this.role = role;
        this.person = person;
        this.madeAt = madeAt;
        this.endsAt = endsAt;
    }

    void end(Instant now) {
        endsAt = now;
    }

    long id() {
        return id;
    }

    String name() {
        return name;
    }

    Role role() {
        return role;
    }

    long person() {
        return person;
    }

    Instant madeAt() {
        return madeAt;
    }

    Instant endsAt() {
        return endsAt;
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("token", id.toString()).called(name);
    }
}
