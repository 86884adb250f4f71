package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.length.TypedLength;
import jawread.server.access.Person;
import jawread.server.job.Feature;
import jawread.server.job.Part;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A round of readings on one feature of one part: as found, after cut 1, after cut 2 … */
@Entity
@Immutable
public class MeasuringRound extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Part part;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Feature feature;

    @Column(nullable = false)
    private int number;

    private String askedTyped;
    private Long askedPm;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant openedAt;

    protected MeasuringRound() {}

    MeasuringRound(
            UUID id,
            Part part,
            Feature feature,
            int number,
            Optional<String> askedTyped,
            Optional<TypedLength> asked,
            Person person,
            Instant openedAt) {
        this.id = id;
        this.part = part;
        this.feature = feature;
        this.number = number;
        this.askedTyped = askedTyped.orElse(null);
        this.askedPm = asked.map(typed -> typed.length().picometres()).orElse(null);
        this.person = person.id();
        this.openedAt = openedAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public Feature feature() {
        return feature;
    }

    public Part part() {
        return part;
    }

    /** 0 is "as found"; n is "after cut n". */
    public int number() {
        return number;
    }

    /** What the cut before this round set out to take off the size; empty when it was not said. */
    public Optional<Length> asked() {
        return Optional.ofNullable(askedPm).map(Length::ofPicometres);
    }

    Optional<String> askedTyped() {
        return Optional.ofNullable(askedTyped);
    }

    public Instant openedAt() {
        return openedAt;
    }
}
