package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.job.Place;
import org.hibernate.annotations.Immutable;

/** Something said of a place of a part in one round: passed over, taken up again, or noted. */
@Entity
@Immutable
public class PlaceMark extends Said {
    /** What is said. */
    public enum Kind {
        /** The walk asks for it no more; it stays not measured. */
        SKIP,
        /** It is asked for again after all. */
        TAKE_UP,
        NOTE
    }

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Place place;

    @Column(nullable = false)
    private int roundNumber;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    protected PlaceMark() {}

    PlaceMark(UUID id, Part part, Place place, int round, Kind kind, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.part = part;
        this.place = place;
        this.roundNumber = round;
        this.kind = kind;
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
}
