package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** What happened to a gauge, as kept. */
@Entity
@Table(name = "gauge_event")
@Immutable
class GaugeEventRow extends Kept {
    @Id
    private UUID id;

    @Column(name = "gauge_id", nullable = false)
    private long gaugeId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private GaugeEvent.Kind kind;

    @Column(nullable = false)
    private String words;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected GaugeEventRow() {}

    GaugeEventRow(UUID id, long gauge, GaugeEvent.Kind kind, String words, Person person, Instant at) {
        this.id = id;
        this.gaugeId = gauge;
        this.kind = kind;
        this.words = words;
        this.person = person.id();
        this.at = at;
    }

    @Override
    public UUID getId() {
        return id;
    }

    GaugeEvent event() {
        return new GaugeEvent(id, gaugeId, kind, words, person, at);
    }
}
