package jawread.server.identity;

/** What a person said of two parts of different plans. The names are stored. */
public enum Sameness {
    /** They are one. */
    SAME,
    /** They are two, whatever is stamped on them. */
    OTHER,
    /** What was said before is taken back: nobody knows. */
    OPEN
}
