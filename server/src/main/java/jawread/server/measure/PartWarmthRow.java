package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.PartTemperature;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** How warm a part was, as kept. */
@Entity
@Table(name = "part_warmth")
@Immutable
class PartWarmthRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private BigDecimal partTemperature;

    private BigDecimal gaugeTemperature;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected PartWarmthRow() {}

    PartWarmthRow(
            UUID id, Part part, BigDecimal partTemperature, Optional<BigDecimal> gauge, Person person, Instant at) {
        this.id = id;
        this.partId = part.id();
        this.partTemperature = partTemperature;
        this.gaugeTemperature = gauge.orElse(null);
        this.person = person.id();
        this.at = at;
    }

    @Override
    public UUID getId() {
        return id;
    }

    long partId() {
        return partId;
    }

    PartWarmth warmth() {
        return new PartWarmth(
                id, new PartTemperature(partTemperature, Optional.ofNullable(gaugeTemperature), at), person);
    }
}
