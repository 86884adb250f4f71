package jawread.server.job;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How the rounds of a plan are called. */
public enum RoundNames {
    /** As found, after cut 1, after cut 2: at the machine. */
    CUTS,
    /** As found, as left: a repair. */
    AS_LEFT;

    public static Optional<RoundNames> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
