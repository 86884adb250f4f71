package jawread.server.settings;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What can hurt somebody, or a reading, at the work; shown where it matters, ticked once by each person in a job. */
public enum Caution {
    MACHINE_STOPPED,
    SHARP,
    EYES,
    HEAVY,
    HOT,
    SOLVENTS,
    BUTTON_CELLS,
    DUST;

    public static Optional<Caution> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
