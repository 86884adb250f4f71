package jawread.server.judgement;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A decision as kept. */
@Entity
@Table(name = "part_decision")
@Immutable
class PartDecisionRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private String reason;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private String said;

    @Column(nullable = false)
    private String decided;

    protected PartDecisionRow() {}

    PartDecisionRow(UUID id, Part part, String said, String decided, String reason, Person person, Instant madeAt) {
        this.id = id;
        this.reason = reason;
        this.person = person.id();
        this.madeAt = madeAt;
        this.partId = part.id();
        this.said = said;
        this.decided = decided;
    }

    @Override
    public UUID getId() {
        return id;
    }

    PartDecision decision() {
        return new PartDecision(partId, said, decided, reason, person, madeAt);
    }
}
