package jawread.server.journal;

import java.util.Locale;

/** The kind of thing that happened to a job. */
public enum What {
    READING,
    MARK,
    ROUND,
    PLAN,
    LOOK,
    /** A gauge, a master or a check; of no job, or of the one it was made for. */
    DRAWER,
    /** Somebody practised: nothing that is measured rests on it. */
    PRACTICE,
    /** A job was signed or opened again, or a report left the shop: what was read stays as it was. */
    RECORD,
    /** A gauge sent a figure, or one was set aside: nothing that is measured rests on it before it is a reading. */
    SIGNAL,
    /** The settings, the people, and whatever else is the shop's. */
    SHOP,
    /** What was there when the journal became a chain. */
    BEFORE;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
