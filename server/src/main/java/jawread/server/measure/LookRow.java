package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.core.assess.Look;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.Kept;
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

    @Column(nullable = false)
    private String note;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected LookRow() {}

    LookRow(UUID id, Part part, long feature, Look.Found found, String note, Person person, Instant madeAt) {
        this.id = id;
        this.partId = part.id();
        this.featureId = feature;
        this.found = found;
        this.note = note;
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

    Look.Found found() {
        return found;
    }

    Look look(UUID feature) {
        return new Look(id, feature, found, note, person, madeAt);
    }
}
