package jawread.server.live;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;

/** Something said of what was kept before: who, when, and why. What it is said of is each one's own. */
@MappedSuperclass
public abstract class SaidRow extends Kept {
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

    public String reason() {
        return reason;
    }

    public long person() {
        return person;
    }

    public Instant madeAt() {
        return madeAt;
    }
}
