package jawread.core.gauge;

import java.util.Locale;

/** How a gauge stands before it is put to anything, the best first: what may be wrong with its figures, besides what it does not know. */
public enum Condition {
    IN_ORDER,
    /** Nobody has looked at its zero yet. */
    NEVER_CHECKED,
    /** A comparator that was never set on a master. */
    NEVER_SET,
    /** Its calibration date has passed. */
    DUE,
    /** The last look at its zero left more than may be left. */
    FOUND_OFF;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether more is needed than a minute at the bench before it can be trusted. */
    public boolean isUntrusted() {
        return compareTo(DUE) >= 0;
    }
}
