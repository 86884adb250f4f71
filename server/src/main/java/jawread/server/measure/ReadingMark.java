package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** Something said of a reading after it was kept: who, when, why. */
@Entity
@Immutable
public class ReadingMark extends Kept {
    /** What is said. */
    public enum Kind {
        /** It no longer counts; it stays to be seen. */
        STRIKE,
        NOTE;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Reading reading;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    @Column(nullable = false)
    private String reason;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Person person;

    @Column(nullable = false)
    private Instant madeAt;

    protected ReadingMark() {}

    ReadingMark(UUID id, Reading reading, Kind kind, String reason, Person person, Instant madeAt) {
        this.id = id;
        this.reading = reading;
        this.kind = kind;
        this.reason = reason;
        this.person = person;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public Reading reading() {
        return reading;
    }

    public Kind kind() {
        return kind;
    }

    public String reason() {
        return reason;
    }

    public Person person() {
        return person;
    }

    public Instant madeAt() {
        return madeAt;
    }
}
