package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.core.assess.Place;
import jawread.core.assess.PlaceKey;
import jawread.core.assess.PlaceMark;
import jawread.core.assess.PlaceMark.Kind;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.SaidRow;
import org.hibernate.annotations.Immutable;

/** A mark of a place as kept. */
@Entity
@Table(name = "place_mark")
@Immutable
class PlaceMarkRow extends SaidRow {
    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private long placeId;

    @Column(nullable = false)
    private int roundNumber;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    protected PlaceMarkRow() {}

    PlaceMarkRow(UUID id, Part part, Place place, int round, Kind kind, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.partId = part.id();
        this.placeId = place.id();
        this.roundNumber = round;
        this.kind = kind;
    }

    long partId() {
        return partId;
    }

    long placeId() {
        return placeId;
    }

    int roundNumber() {
        return roundNumber;
    }

    Kind kind() {
        return kind;
    }

    /** @param round as it counts by now */
    PlaceMark mark(PlaceKey place, int round) {
        return new PlaceMark(getId(), place, round, kind, reason(), person(), madeAt());
    }
}
