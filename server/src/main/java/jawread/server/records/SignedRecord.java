package jawread.server.records;

import java.time.Instant;
import java.util.UUID;

/**
 * A job as it stood when it was signed.
 *
 * @param revision from 1; each names the one before
 * @param content canonical JSON (RFC 8785)
 * @param sha256 of the content
 * @param seq the last line of the job's journal that is in it
 */
record SignedRecord(UUID id, long job, int revision, String content, String sha256, long seq, Instant madeAt) {}
