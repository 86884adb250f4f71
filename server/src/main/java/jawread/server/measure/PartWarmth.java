package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** How warm a part and the gauges beside it were, kept as it was. */
@Entity
@Immutable
public class PartWarmth extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @Column(nullable = false)
    private BigDecimal partTemperature;

    private BigDecimal gaugeTemperature;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected PartWarmth() {}

    PartWarmth(UUID id, Part part, BigDecimal partTemperature, Optional<BigDecimal> gauge, Person person, Instant at) {
        this.id = id;
        this.part = part;
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
        return part.id();
    }

    /** In °C. */
    public BigDecimal part() {
        return partTemperature;
    }

    /** In °C; empty where nobody measured. */
    public Optional<BigDecimal> gauge() {
        return Optional.ofNullable(gaugeTemperature);
    }

    public long person() {
        return person;
    }

    public Instant at() {
        return at;
    }
}
