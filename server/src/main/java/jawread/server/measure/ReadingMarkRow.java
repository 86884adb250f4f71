package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.ReadingMark;
import jawread.core.assess.ReadingMark.Answer;
import jawread.core.assess.ReadingMark.Kind;
import jawread.core.length.Length;
import jawread.core.misread.Slip;
import jawread.server.access.Person;
import jawread.server.live.SaidRow;
import org.hibernate.annotations.Immutable;

/** A mark of a reading as kept. */
@Entity
@Table(name = "reading_mark")
@Immutable
class ReadingMarkRow extends SaidRow {
    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private ReadingRow reading;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    private Long correctedPm;

    private UUID checkId;

    private String slip;

    protected ReadingMarkRow() {}

    ReadingMarkRow(
            UUID id, ReadingRow reading, Kind kind, Answer answer, String reason, Person person, Instant madeAt) {
        super(id, reason, person, madeAt);
        this.reading = reading;
        this.kind = kind;
        this.correctedPm = answer.shouldBe().map(Length::picometres).orElse(null);
        this.checkId = answer.check().orElse(null);
        this.slip = answer.slip().map(Slip::code).orElse(null);
    }

    ReadingRow reading() {
        return reading;
    }

    ReadingMark mark() {
        return new ReadingMark(
                getId(),
                reading.getId(),
                kind,
                new Answer(
                        Optional.ofNullable(correctedPm).map(Length::ofPicometres),
                        Optional.ofNullable(checkId),
                        Optional.ofNullable(slip).flatMap(Slip::of)),
                reason(),
                person(),
                madeAt());
    }
}
