package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.gauge.ZeroCheck;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A look at a gauge's zero as kept. */
@Entity
@Table(name = "gauge_check")
@Immutable
class GaugeCheckRow extends Kept {
    @Id
    private UUID id;

    @Column(name = "gauge_id", nullable = false)
    private long gaugeId;

    private Long masterId;

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

    protected GaugeCheckRow() {}

    GaugeCheckRow(
            UUID id,
            Gauge gauge,
            Optional<ShopMaster> master,
            Optional<BigDecimal> temperature,
            ZeroCheck found,
            boolean unitConfirmed,
            Person person,
            Instant at) {
        this.id = id;
        this.gaugeId = gauge.id();
        this.masterId = master.map(ShopMaster::id).orElse(null);
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

    GaugeCheck check() {
        return new GaugeCheck(
                id,
                gaugeId,
                Optional.ofNullable(masterId),
                Optional.ofNullable(temperature),
                new ZeroCheck(Length.ofPicometres(foundPm), done, Length.ofPicometres(leftPm)),
                Length.ofPicometres(allowedPm),
                unitConfirmed,
                person,
                at);
    }
}
