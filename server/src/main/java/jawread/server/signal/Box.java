package jawread.server.signal;

/** Somebody at the port: a connection, for as long as it is open. One thread reads it, and another answers. */
final class Box {
    private final String from;
    private volatile boolean maySpeak;

    /** @param isHere whether it is of this machine: then it may speak at once */
    Box(String from, boolean isHere) {
        this.from = from;
        this.maySpeak = isHere;
    }

    String from() {
        return from;
    }

    boolean maySpeak() {
        return maySpeak;
    }

    void letIn() {
        maySpeak = true;
    }
}
