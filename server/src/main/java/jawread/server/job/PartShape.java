package jawread.server.job;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What the simple section of a part is drawn as. */
public enum PartShape {
    /** Turned, with steps along its axis. */
    SHAFT,
    /** A long bore in a wall, measured down its depth. */
    BARREL,
    /** A short tube: a bore and an outside. */
    BUSH,
    /** Flat, with holes, slots and edges. */
    PLATE;

    public static Optional<PartShape> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** True for a tube: a place in it is reached from the nearer end. */
    public boolean isOpenAtBothEnds() {
        return this == BARREL || this == BUSH;
    }
}
