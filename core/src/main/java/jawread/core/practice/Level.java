package jawread.core.practice;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How much of a scale an item asks for; each holds what those before it do. */
public enum Level {
    /** The fine part stands at zero. */
    COARSE,
    /** The fine part counts, its vernier stands at zero. */
    FINE,
    /** All of it, wherever it stands. */
    VERNIER,
    /** It stands where an eye slips. */
    TRAPS,
    /** With a frame, a rod or nibs to be added. */
    BASE,
    /** Inch and metric by turns. */
    MIXED;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Level> of(String code) {
        return Arrays.stream(values())
                .filter(level -> level.code().equals(code))
                .findFirst();
    }

    boolean aims() {
        return compareTo(TRAPS) >= 0;
    }

    boolean hasBase() {
        return compareTo(BASE) >= 0;
    }
}
