package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import jawread.core.length.Length;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Thimble;

/** One gauge of the drawer. */
@Entity
public class Gauge {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String shopNumber;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String scaleId;

    @Column(nullable = false)
    private long basePm;

    @Column(nullable = false)
    private long rangeLowPm;

    @Column(nullable = false)
    private long rangeHighPm;

    @Column(nullable = false)
    private long spreadPm;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private GaugeState state;

    @Version
    private long version;

    protected Gauge() {}

    /**
     * @param base what it adds on its own: the lower end of its frame
     * @param spread s of its single readings, in practised hands
     */
    public Gauge(
            String shopNumber,
            String name,
            Scale scale,
            Length base,
            Length rangeLow,
            Length rangeHigh,
            Length spread,
            GaugeState state) {
        this.shopNumber = shopNumber;
        this.name = name;
        this.scaleId = scale.id();
        this.basePm = base.picometres();
        this.rangeLowPm = rangeLow.picometres();
        this.rangeHighPm = rangeHigh.picometres();
        this.spreadPm = spread.picometres();
        this.state = state;
    }

    public long id() {
        return id;
    }

    /** The number on it, as the shop's people call it: M6. */
    public String shopNumber() {
        return shopNumber;
    }

    public String name() {
        return name;
    }

    /** A slide's scale ends with the gauge's range; a head has its own travel, whatever rods it bears. */
    public Scale scale() {
        Scale scale = Scales.of(scaleId).orElseThrow(() -> new IllegalStateException("No scale \"" + scaleId + "\""));
        return scale instanceof LinedScale slide && !(slide instanceof Thimble)
                ? slide.reaching((int)
                        (rangeHigh().minus(base()).picometres() / slide.coarse().picometres()))
                : scale;
    }

    public Length base() {
        return Length.ofPicometres(basePm);
    }

    public Length rangeLow() {
        return Length.ofPicometres(rangeLowPm);
    }

    public Length rangeHigh() {
        return Length.ofPicometres(rangeHighPm);
    }

    /** Whether a size lies in its range, both ends included. */
    public boolean covers(Length size) {
        return size.compareTo(rangeLow()) >= 0 && size.compareTo(rangeHigh()) <= 0;
    }

    public Length spread() {
        return Length.ofPicometres(spreadPm);
    }

    public GaugeState state() {
        return state;
    }
}
