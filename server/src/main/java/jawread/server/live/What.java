package jawread.server.live;

import java.util.Locale;

/** The kind of thing that happened to a job. */
public enum What {
    READING,
    MARK,
    ROUND,
    PLAN,
    LOOK;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
