package jawread.server.measure;

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

/**
 * That two readings of one feature were taken at each other's place. Both stay as they were read; from here on each counts at the
 * other's.
 */
@Entity
@Immutable
public class ReadingSwap extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @Column(name = "one_id", nullable = false)
    private UUID one;

    @Column(name = "other_id", nullable = false)
    private UUID other;

    @Column(nullable = false)
    private String reason;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Person person;

    @Column(nullable = false)
    private Instant madeAt;

    protected ReadingSwap() {}

    ReadingSwap(UUID id, Reading one, Reading other, String reason, Person person, Instant madeAt) {
        this.id = id;
        this.part = one.round().part();
        this.one = one.getId();
        this.other = other.getId();
        this.reason = reason;
        this.person = person;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public UUID one() {
        return one;
    }

    public UUID other() {
        return other;
    }

    public String reason() {
        return reason;
    }

    public Person person() {
        return person;
    }

    public Instant madeAt() {
        return madeAt;
    }
}
