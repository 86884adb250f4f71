package jawread.server.intake;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** That a table came into a job, as kept. */
@Entity
@Table(name = "table_arrival")
@Immutable
class TableArrivalRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private String sha256;

    @Column(nullable = false)
    private int kept;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected TableArrivalRow() {}

    TableArrivalRow(long job, String sha256, int kept, Person person, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.jobId = job;
        this.sha256 = sha256;
        this.kept = kept;
        this.person = person.id();
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    long person() {
        return person;
    }

    Instant madeAt() {
        return madeAt;
    }
}
