package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.judge.PinBracket;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.misread.KeptReading;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.GaugeState;
import jawread.server.job.Job;
import jawread.server.job.Place;
import jawread.server.job.PlanRevision;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** What a person read, where, with what; kept as it was for ever. */
@Entity
@Immutable
public class Reading extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Job job;

    @Column(nullable = false)
    private long seq;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private PlanRevision planRevision;

    @Column(name = "part_id", nullable = false)
    private long partId;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private MeasuringRound round;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Place place;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Gauge gauge;

    @ManyToOne(fetch = FetchType.LAZY)
    private Gauge reader;

    @ManyToOne(fetch = FetchType.LAZY)
    private ComparatorSetting setting;

    @ManyToOne(fetch = FetchType.LAZY)
    private PartWarmth warmth;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private GaugeState gaugeState;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Origin origin;

    private String typed;
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

    @Column(nullable = false)
    private boolean quick;

    @Column(nullable = false)
    private Instant takenAt;

    @Column(nullable = false)
    private Instant keptAt;

    protected Reading() {}

    Reading(
            KeepReading asked,
            Read read,
            PlanRevision planRevision,
            MeasuringRound round,
            Place place,
            GaugeAndReader method,
            GaugeState state,
            Person person,
            long seq,
            Instant now) {
        this.id = asked.id();
        this.planRevision = planRevision;
        this.job = planRevision.job();
        this.seq = seq;
        this.partId = round.part().id();
        this.round = round;
        this.place = place;
        this.gauge = method.gauge();
        this.reader = method.reader().orElse(null);
        this.gaugeState = state;
        this.person = person.id();
        this.origin = asked.origin();
        this.typed = asked.typed().orElse(null);
        this.stopsTyped = asked.stops().orElse(null);
        this.goesPm = read.rests().pins().map(pins -> pins.goes().picometres()).orElse(null);
        this.stopsPm =
                read.rests().pins().map(pins -> pins.stops().picometres()).orElse(null);
        this.parts = asked.parts().map(Parts::toString).orElse(null);
        this.setting = read.rests().setting().orElse(null);
        this.warmth = read.rests().warmth().orElse(null);
        this.basePm = read.rests().base().map(Length::picometres).orElse(null);
        this.rawPm = read.value().picometres();
        this.correctionPm = read.correction().picometres();
        this.thermalPm = read.rests().thermal().picometres();
        this.resolutionPm = read.resolution().picometres();
        this.leastCountPm = method.read().leastCount().picometres();
        this.spreadPm = read.spread().picometres();
        this.unit = read.unit();
        this.quick = asked.quick();
        this.takenAt = asked.takenAt();
        this.keptAt = now;
    }

    /**
     * What the figure or the scale parts come to.
     *
     * @param correction for an error of the gauge that is known and left
     * @param spread s of single readings by these hands with this method
     */
    record Read(Length value, Length resolution, LengthUnit unit, Length correction, Length spread, RestsOn rests) {
        static Read of(Length value, Length resolution, LengthUnit unit, RestsOn rests) {
            return new Read(value, resolution, unit, Length.ZERO, Length.ZERO, rests);
        }

        Read with(Length correction, Length spread) {
            return new Read(value, resolution, unit, correction, spread, rests);
        }

        Read at(Optional<PartWarmth> warmth, Length thermal) {
            return new Read(value, resolution, unit, correction, spread, rests.at(warmth, thermal));
        }
    }

    /**
     * What it was read against.
     *
     * @param base the rod, or the size a comparator was set to; empty for a figure that was typed
     * @param setting of a comparator; empty for any other, and for one that was set by nobody here
     * @param warmth of the part, where it was measured
     * @param pins between which a hole lies; empty for any other gauge
     * @param thermal what is added to bring it to 20 °C
     */
    record RestsOn(
            Optional<Length> base,
            Optional<ComparatorSetting> setting,
            Optional<PinBracket> pins,
            Optional<PartWarmth> warmth,
            Length thermal) {
        static RestsOn of(Optional<Length> base, Optional<ComparatorSetting> setting) {
            return new RestsOn(base, setting, Optional.empty(), Optional.empty(), Length.ZERO);
        }

        static RestsOn of(PinBracket pins) {
            return new RestsOn(Optional.empty(), Optional.empty(), Optional.of(pins), Optional.empty(), Length.ZERO);
        }

        RestsOn at(Optional<PartWarmth> warmth, Length thermal) {
            return new RestsOn(base, setting, pins, warmth, thermal);
        }
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** Its number in the job. */
    public long seq() {
        return seq;
    }

    public MeasuringRound round() {
        return round;
    }

    public Place place() {
        return place;
    }

    public Gauge gauge() {
        return gauge;
    }

    /** Whose scale was read, where the gauge was only carried to it. */
    public Optional<Gauge> reader() {
        return Optional.ofNullable(reader);
    }

    public GaugeAndReader method() {
        return new GaugeAndReader(gauge, reader());
    }

    /** As it was when this was read. */
    public GaugeState gaugeState() {
        return gaugeState;
    }

    /** What the gauge added on its own. */
    public Length base() {
        return basePm == null ? method().read().base() : Length.ofPicometres(basePm);
    }

    /** For looking which slip would have produced it. A comparator's own figure begins at the size it was set to. */
    public KeptReading asKept() {
        Scale scale = method().read().scale();
        return new KeptReading(scale, setting().map(ComparatorSetting::size).orElse(base()), raw(), typed(), unit);
    }

    /** As the scale said, before the gauge's known error was taken off. */
    public Length raw() {
        return Length.ofPicometres(rawPm);
    }

    /** What was added for a known error that was left. */
    public Length correction() {
        return Length.ofPicometres(correctionPm);
    }

    public long person() {
        return person;
    }

    public Origin origin() {
        return origin;
    }

    public Optional<String> typed() {
        return Optional.ofNullable(typed);
    }

    Optional<String> stopsTyped() {
        return Optional.ofNullable(stopsTyped);
    }

    /** Between which two pins a hole lies, as they are; empty for any other gauge. */
    public Optional<PinBracket> pins() {
        return Optional.ofNullable(goesPm)
                .map(goes -> new PinBracket(Length.ofPicometres(goes), Length.ofPicometres(stopsPm)));
    }

    public Optional<Parts> parts() {
        return Optional.ofNullable(parts).map(Parts::parse);
    }

    /** What was added to bring it to 20 °C; zero where part and gauge were not both measured. */
    public Length thermal() {
        return Length.ofPicometres(thermalPm);
    }

    /** The size, with the gauge's known error taken off, at 20 °C where the temperatures are known. */
    public Length value() {
        return raw().plus(correction()).plus(thermal());
    }

    /**
     * As it is counted once a person has said what it should have been; what was kept stays as it is. What warmth adds goes with the
     * size.
     *
     * @param shouldBe as the scale should have been read
     */
    Reading corrected(Length shouldBe) {
        var counted = new Reading();
        counted.id = id;
        counted.job = job;
        counted.seq = seq;
        counted.planRevision = planRevision;
        counted.partId = partId;
        counted.round = round;
        counted.place = place;
        counted.gauge = gauge;
        counted.reader = reader;
        counted.setting = setting;
        counted.warmth = warmth;
        counted.gaugeState = gaugeState;
        counted.person = person;
        counted.origin = origin;
        counted.basePm = basePm;
        counted.rawPm = shouldBe.picometres();
        counted.correctionPm = correctionPm;
        counted.thermalPm = setting == null && rawPm != 0
                ? Length.nearest(thermal().micrometres() * shouldBe.picometres() / rawPm)
                        .picometres()
                : thermalPm;
        counted.resolutionPm = resolutionPm;
        counted.leastCountPm = leastCountPm;
        counted.spreadPm = spreadPm;
        counted.unit = unit;
        counted.quick = quick;
        counted.takenAt = takenAt;
        counted.keptAt = keptAt;
        return counted;
    }

    /** What a comparator stood at; empty for any other gauge. */
    public Optional<ComparatorSetting> setting() {
        return Optional.ofNullable(setting);
    }

    public Optional<PartWarmth> warmth() {
        return Optional.ofNullable(warmth);
    }

    /** One unit of the last digit written down. */
    public Length resolution() {
        return Length.ofPicometres(resolutionPm);
    }

    /** The least count of the gauge it was read on. */
    public Length leastCount() {
        return Length.ofPicometres(leastCountPm);
    }

    /** s of single readings with that gauge, as it was then. */
    public Length spread() {
        return Length.ofPicometres(spreadPm);
    }

    /** Whether it is a quick check with another gauge: held against the other readings of the place, and none of them. */
    public boolean isQuick() {
        return quick;
    }

    /** The unit it was read in. */
    public LengthUnit unit() {
        return unit;
    }

    public Instant takenAt() {
        return takenAt;
    }

    /** By the server's clock, whatever the bench's said when it was taken. */
    public Instant keptAt() {
        return keptAt;
    }

    long partId() {
        return partId;
    }
}
