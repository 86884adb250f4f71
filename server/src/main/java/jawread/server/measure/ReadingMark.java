package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;
import jawread.server.access.Person;
import org.hibernate.annotations.Immutable;

/** Something said of a reading after it was kept: who, when, why. */
@Entity
@Immutable
public class ReadingMark extends Said {
    /** What is said. */
    public enum Kind {
        /** It no longer counts; it stays to be seen. */
        STRIKE,
        NOTE;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Reading reading;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    protected ReadingMark() {}

    ReadingMark(UUID id, Reading reading, Kind kind, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.reading = reading;
        this.kind = kind;
    }

    public Reading reading() {
        return reading;
    }

    public Kind kind() {
        return kind;
    }
}
