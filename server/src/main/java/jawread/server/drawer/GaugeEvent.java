package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** What befell a gauge, kept as it was. */
@Entity
@Immutable
public class GaugeEvent extends Kept {
    /** What it was, and what the gauge is after it. */
    public enum Kind {
        ADDED(GaugeState.IN_USE),
        /** It may have moved: a check is wanted. */
        DROPPED(null),
        /** A display forgets its zero. */
        NEW_BATTERY(null),
        CALIBRATED(null),
        QUARANTINED(GaugeState.QUARANTINED),
        BACK_IN_USE(GaugeState.IN_USE),
        RETIRED(GaugeState.RETIRED);

        private final GaugeState after;

        Kind(GaugeState after) {
            this.after = after;
        }

        public static Optional<Kind> of(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code().equals(code))
                    .findFirst();
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** Empty where it stays what it is. */
        Optional<GaugeState> after() {
            return Optional.ofNullable(after);
        }
    }

    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Gauge gauge;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    @Column(nullable = false)
    private String words;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected GaugeEvent() {}

    GaugeEvent(UUID id, Gauge gauge, Kind kind, String words, Person person, Instant at) {
        this.id = id;
        this.gauge = gauge;
        this.kind = kind;
        this.words = words;
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

    public Kind kind() {
        return kind;
    }

    /** Why, in somebody's own words; may be empty. */
    public String words() {
        return words;
    }

    public long person() {
        return person;
    }

    public Instant at() {
        return at;
    }
}
