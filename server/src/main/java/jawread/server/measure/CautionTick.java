package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** That a person has taken a caution in, in one job. */
@Entity
@Immutable
class CautionTick extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Job job;

    @Column(nullable = false)
    private String caution;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected CautionTick() {}

    CautionTick(UUID id, Job job, String caution, Person person, Instant madeAt) {
        this.id = id;
        this.job = job;
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
