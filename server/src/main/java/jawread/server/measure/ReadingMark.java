package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.misread.Slip;
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
        NOTE,
        /** Looked at in doubt, and right as it is. */
        KEEP,
        /** Misread, or read on a zero that had moved: it counts as what it should have been. */
        CORRECT;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Reading reading;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    private Long correctedPm;

    private UUID checkId;

    private String slip;

    protected ReadingMark() {}

    ReadingMark(UUID id, Reading reading, Kind kind, Answer answer, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.reading = reading;
        this.kind = kind;
        this.correctedPm = answer.shouldBe().map(Length::picometres).orElse(null);
        this.checkId = answer.check().orElse(null);
        this.slip = answer.slip().map(Slip::code).orElse(null);
    }

    /**
     * To what it answers; all empty for one that answers to nothing.
     *
     * @param shouldBe as the scale should have been read, of a correction
     * @param check that found the gauge off
     * @param slip that was owned to
     */
    public record Answer(Optional<Length> shouldBe, Optional<UUID> check, Optional<Slip> slip) {
        public static final Answer NONE = new Answer(Optional.empty(), Optional.empty(), Optional.empty());
    }

    public Answer answer() {
        return new Answer(
                Optional.ofNullable(correctedPm).map(Length::ofPicometres),
                Optional.ofNullable(checkId),
                Optional.ofNullable(slip).flatMap(Slip::of));
    }

    public Reading reading() {
        return reading;
    }

    public Kind kind() {
        return kind;
    }
}
