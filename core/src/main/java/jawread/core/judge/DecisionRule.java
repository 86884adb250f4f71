package jawread.core.judge;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The schools of in or out near a limit (ISO 14253-1). */
public enum DecisionRule {
    /** Each limit is guarded by what is not known of the size. */
    GUARDED,
    /** The limit as it stands, with the risk shown. */
    PLAIN;

    public static Optional<DecisionRule> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
