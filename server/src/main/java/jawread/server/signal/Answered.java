package jawread.server.signal;

import jawread.core.length.Refusal;

/**
 * What becomes of a line.
 *
 * @param isOk whether it was taken
 * @param said the rest of the answer
 */
record Answered(boolean isOk, String said) {
    /** Kept, and offered to the one screen that listens. */
    static final Answered AT_PLACE = new Answered(true, "place");

    /** Kept, until somebody says where it belongs. */
    static final Answered IN_TRAY = new Answered(true, "tray");

    /** It said who it is, and may speak. */
    static final Answered MAY_SPEAK = new Answered(true, "token");

    /** The gauge is one of the shop's. @param name what it is called there */
    static Answered known(String name) {
        return new Answered(true, name);
    }

    /** Not taken. @param sentence why, and what would be right */
    static Answered no(Refusal refusal, String sentence) {
        return new Answered(false, refusal.code() + " " + sentence);
    }
}
