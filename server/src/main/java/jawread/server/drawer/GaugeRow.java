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
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.journal.Trailed;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/** A gauge as kept. */
@Entity
@Table(name = "gauge")
class GaugeRow implements Trailed {
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

    /** As a drawer of before schema 16 had them: rods without a name. */
    @Column(nullable = false)
    private String rodsPm;

    @Column(nullable = false)
    private String adds;

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

    protected GaugeRow() {}

    GaugeRow(GaugeHead head) {
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
        this.rodsPm = "";
        this.adds = PiecesStored.write(head.adds());
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

    long id() {
        return id;
    }

    Gauge gauge() {
        return new Gauge(
                id,
                version,
                new GaugeHead(
                        shopNumber,
                        name,
                        GaugeKind.of(kind).orElseThrow(() -> new IllegalStateException("No kind \"" + kind + "\"")),
                        Optional.ofNullable(scaleId)
                                .map(of -> Scales.of(of)
                                        .orElseThrow(() ->
                                                new IllegalStateException("No scale \"" + of + "\" on " + shopNumber))),
                        unit,
                        Length.ofPicometres(basePm),
                        PiecesStored.read(adds, rodsPm),
                        new Range(Length.ofPicometres(rangeLowPm), Length.ofPicometres(rangeHighPm)),
                        length(stepPm),
                        length(spreadPm),
                        length(errorPm),
                        length(reachPm),
                        allowedSteps,
                        switchable,
                        List.copyOf(readers)),
                Optional.ofNullable(calibratedOn)
                        .map(on -> new Calibration(
                                on,
                                Length.ofPicometres(calibrationErrorPm),
                                Length.ofPicometres(calibrationExpandedPm),
                                Optional.ofNullable(dueOn))),
                state);
    }

    private static Optional<Length> length(Long picometres) {
        return Optional.ofNullable(picometres).map(Length::ofPicometres);
    }
}
