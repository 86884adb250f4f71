package jawread.server.records;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.tables.CanonicalJson;

/**
 * A signature under a record.
 *
 * @param number 1, or 2 where the job says that two sign
 * @param name what the person was called then
 * @param follows the digest of the signature before it in this shop; 64 zeros of the first
 * @param sha256 of all the others and the record's digest, as canonical JSON
 */
record SignOff(
        UUID id, UUID record, int number, long person, String name, Instant signedAt, String follows, String sha256) {
    static final String FIRST = "0".repeat(64);

    static SignOff of(UUID id, SignedRecord record, int number, Person person, Instant at, String follows) {
        Instant signed = at.truncatedTo(ChronoUnit.MICROS);
        return new SignOff(
                id,
                record.id(),
                number,
                person.id(),
                person.name(),
                signed,
                follows,
                digest(record.sha256(), number, person.id(), person.name(), signed, follows));
    }

    /** Whether it is what was signed. @param recordDigest of the record that it stands under */
    boolean holds(String recordDigest) {
        return sha256.equals(digest(recordDigest, number, person, name, signedAt, follows));
    }

    private static String digest(
            String record, int number, long person, String name, Instant signedAt, String follows) {
        return CanonicalJson.digest(CanonicalJson.of(Map.of(
                "record", record,
                "number", number,
                "person", Long.toString(person),
                "name", name,
                "at", signedAt.toString(),
                "follows", follows)));
    }
}
