package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.core.assess.Reading;
import jawread.server.access.Person;
import jawread.server.live.SaidRow;
import org.hibernate.annotations.Immutable;

/** Where a reading belongs, as kept: the part and the place; what was said last of a reading stands. */
@Entity
@Table(name = "reading_move")
@Immutable
class ReadingMoveRow extends SaidRow {
    /** Those of one move bear the same. */
    @Column(nullable = false)
    private UUID moveId;

    @Column(nullable = false)
    private UUID readingId;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private long placeId;

    protected ReadingMoveRow() {}

    ReadingMoveRow(UUID id, UUID move, ReadingRow reading, MovedTo to, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.moveId = move;
        this.readingId = reading.getId();
        this.jobId = reading.jobId();
        this.partId = to.part();
        this.placeId = to.place();
    }

    UUID moveId() {
        return moveId;
    }

    UUID readingId() {
        return readingId;
    }

    MovedTo to() {
        return new MovedTo(partId, placeId);
    }

    Reading.Moved moved(ReadingRow from) {
        return new Reading.Moved(person(), madeAt(), reason(), from.partId(), from.placeId());
    }
}
