package jawread.server.exchange;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What a backup says of itself.
 *
 * @param format {@link #FORMAT}
 * @param form of the file: a later one only adds to it
 * @param schema of the shop, by the number of its last migration
 * @param made when
 * @param tables by name
 * @param binaries pictures and the like, each an entry of its own
 */
record Manifest(String format, int form, int schema, Instant made, List<Rows> tables, List<Binary> binaries) {
    static final String FORMAT = "jaw-read-shop";
    static final int FORM = 1;
    /** Its entry in the file. */
    static final String ENTRY = "manifest.json";

    /**
     * The rows of a table.
     *
     * @param bytes of its entry, unpacked
     * @param sha256 of the same
     * @param next the number that its next row gets; absent where rows are not numbered by the database
     */
    record Rows(String name, long rows, long bytes, String sha256, Optional<Long> next) {
        String entry() {
            return "tables/" + name + ".jsonl";
        }
    }

    /** @param sha256 of what it holds, and its name */
    record Binary(String sha256, long bytes) {
        String entry() {
            return "binaries/" + sha256;
        }
    }

    long rows() {
        return tables.stream().mapToLong(Rows::rows).sum();
    }

    long rows(String table) {
        return tables.stream()
                .filter(each -> each.name().equals(table))
                .mapToLong(Rows::rows)
                .sum();
    }

    /** Of all entries, unpacked. */
    long bytes() {
        return tables.stream().mapToLong(Rows::bytes).sum()
                + binaries.stream().mapToLong(Binary::bytes).sum();
    }
}
