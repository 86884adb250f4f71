package jawread.server.journal;

/**
 * A journal line on its way to the screens.
 *
 * @param id its place among all lines of the shop
 * @param seq its place among the lines of the job
 */
public record Event(long id, long job, long seq, What what) {
    /** What a screen is told. */
    public record Told(long job, long seq, String what) {
        /** More came than is worth telling one by one: whatever is shown is asked for again. */
        public static final Told EVERYTHING = new Told(0, 0, "everything");
    }

    public Told told() {
        return new Told(job, seq, what.code());
    }
}
