package jawread.server.storage;

/** A shop that this program does not open. The message is a sentence for whoever starts it; nothing of the shop was changed. */
public final class NotOpened extends RuntimeException {
    private final String wayOut;

    /** @param wayOut what would be right, in a sentence */
    NotOpened(String message, String wayOut, Throwable cause) {
        super(message, cause);
        this.wayOut = wayOut;
    }

    NotOpened(String message, String wayOut) {
        this(message, wayOut, null);
    }

    String wayOut() {
        return wayOut;
    }
}
