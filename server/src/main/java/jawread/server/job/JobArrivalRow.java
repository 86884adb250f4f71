package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** That a job came in as a file, as kept. */
@Entity
@Table(name = "job_arrival")
@Immutable
class JobArrivalRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private String home;

    @Column(nullable = false)
    private String sha256;

    @Column(nullable = false)
    private int rowsKept;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected JobArrivalRow() {}

    JobArrivalRow(JobArrival of) {
        this.id = of.id();
        this.jobId = of.job();
        this.home = of.home();
        this.sha256 = of.sha256();
        this.rowsKept = of.rows();
        this.person = of.person();
        this.madeAt = of.at();
    }

    @Override
    public UUID getId() {
        return id;
    }

    JobArrival arrival() {
        return new JobArrival(id, jobId, home, sha256, rowsKept, person, madeAt);
    }
}
