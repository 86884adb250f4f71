package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** That a person has taken a caution in, in one job. */
@Entity
@Table(name = "caution_tick")
@Immutable
class CautionTickRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private String caution;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected CautionTickRow() {}

    CautionTickRow(UUID id, Job job, String caution, Person person, Instant madeAt) {
        this.id = id;
        this.jobId = job.id();
        this.caution = caution;
        this.person = person.id();
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    String caution() {
        return caution;
    }
}
