package jawread.server.drawer;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Thimble;
import jawread.server.journal.Trailed;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/** One gauge of the drawer. */
@Entity
public class Gauge implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String shopNumber;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String kind;

    private String scaleId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LengthUnit unit;

    @Column(nullable = false)
    private long basePm;

    @Column(nullable = false)
    private long rangeLowPm;

    @Column(nullable = false)
    private long rangeHighPm;

    @Column(nullable = false)
    private String rodsPm;

    private Long stepPm;
    private Long spreadPm;
    private Long errorPm;
    private Long reachPm;

    @Column(nullable = false)
    private int allowedSteps;

    @Column(nullable = false)
    private boolean switchable;

    private LocalDate calibratedOn;
    private Long calibrationErrorPm;

    @Column(name = "calibration_u_pm")
    private Long calibrationExpandedPm;

    private LocalDate dueOn;

    // With all gauges at once, not one by one.
    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "gauge_reader", joinColumns = @JoinColumn(name = "gauge_id"))
    @Column(name = "reader_id", nullable = false)
    private Set<Long> readers = new LinkedHashSet<>();

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private GaugeState state;

    @Version
    private long version;

    protected Gauge() {}

    Gauge(GaugeHead head) {
        this.state = GaugeState.IN_USE;
        write(head);
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("gauge", id.toString())
                .called(shopNumber + " " + name)
                .in(unit);
    }

    void write(GaugeHead head) {
        this.shopNumber = head.shopNumber();
        this.name = head.name();
        this.kind = head.kind().code();
        this.scaleId = head.scale().map(Scale::id).orElse(null);
        this.unit = head.unit();
        this.basePm = head.base().picometres();
        this.rangeLowPm = head.range().low().picometres();
        this.rangeHighPm = head.range().high().picometres();
        this.rodsPm =
                head.rods().stream().map(rod -> Long.toString(rod.picometres())).collect(Collectors.joining(";"));
        this.stepPm = head.step().map(Length::picometres).orElse(null);
        this.spreadPm = head.spread().map(Length::picometres).orElse(null);
        this.errorPm = head.error().map(Length::picometres).orElse(null);
        this.reachPm = head.reach().map(Length::picometres).orElse(null);
        this.allowedSteps = head.allowedSteps();
        this.switchable = head.switchable();
        this.readers = new LinkedHashSet<>(head.readers());
    }

    void calibrated(Calibration calibration) {
        this.calibratedOn = calibration.on();
        this.calibrationErrorPm = calibration.error().picometres();
        this.calibrationExpandedPm = calibration.expanded().picometres();
        this.dueOn = calibration.due().orElse(null);
    }

    void become(GaugeState state) {
        this.state = state;
    }

    public long id() {
        return id;
    }

    /** Goes back with a change. */
    public long version() {
        return version;
    }

    /** The number on it, as the shop's people call it: M6. */
    public String shopNumber() {
        return shopNumber;
    }

    public String name() {
        return name;
    }

    public GaugeKind kind() {
        return GaugeKind.of(kind).orElseThrow(() -> new IllegalStateException("No kind \"" + kind + "\""));
    }

    public LengthUnit unit() {
        return unit;
    }

    /** Whether it has a scale of its own that is read. */
    public boolean hasScale() {
        return scaleId != null;
    }

    /**
     * A slide's scale ends with the gauge's range; a head has its own travel, whatever rods it bears. Throws
     * {@link IllegalStateException} for a gauge that has none.
     */
    public Scale scale() {
        Scale scale = Optional.ofNullable(scaleId)
                .flatMap(Scales::of)
                .orElseThrow(() -> new IllegalStateException("No scale \"" + scaleId + "\" on " + shopNumber));
        return scale instanceof LinedScale slide && !(slide instanceof Thimble)
                ? slide.reaching((int) (range().high().minus(base()).picometres()
                        / slide.coarse().picometres()))
                : scale;
    }

    /** The least count of its scale, the step of a set of pins; zero for what has neither. */
    public Length leastCount() {
        return hasScale() ? scale().leastCount() : step().orElse(Length.ZERO);
    }

    public Length base() {
        return Length.ofPicometres(basePm);
    }

    /** All it can stand on: its own base, and each rod that goes into it. */
    public List<Length> bases() {
        return Stream.concat(
                        Stream.of(base()),
                        Arrays.stream(rodsPm.split(";"))
                                .filter(rod -> !rod.isEmpty())
                                .map(rod -> Length.ofPicometres(Long.parseLong(rod))))
                .distinct()
                .sorted()
                .toList();
    }

    public Range range() {
        return new Range(Length.ofPicometres(rangeLowPm), Length.ofPicometres(rangeHighPm));
    }

    /** From one pin of a set to the next. */
    public Optional<Length> step() {
        return Optional.ofNullable(stepPm).map(Length::ofPicometres);
    }

    /** s from its data sheet; empty while its kind's starting value stands. */
    public Optional<Length> spread() {
        return Optional.ofNullable(spreadPm).map(Length::ofPicometres);
    }

    /** The largest error its data sheet allows; empty while its kind's starting value stands. */
    public Optional<Length> error() {
        return Optional.ofNullable(errorPm).map(Length::ofPicometres);
    }

    /** How deep into a hole; empty while its kind's starting value stands. */
    public Optional<Length> reach() {
        return Optional.ofNullable(reachPm).map(Length::ofPicometres);
    }

    public int allowedSteps() {
        return allowedSteps;
    }

    /** What its zero may be out without anything being done. */
    public Length allowedError() {
        return leastCount().times((long) allowedSteps);
    }

    public boolean switchable() {
        return switchable;
    }

    public Optional<Calibration> calibration() {
        return Optional.ofNullable(calibratedOn)
                .map(on -> new Calibration(
                        on,
                        Length.ofPicometres(calibrationErrorPm),
                        Length.ofPicometres(calibrationExpandedPm),
                        Optional.ofNullable(dueOn)));
    }

    /** By which it may be measured, of a transfer gauge; none named: by any that can. */
    public Set<Long> readers() {
        return Set.copyOf(readers);
    }

    /** As it stands on a day: a calibration that has run out makes it due. */
    public GaugeState stateOn(LocalDate day) {
        boolean due = state == GaugeState.IN_USE && dueOn != null && dueOn.isBefore(day);
        return due ? GaugeState.DUE : state;
    }

    /** Whether its readings are taken: neither quarantined nor retired. */
    public boolean mayMeasure() {
        return state.mayMeasure();
    }
}
