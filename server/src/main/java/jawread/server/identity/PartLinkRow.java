package jawread.server.identity;

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

/** What a person said of two parts, as kept; what was said last of the two stands. */
@Entity
@Table(name = "part_link")
@Immutable
class PartLinkRow extends SaidRow {
    @Column(name = "one_id", nullable = false)
    private long one;

    @Column(name = "other_id", nullable = false)
    private long other;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Sameness said;

    protected PartLinkRow() {}

    PartLinkRow(UUID id, Pair pair, Sameness said, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.one = pair.one();
        this.other = pair.other();
        this.said = said;
    }

    /** Two parts, whichever was named first. */
    record Pair(long one, long other) {
        static Pair of(long one, long other) {
            return new Pair(Math.min(one, other), Math.max(one, other));
        }

        long beside(long part) {
            return part == one ? other : one;
        }

        boolean has(long part) {
            return part == one || part == other;
        }
    }

    Pair pair() {
        return new Pair(one, other);
    }

    Sameness said() {
        return said;
    }
}
