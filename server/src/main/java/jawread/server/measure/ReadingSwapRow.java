package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.core.assess.ReadingSwap;
import jawread.server.access.Person;
import jawread.server.live.SaidRow;
import org.hibernate.annotations.Immutable;

/** A swap of two readings as kept. Both stay as they were read; from here on each counts at the other's place. */
@Entity
@Table(name = "reading_swap")
@Immutable
class ReadingSwapRow extends SaidRow {
    @Column(nullable = false)
    private long partId;

    @Column(name = "one_id", nullable = false)
    private UUID one;

    @Column(name = "other_id", nullable = false)
    private UUID other;

    protected ReadingSwapRow() {}

    ReadingSwapRow(UUID id, ReadingRow one, ReadingRow other, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.partId = one.partId();
        this.one = one.getId();
        this.other = other.getId();
    }

    UUID one() {
        return one;
    }

    UUID other() {
        return other;
    }

    ReadingSwap swap() {
        return new ReadingSwap(getId(), one, other, reason(), person(), madeAt());
    }
}
