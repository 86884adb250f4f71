package jawread.server.judgement;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** That a person decided otherwise of a part than the rule that fired, and why; kept as it was. */
@Entity
@Immutable
public class PartDecision extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @Column(nullable = false)
    private String said;

    @Column(nullable = false)
    private String decided;

    @Column(nullable = false)
    private String reason;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Person person;

    @Column(nullable = false)
    private Instant madeAt;

    protected PartDecision() {}

    PartDecision(UUID id, Part part, String said, String decided, String reason, Person person, Instant madeAt) {
        this.id = id;
        this.part = part;
        this.said = said;
        this.decided = decided;
        this.reason = reason;
        this.person = person;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    Part part() {
        return part;
    }

    /** The step that the rule said then. */
    String said() {
        return said;
    }

    String decided() {
        return decided;
    }

    String reason() {
        return reason;
    }

    Person person() {
        return person;
    }

    Instant madeAt() {
        return madeAt;
    }
}
