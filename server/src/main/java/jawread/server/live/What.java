package jawread.server.live;

import java.util.Locale;

/** The kind of thing that happened to a job. */
public enum What {
    READING,
    MARK,
    ROUND,
    PLAN,
    LOOK,
    /** A gauge, a master or a check; of no job, or of the one it was made for. */
    DRAWER;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
