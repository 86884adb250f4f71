package jawread.server.judgement;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.measure.Said;
import org.hibernate.annotations.Immutable;

/** That a person decided otherwise of a part than the rule that fired, and why; kept as it was. */
@Entity
@Immutable
public class PartDecision extends Said {
    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @Column(nullable = false)
    private String said;

    @Column(nullable = false)
    private String decided;

    protected PartDecision() {}

    PartDecision(UUID id, Part part, String said, String decided, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.part = part;
        this.said = said;
        this.decided = decided;
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
}
