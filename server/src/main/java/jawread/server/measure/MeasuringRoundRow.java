package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.RoundOrder;
import jawread.core.length.Length;
import jawread.core.length.TypedLength;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A round of readings as kept. */
@Entity
@Table(name = "measuring_round")
@Immutable
class MeasuringRoundRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private long featureId;

    @Column(nullable = false)
    private int number;

    private String askedTyped;
    private Long askedPm;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant openedAt;

    protected MeasuringRoundRow() {}

    MeasuringRoundRow(
            UUID id,
            Part part,
            long feature,
            int number,
            Optional<String> askedTyped,
            Optional<TypedLength> asked,
            Person person,
            Instant openedAt) {
        this.id = id;
        this.partId = part.id();
        this.featureId = feature;
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

    long featureId() {
        return featureId;
    }

    long partId() {
        return partId;
    }

    /** As it was numbered when it was opened; which round it is by now its order among all of its feature tells. */
    int number() {
        return number;
    }

    boolean isCut() {
        return number > 0;
    }

    /** @param isTakenBack whether it was said since that the cut was never taken */
    RoundOrder.Opened opened(boolean isTakenBack) {
        return new RoundOrder.Opened(
                id, featureId, number, Optional.ofNullable(askedPm).map(Length::ofPicometres), openedAt, isTakenBack);
    }

    Optional<String> askedTyped() {
        return Optional.ofNullable(askedTyped);
    }

    Instant openedAt() {
        return openedAt;
    }
}
