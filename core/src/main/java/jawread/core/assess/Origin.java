package jawread.core.assess;

import java.util.Locale;

/** How a reading came in. */
public enum Origin {
    TYPED,
    SCALE,
    /** It came with a table that somebody has brought in. */
    IMPORTED,
    /** A gauge sent it. */
    GAUGE,
    /** A box that has no metal behind it sent it; refused in a shop's own job. */
    SIMULATED,
    /** Made up, for the demonstration shop; refused in a shop's own job. */
    DEMONSTRATION;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
