package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.Kept;

/** Something said of what was kept before: who, when, and why. What it is said of is each one's own. */
@MappedSuperclass
abstract class SaidRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private String reason;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected SaidRow() {}

    protected SaidRow(UUID id, String reason, Person person, Instant madeAt) {
        this.id = id;
        this.reason = reason;
        this.person = person.id();
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
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
