package jawread.server.choosing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import java.io.Serializable;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.ReadWith;
import jawread.server.access.Person;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;

/** The method somebody picked for a feature. It is the feature's through all its editions, so that another gauge is no other plan. */
@Entity
@IdClass(PickedMethod.Where.class)
class PickedMethod {
    /** A feature of a plan, whatever its edition. */
    record Where(long planId, UUID featureKey) implements Serializable {}

    @Id
    private long planId;

    @Id
    private UUID featureKey;

    @Column(nullable = false)
    private long gaugeId;

    private Long readerId;

    @Column(nullable = false)
    private boolean onMaster;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected PickedMethod() {}

    PickedMethod(long planId, UUID featureKey) {
        this.planId = planId;
        this.featureKey = featureKey;
    }

    void pick(GaugeAndReader method, Person person, Instant at) {
        this.gaugeId = method.gauge().id();
        this.readerId = method.reader().map(Gauge::id).orElse(null);
        this.onMaster = method.onMaster();
        this.person = person.id();
        this.at = at;
    }

    UUID featureKey() {
        return featureKey;
    }

    /** As screens name it. */
    String key() {
        return new ReadWith(gaugeId, Optional.ofNullable(readerId), onMaster).key();
    }
}
