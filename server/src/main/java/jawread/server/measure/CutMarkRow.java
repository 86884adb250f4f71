package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.SaidRow;
import org.hibernate.annotations.Immutable;

/** What is said of a cut, as kept; what was said last of it stands. */
@Entity
@Table(name = "cut_mark")
@Immutable
class CutMarkRow extends SaidRow {
    @Column(nullable = false)
    private UUID roundId;

    @Column(nullable = false)
    private long partId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private CutMark kind;

    protected CutMarkRow() {}

    CutMarkRow(UUID id, MeasuringRoundRow cut, CutMark kind, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.roundId = cut.getId();
        this.partId = cut.partId();
        this.kind = kind;
    }

    UUID roundId() {
        return roundId;
    }

    CutMark kind() {
        return kind;
    }
}
