package jawread.server.measure;

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
import jawread.server.job.Feature;
import jawread.server.job.Part;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** What somebody saw of a looked-at item of a part; kept as it was, a later look beside it. */
@Entity
@Immutable
public class Look extends Kept {
    /** What was seen. */
    public enum Found {
        OK,
        NOT_OK,
        /** It could not be seen: covered, dirty, out of sight. */
        NOT_SEEN;

        public static Optional<Found> of(String code) {
            return Arrays.stream(values())
                    .filter(each -> each.code().equals(code))
                    .findFirst();
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Feature feature;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Found found;

    @Column(nullable = false)
    private String note;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected Look() {}

    Look(UUID id, Part part, Feature feature, Found found, String note, Person person, Instant madeAt) {
        this.id = id;
        this.part = part;
        this.feature = feature;
        this.found = found;
        this.note = note;
        this.person = person.id();
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public long partId() {
        return part.id();
    }

    public long featureId() {
        return feature.id();
    }

    public Found found() {
        return found;
    }

    public String note() {
        return note;
    }

    public long person() {
        return person;
    }

    public Instant madeAt() {
        return madeAt;
    }
}
