package jawread.server.journal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;

/** One thing that happened. */
@Entity
@Immutable
@Table(name = "journal")
class JournalLine {
    @Id
    private long id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private long seq;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private What what;

    @Column(nullable = false)
    private Instant at;

    protected JournalLine() {}

    Event event() {
        return new Event(id, jobId, seq, what);
    }
}
