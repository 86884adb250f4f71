package jawread.server.access;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What somebody may do in this shop. The list is closed; several may stand together. */
public enum May {
    LEARNS,
    MEASURES,
    TEACHES,
    SIGNS,
    KEEPS_THE_DRAWER;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Optional<May> of(String code) {
        return Arrays.stream(values()).filter(may -> may.code().equals(code)).findFirst();
    }
}
