package jawread.server.ready;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** That a card of getting ready was done, or passed over for a reason. */
@Entity
@Immutable
class ReadyMark extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private String card;

    @Column(nullable = false)
    private String reason;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected ReadyMark() {}

    ReadyMark(UUID id, Job job, String card, String reason, Person person, Instant at) {
        this.id = id;
        this.jobId = job.id();
        this.card = card;
        this.reason = reason;
        this.person = person.id();
        this.at = at;
    }

    @Override
    public UUID getId() {
        return id;
    }

    long jobId() {
        return jobId;
    }

    String card() {
        return card;
    }

    /** Why it was passed over; empty when it was done. */
    String reason() {
        return reason;
    }

    long person() {
        return person;
    }

    Instant at() {
        return at;
    }
}
