package jawread.server.measure;

/** What is said of a cut after it was kept. The names are stored. */
public enum CutMark {
    /** It was never taken: what was read after it belongs to the round before. */
    NOT_TAKEN,
    /** It was never taken, and what was read after it counts nowhere. */
    ASIDE,
    /** It was taken after all. */
    TAKEN
}
