package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import org.hibernate.annotations.Immutable;

/**
 * That two readings of one feature were taken at each other's place. Both stay as they were read; from here on each counts at the
 * other's.
 */
@Entity
@Immutable
public class ReadingSwap extends Said {
    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @Column(name = "one_id", nullable = false)
    private UUID one;

    @Column(name = "other_id", nullable = false)
    private UUID other;

    protected ReadingSwap() {}

    ReadingSwap(UUID id, Reading one, Reading other, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.part = one.round().part();
        this.one = one.getId();
        this.other = other.getId();
    }

    public UUID one() {
        return one;
    }

    public UUID other() {
        return other;
    }
}
