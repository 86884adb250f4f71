package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import jawread.core.assess.MadeOf;
import jawread.core.assess.Origin;
import jawread.core.assess.PartTemperature;
import jawread.core.assess.Place;
import jawread.core.assess.PlaceKey;
import jawread.core.assess.ReadWith;
import jawread.core.assess.Reading;
import jawread.core.assess.Reading.Corrections;
import jawread.core.assess.Reading.Entry;
import jawread.core.assess.Reading.Figure;
import jawread.core.assess.Reading.Moved;
import jawread.core.assess.SetTo;
import jawread.core.judge.Bracket;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.MadeFrom;
import jawread.core.scale.Parts;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.GaugeState;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A reading as kept. */
@Entity
@Table(name = "reading")
@Immutable
class ReadingRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long jobId;

    @Column(nullable = false)
    private long seq;

    @Column(nullable = false)
    private long planRevisionId;

    @Column(name = "part_id", nullable = false)
    private long partId;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private MeasuringRoundRow round;

    @Column(nullable = false)
    private long placeId;

    @Column(nullable = false)
    private long gaugeId;

    private Long readerId;

    @Column(nullable = false)
    private boolean onMaster;

    private UUID settingId;

    @ManyToOne(fetch = FetchType.LAZY)
    private PartWarmthRow warmth;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private GaugeState gaugeState;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Origin origin;

    private String typed;
    private String pressed;
    private String stopsTyped;
    private String parts;

    private Long goesPm;
    private Long stopsPm;

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

    private String madeFrom;

    @Column(nullable = false)
    private boolean quick;

    @Column(nullable = false)
    private Instant takenAt;

    @Column(nullable = false)
    private Instant keptAt;

    protected ReadingRow() {}

    ReadingRow(
            KeepReading asked,
            Read read,
            long job,
            long planRevision,
            MeasuringRoundRow round,
            Optional<PartWarmthRow> warmth,
            Place place,
            GaugeAndReader method,
            GaugeState state,
            long seq,
            Instant now) {
        this.id = asked.id();
        this.planRevisionId = planRevision;
        this.jobId = job;
        this.seq = seq;
        this.partId = round.partId();
        this.round = round;
        this.placeId = place.id();
        this.gaugeId = method.gauge().id();
        this.readerId = method.reader().map(Gauge::id).orElse(null);
        this.onMaster = method.onMaster();
        this.gaugeState = state;
        this.person = asked.person();
        this.origin = asked.origin();
        this.typed = asked.typed().orElse(null);
        this.pressed = asked.pressed().orElse(null);
        this.stopsTyped = asked.stops().orElse(null);
        this.goesPm = read.rests().pins().map(pins -> pins.low().picometres()).orElse(null);
        this.stopsPm = read.rests().pins().map(pins -> pins.high().picometres()).orElse(null);
        this.parts = asked.parts().map(Parts::toString).orElse(null);
        this.settingId = read.rests().setting().map(ComparatorSetting::id).orElse(null);
        this.warmth = warmth.orElse(null);
        this.basePm = read.rests().base().map(Length::picometres).orElse(null);
        this.rawPm = read.value().picometres();
        this.correctionPm = read.correction().picometres();
        this.thermalPm = read.rests().thermal().picometres();
        this.resolutionPm = read.resolution().picometres();
        this.leastCountPm = read.leastCount().orElse(method.read().leastCount()).picometres();
        this.spreadPm = read.spread().picometres();
        this.unit = read.unit();
        this.madeFrom = asked.made().map(of -> of.way().code()).orElse(null);
        this.quick = asked.quick();
        this.takenAt = asked.takenAt();
        this.keptAt = now;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** Its number in the job. */
    long seq() {
        return seq;
    }

    long jobId() {
        return jobId;
    }

    long partId() {
        return partId;
    }

    long placeId() {
        return placeId;
    }

    Instant keptAt() {
        return keptAt;
    }

    long person() {
        return person;
    }

    long planRevisionId() {
        return planRevisionId;
    }

    MeasuringRoundRow round() {
        return round;
    }

    ReadWith with() {
        return new ReadWith(gaugeId, Optional.ofNullable(readerId), onMaster);
    }

    /** The formula of a size that was made of several figures. */
    Optional<MadeFrom> madeFrom() {
        return Optional.ofNullable(madeFrom).flatMap(MadeFrom::of);
    }

    Optional<PartTemperature> partWarmth() {
        return Optional.ofNullable(warmth).map(of -> of.warmth().temperature());
    }

    Optional<Length> base() {
        return Optional.ofNullable(basePm).map(Length::ofPicometres);
    }

    Optional<String> typed() {
        return Optional.ofNullable(typed);
    }

    Optional<UUID> settingId() {
        return Optional.ofNullable(settingId);
    }

    Instant takenAt() {
        return takenAt;
    }

    Length raw() {
        return Length.ofPicometres(rawPm);
    }

    Length resolution() {
        return Length.ofPicometres(resolutionPm);
    }

    LengthUnit unit() {
        return unit;
    }

    /**
     * Whether it says just what is asked to be kept: then that is this one, sent again. The place tells the feature.
     *
     * @param isInRound whether a round is the one it is asked for in
     * @param usual what the gauge adds on its own
     * @param figures of a size that was made of several, those it was kept with
     */
    boolean isKeptAs(
            KeepReading asked,
            Predicate<UUID> isInRound,
            Supplier<Length> usual,
            Supplier<List<ReadingFigureRow>> figures) {
        return partId == asked.part()
                && isInRound.test(round.getId())
                && placeId == asked.place()
                && with().equals(asked.with())
                && person == asked.person()
                && origin == asked.origin()
                && quick == asked.quick()
                && isTypedAs(asked)
                && Optional.ofNullable(stopsTyped).equals(asked.stops())
                && Optional.ofNullable(parts).map(Parts::parse).equals(asked.parts())
                && asked.base().stream().allMatch(of -> of.equals(base().orElseGet(usual)))
                && takenAt.equals(asked.takenAt())
                && madeFrom().equals(asked.made().map(MadeBy::way))
                && (madeFrom == null
                        || figures.get().stream()
                                .skip(1)
                                .map(figure -> new MadeBy.Other(figure.with(), figure.typed()))
                                .toList()
                                .equals(asked.made().map(MadeBy::others).orElse(List.of())));
    }

    /** Digits that were sent alone were made whole when they were kept. */
    private boolean isTypedAs(KeepReading asked) {
        Optional<String> last = Optional.ofNullable(pressed);
        return typed().equals(asked.typed()) && last.equals(asked.pressed())
                || last.isPresent() && asked.pressed().isEmpty() && last.equals(asked.typed());
    }

    /** Where a reading counts. @param feature its key @param round by number */
    record At(long part, UUID feature, PlaceKey place, int round) {}

    /**
     * @param at where it counts by now
     * @param under the revision that it was read under, where that held the feature to something else
     * @param setting of a comparator, where it was set by somebody here
     * @param moved where it was taken elsewhere
     * @param made of what, where it is made of several figures
     */
    Reading reading(
            At at, Optional<Integer> under, Optional<SetTo> setting, Optional<Moved> moved, Optional<MadeOf> made) {
        return new Reading(
                id,
                seq,
                at.part(),
                at.feature(),
                at.place(),
                at.round(),
                with(),
                new Entry(
                        origin,
                        typed(),
                        Optional.ofNullable(pressed),
                        Optional.ofNullable(parts).map(Parts::parse),
                        person,
                        takenAt,
                        keptAt,
                        under,
                        moved),
                new Figure(
                        base(),
                        raw(),
                        Optional.ofNullable(goesPm)
                                .map(goes -> new Bracket(Length.ofPicometres(goes), Length.ofPicometres(stopsPm))),
                        resolution(),
                        Length.ofPicometres(leastCountPm),
                        Length.ofPicometres(spreadPm),
                        unit),
                new Corrections(
                        Length.ofPicometres(correctionPm), Length.ofPicometres(thermalPm), setting, partWarmth()),
                quick,
                gaugeState == GaugeState.DUE,
                made);
    }
}
