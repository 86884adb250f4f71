package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.gauge.ZeroCheck;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A look at a gauge's zero, kept as it was. */
@Entity
@Immutable
public class GaugeCheck extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Gauge gauge;

    @ManyToOne(fetch = FetchType.LAZY)
    private ShopMaster master;

    private BigDecimal temperature;

    @Column(nullable = false)
    private long foundPm;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private ZeroCheck.Done done;

    @Column(nullable = false)
    private long leftPm;

    @Column(nullable = false)
    private long allowedPm;

    @Column(nullable = false)
    private boolean unitConfirmed;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected GaugeCheck() {}

    GaugeCheck(
            UUID id,
            Gauge gauge,
            Optional<ShopMaster> master,
            Optional<BigDecimal> temperature,
            ZeroCheck found,
            boolean unitConfirmed,
            Person person,
            Instant at) {
        this.id = id;
        this.gauge = gauge;
        this.master = master.orElse(null);
        this.temperature = temperature.orElse(null);
        this.foundPm = found.found().picometres();
        this.done = found.done();
        this.leftPm = found.left().picometres();
        this.allowedPm = gauge.allowedError().picometres();
        this.unitConfirmed = unitConfirmed;
        this.person = person.id();
        this.at = at;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public long gaugeId() {
        return gauge.id();
    }

    /** Empty where the faces were closed on nothing. */
    public Optional<ShopMaster> master() {
        return Optional.ofNullable(master);
    }

    /** In °C; empty where nobody measured. */
    public Optional<BigDecimal> temperature() {
        return Optional.ofNullable(temperature);
    }

    public ZeroCheck result() {
        return new ZeroCheck(Length.ofPicometres(foundPm), done, Length.ofPicometres(leftPm));
    }

    /** What was allowed then. */
    public Length allowed() {
        return Length.ofPicometres(allowedPm);
    }

    public boolean unitConfirmed() {
        return unitConfirmed;
    }

    public long person() {
        return person;
    }

    public Instant at() {
        return at;
    }
}
