package jawread.server.versions;

/**
 * What has a version.
 *
 * @param job whose it is; 0 for what is no job's
 * @param what as it is stored
 * @param which of several; 0 where there is only one
 */
public record Subject(long job, String what, long which) {
    /** What it has decided, and its people. */
    public static final Subject SHOP = new Subject(0, "shop", 0);

    /** What the shop has decided. */
    public static final Subject SETTINGS = new Subject(0, "settings", 0);

    /** All gauges and masters, and whatever was kept of them. */
    public static final Subject DRAWER = new Subject(0, "drawer", 0);

    /** Its head, its plans with their features and places, its parts. */
    public static Subject plan(long job) {
        return new Subject(job, "plan", 0);
    }

    /** What was read in it. */
    public static Subject readings(long job) {
        return new Subject(job, "readings", 0);
    }

    boolean isReadings() {
        return equals(readings(job));
    }

    /** All else that happened to it: rounds, marks, looks, temperatures. */
    public static Subject said(long job) {
        return new Subject(job, "said", 0);
    }

    /** What was found of the gauges that its readings rest on, since they were read. */
    public static Subject found(long job) {
        return new Subject(job, "found", 0);
    }

    /** One gauge, with its checks, settings, calibrations and trials. */
    public static Subject gauge(long gauge) {
        return new Subject(0, "gauge", gauge);
    }
}
