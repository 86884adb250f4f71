package jawread.server.drawer;

import java.util.Locale;

/** Whether a gauge may be measured with. */
public enum GaugeState {
    IN_USE,
    /** Its calibration date has passed: its readings are marked. Follows from that date, and is never kept. */
    DUE,
    /** Dropped, bent, or failed a check: its readings are refused until the laboratory has seen it. */
    QUARANTINED,
    RETIRED;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public boolean mayMeasure() {
        return this == IN_USE || this == DUE;
    }
}
