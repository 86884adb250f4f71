package jawread.server.records;

import java.time.Instant;
import java.util.UUID;

/**
 * A job as it stood when it was signed. What it says may be long, and is asked for where it is wanted.
 *
 * @param revision from 1; each names the one before
 * @param sha256 of its content, canonical JSON (RFC 8785)
 * @param seq the last line of the job's journal that is in it
 */
record SignedRecord(UUID id, long job, int revision, String sha256, long seq, Instant madeAt) {}
