package jawread.server.storage;

/** How long the last change of this thread waited for the disk. */
public final class SyncTime {
    private static final ThreadLocal<Long> NANOS = ThreadLocal.withInitial(() -> 0L);

    private SyncTime() {}

    static void took(long nanos) {
        NANOS.set(nanos);
    }

    /** In ns, of the change that this thread made last. */
    public static long ofLastChange() {
        return NANOS.get();
    }
}
