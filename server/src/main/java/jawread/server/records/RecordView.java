package jawread.server.records;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * How a job stands on record.
 *
 * @param edition goes back with a signature: what whoever signs has looked at
 * @param state open, half-signed, signed or reopened
 * @param sentence the same in words, and what to do now
 * @param halfDone what is still missing of it; absent where nothing is
 * @param here what whoever stands at this screen may do now
 * @param records the newest first
 * @param elsewhere how it came in from another shop, and what was signed of it there, each a sentence
 */
public record RecordView(
        long job,
        String name,
        boolean demonstration,
        String edition,
        String state,
        String sentence,
        @Nullable String halfDone,
        SignHereView here,
        List<SignedRevisionView> records,
        List<String> elsewhere) {
    /**
     * @param may sign, countersign, no-passphrase, not, or done: nothing is wanted of them
     * @param name of whoever stands here; absent where nobody does
     * @param sentence the same in words; empty where nothing is wanted of them
     */
    public record SignHereView(String may, @Nullable String name, String sentence) {}

    /**
     * A signed copy.
     *
     * @param follows the digest of the one before; absent for the first
     * @param since what became of it since it was signed, each a sentence
     * @param cameAfter how many readings came after it, and count
     * @param reopened who opened the job again, when and why; absent where nobody did
     */
    public record SignedRevisionView(
            UUID id,
            int revision,
            Instant frozen,
            String sha256,
            List<SignatureView> signatures,
            List<String> since,
            int cameAfter,
            @Nullable String reopened) {}

    /** @param sha256 that the next signature of the shop bears */
    public record SignatureView(int number, String name, Instant at, String sha256) {}

    /**
     * Whether a record still is what was signed.
     *
     * @param misfits what is not, each a sentence; none where all is
     */
    public record RecordCheckView(
            boolean fits, String sentence, List<String> misfits, UUID record, long job, String name, int revision) {}
}
