package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.job.Place;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** Something said of a place of a part in one round: passed over, taken up again, or noted. */
@Entity
@Immutable
public class PlaceMark extends Kept {
    /** What is said. */
    public enum Kind {
        /** The walk asks for it no more; it stays not measured. */
        SKIP,
        /** It is asked for again after all. */
        TAKE_UP,
        NOTE
    }

    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Place place;

    @Column(nullable = false)
    private int roundNumber;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    @Column(nullable = false)
    private String reason;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Person person;

    @Column(nullable = false)
    private Instant madeAt;

    protected PlaceMark() {}

    PlaceMark(UUID id, Part part, Place place, int round, Kind kind, String reason, Person person, Instant madeAt) {
        this.id = id;
        this.part = part;
        this.place = place;
        this.roundNumber = round;
        this.kind = kind;
        this.reason = reason;
        this.person = person;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    Part part() {
        return part;
    }

    Place place() {
        return place;
    }

    /** 0 is "as found"; n is "after cut n". */
    public int roundNumber() {
        return roundNumber;
    }

    public Kind kind() {
        return kind;
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
