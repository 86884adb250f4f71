package jawread.server.storage;

/** Something was committed, and it is not known whether it is on the disk: whoever sent it is to send it again. */
public final class NotOnDisk extends RuntimeException {
    public NotOnDisk(Throwable cause) {
        super("What was committed could not be brought onto the disk", cause);
    }
}
