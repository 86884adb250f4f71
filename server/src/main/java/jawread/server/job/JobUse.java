package jawread.server.job;

/** What a job is for: said when it is opened, and never changed. */
public enum JobUse {
    /** The shop's own work. */
    OWN,
    /** Made up, to show what there is. */
    DEMONSTRATION,
    /** To learn: what is measured in it counts nowhere else, and it cannot be signed. */
    PRACTICE;

    /** What work is for in a shop. @param isDemonstration whether it is the made-up shop */
    public static JobUse ofWork(boolean isDemonstration) {
        return isDemonstration ? DEMONSTRATION : OWN;
    }
}
