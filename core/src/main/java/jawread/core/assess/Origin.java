package jawread.core.assess;

import java.util.Locale;

/** How a reading came in. */
public enum Origin {
    TYPED,
    SCALE,
    /** Made up, for the demonstration shop; refused in a shop's own job. */
    DEMONSTRATION;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
