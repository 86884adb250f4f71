package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.MadeOf.Piece;
import jawread.core.assess.ReadWith;
import jawread.core.assess.Reading.Corrections;
import jawread.core.assess.Reading.Figure;
import jawread.core.assess.SetTo;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** One of the figures that a size was made of, as kept. */
@Entity
@Table(name = "reading_figure")
@Immutable
class ReadingFigureRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID readingId;

    @Column(nullable = false)
    private int number;

    @Column(nullable = false)
    private long gaugeId;

    private Long readerId;

    @Column(nullable = false)
    private boolean onMaster;

    private UUID settingId;

    @Column(nullable = false)
    private String typed;

    private Long basePm;

    @Column(nullable = false)
    private long rawPm;

    @Column(nullable = false)
    private long correctionPm;

    @Column(nullable = false)
    private long thermalPm;

    @Column(nullable = false)
    private long resolutionPm;

    @Column(nullable = false)
    private long leastCountPm;

    @Column(nullable = false)
    private long spreadPm;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LengthUnit unit;

    @Column(nullable = false)
    private Instant takenAt;

    protected ReadingFigureRow() {}

    ReadingFigureRow(UUID reading, int number, Piece piece, Instant takenAt) {
        this.id = UUID.nameUUIDFromBytes((reading + " " + number).getBytes(StandardCharsets.UTF_8));
        this.readingId = reading;
        this.number = number;
        this.gaugeId = piece.with().gauge();
        this.readerId = piece.with().reader().orElse(null);
        this.onMaster = piece.with().onMaster();
        this.settingId = piece.corrections().setting().map(SetTo::id).orElse(null);
        this.typed = piece.typed();
        this.basePm = piece.figure().base().map(Length::picometres).orElse(null);
        this.rawPm = piece.raw().picometres();
        this.correctionPm = piece.corrections().known().picometres();
        this.thermalPm = piece.corrections().thermal().picometres();
        this.resolutionPm = piece.figure().resolution().picometres();
        this.leastCountPm = piece.figure().leastCount().picometres();
        this.spreadPm = piece.figure().spread().picometres();
        this.unit = piece.figure().unit();
        this.takenAt = takenAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    UUID readingId() {
        return readingId;
    }

    int number() {
        return number;
    }

    Optional<UUID> settingId() {
        return Optional.ofNullable(settingId);
    }

    ReadWith with() {
        return new ReadWith(gaugeId, Optional.ofNullable(readerId), onMaster);
    }

    String typed() {
        return typed;
    }

    /** @param whole the reading that it is a figure of */
    Piece piece(Optional<SetTo> setting, ReadingRow whole) {
        return new Piece(
                with(),
                typed,
                new Figure(
                        Optional.ofNullable(basePm).map(Length::ofPicometres),
                        Length.ofPicometres(rawPm),
                        Optional.empty(),
                        Length.ofPicometres(resolutionPm),
                        Length.ofPicometres(leastCountPm),
                        Length.ofPicometres(spreadPm),
                        unit),
                new Corrections(
                        Length.ofPicometres(correctionPm),
                        Length.ofPicometres(thermalPm),
                        setting,
                        whole.partWarmth()));
    }
}
