package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Look;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import jawread.server.measure.Looks.KeepLook;
import org.hibernate.annotations.Immutable;

/** What was seen of an item as kept. */
@Entity
@Table(name = "look")
@Immutable
class LookRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private long featureId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Look.Found found;

    private Long gaugeId;

    @Column(nullable = false)
    private String note;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected LookRow() {}

    LookRow(KeepLook look, Look.Found found, Person person, Instant madeAt) {
        this.id = look.id();
        this.partId = look.part();
        this.featureId = look.feature();
        this.found = found;
        this.gaugeId = look.gauge().orElse(null);
        this.note = look.note().strip();
        this.person = person.id();
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    long partId() {
        return partId;
    }

    long featureId() {
        return featureId;
    }

    Optional<Long> gauge() {
        return Optional.ofNullable(gaugeId);
    }

    Look.Found found() {
        return found;
    }

    Look look(UUID feature) {
        return new Look(id, feature, found, gauge(), note, person, madeAt);
    }
}
