package jawread.server.chain;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jawread.server.tables.CanonicalJson;

/**
 * A line of the journal, and the text that is digested and kept with it.
 *
 * @param id its place among all lines, from 1
 * @param job whose it is, and {@code seq} its place among that job's lines
 * @param what kind of thing happened
 * @param by the number of who did it; empty where nobody is signed on
 */
public record Line(long id, long job, long seq, String what, Instant at, Optional<Long> by) {
    /** Of the text: a later form only adds to it, and lines of this one are looked at as this one's. */
    public static final int FORM = 1;

    /** The digest before the first line. */
    public static final String NONE = "";

    /** @param told the text, in canonical JSON; {@code sha256} of it */
    public record Linked(String told, String sha256) {}

    /**
     * Makes the text.
     *
     * @param before digest of the line before
     * @param parts what it tells of, by name: {@code rows}, {@code digests}, {@code since}
     */
    public Linked link(String before, Map<String, ?> parts) {
        var text = new TreeMap<String, Object>(parts);
        text.put("form", FORM);
        text.put("before", before);
        text.put("id", Long.toString(id));
        text.put("job", Long.toString(job));
        text.put("seq", Long.toString(seq));
        text.put("what", what);
        text.put("at", at.toString());
        by.ifPresent(person -> text.put("by", person.toString()));
        String told = CanonicalJson.of(text);
        return new Linked(told, CanonicalJson.digest(told));
    }

    /** Digests of many rows of one table, for a line that tells of too many to repeat them. */
    static Map<String, Object> digests(String table, List<String> columns, Map<String, String> rows) {
        return Map.of("table", table, "columns", columns, "rows", rows);
    }
}
