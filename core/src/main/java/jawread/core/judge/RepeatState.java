package jawread.core.judge;

import java.util.Locale;

/** Where the repeats of a place stand. */
public enum RepeatState {
    /** Settled: the readings agree. */
    DONE,
    /** Another reading is asked for. */
    MORE,
    /** A value, but the readings lie farther apart than honest ones do. */
    SCATTERED,
    /** No value: the school's agreement never came. */
    UNSETTLED;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
