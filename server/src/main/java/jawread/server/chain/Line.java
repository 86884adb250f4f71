package jawread.server.chain;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
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

    /** The job of what is no job's: the settings, people. */
    public static final long SHOP = -1;

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

    /** Puts it at the journal's end. @param linked what it was made into */
    public void write(Connection shop, Linked linked) throws SQLException {
        try (PreparedStatement insert = shop.prepareStatement(
                "INSERT INTO journal (id, job_id, seq, what, at, form, told, sha256) VALUES (?, ?, ?, ?, ?, ?, ?, ?)")) {
            insert.setLong(1, id);
            insert.setLong(2, job);
            insert.setLong(3, seq);
            insert.setString(4, what);
            insert.setObject(5, at.atOffset(ZoneOffset.UTC));
            insert.setInt(6, FORM);
            insert.setString(7, linked.told());
            insert.setString(8, linked.sha256());
            insert.executeUpdate();
        }
    }

    /** Notes in the journal's head which line is its last. */
    public static void end(Connection shop, long id, String sha256) throws SQLException {
        try (PreparedStatement update = shop.prepareStatement("UPDATE journal_head SET last_id = ?, last_sha256 = ?")) {
            update.setLong(1, id);
            update.setString(2, sha256);
            update.executeUpdate();
        }
    }

    /** Digests of many rows of one table, for a line that tells of too many to repeat them. */
    static Map<String, Object> digests(String table, List<String> columns, Map<String, String> rows) {
        return Map.of("table", table, "columns", columns, "rows", rows);
    }
}
