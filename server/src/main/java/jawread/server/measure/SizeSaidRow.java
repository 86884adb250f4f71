package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.live.SaidRow;
import org.hibernate.annotations.Immutable;

/** What size a feature of a part is said to be, as kept. */
@Entity
@Table(name = "size_said")
@Immutable
class SizeSaidRow extends SaidRow {
    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private long featureId;

    private UUID roundId;
    private Long toPm;

    protected SizeSaidRow() {}

    SizeSaidRow(
            UUID id,
            long part,
            long feature,
            Optional<UUID> round,
            Optional<Length> to,
            String reason,
            Person person,
            Instant madeAt) {
        super(id, reason, person, madeAt);
        this.partId = part;
        this.featureId = feature;
        this.roundId = round.orElse(null);
        this.toPm = to.map(Length::picometres).orElse(null);
    }

    long partId() {
        return partId;
    }

    long featureId() {
        return featureId;
    }

    /** From which round on; empty: as found. */
    Optional<UUID> roundId() {
        return Optional.ofNullable(roundId);
    }

    /** How far from new; zero as new again; empty: what was said of that round is taken back. */
    Optional<Length> to() {
        return Optional.ofNullable(toPm).map(Length::ofPicometres);
    }
}
