package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import jawread.core.assess.Place;
import jawread.core.assess.PlaceKey;
import jawread.core.assess.PlaceMark;
import jawread.core.assess.PlaceMark.Kind;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.live.SaidRow;
import jawread.server.measure.PlaceMarks.MarkPlace;
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

    private Long sizePm;

    protected PlaceMarkRow() {}

    PlaceMarkRow(MarkPlace mark, Optional<Length> size, Place place, String reason, Person person, Instant madeAt) {
        super(mark.id(), reason, person, madeAt);
        this.partId = mark.part();
        this.placeId = place.id();
        this.roundNumber = mark.round();
        this.kind = mark.kind();
        this.sizePm = size.map(Length::picometres).orElse(null);
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

    Optional<Length> size() {
        return Optional.ofNullable(sizePm).map(Length::ofPicometres);
    }

    Kind kind() {
        return kind;
    }

    /** @param round as it counts by now */
    PlaceMark mark(PlaceKey place, int round) {
        return new PlaceMark(getId(), place, round, kind, size(), reason(), person(), madeAt());
    }
}
