package jawread.server.jobfile;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jawread.server.tables.CanonicalJson;

/** Writes a job as canonical JSON (RFC 8785), one row after the other: a long one is never in memory whole. */
final class JobFileWriter {
    private final OutputStream to;

    private JobFileWriter(OutputStream to) {
        this.to = to;
    }

    /**
     * @param home the shop that it was measured in
     * @param signed what was signed of it, here and elsewhere, as it stands in the file
     */
    static void write(JobRows rows, String home, List<Map<String, Object>> signed, OutputStream to)
            throws SQLException {
        Map<String, SectionWriter> members = new TreeMap<>();
        var writer = new JobFileWriter(to);
        members.put("edition", () -> writer.text(Integer.toString(JobFile.EDITION)));
        members.put("format", () -> writer.text('"' + JobFile.FORMAT + '"'));
        members.put(JobFile.HOME, () -> writer.text(quoted(home)));
        members.put(JobFile.JOB, () -> writer.text(CanonicalJson.of(rows.job())));
        members.put(JobFile.SIGNED, () -> writer.list(each -> signed.forEach(each::take)));
        for (Section section : rows.sections()) {
            members.put(section.member(), () -> writer.list(each -> rows.each(section, each::take)));
        }
        writer.object(members);
    }

    /** A text as JSON has it. */
    private static String quoted(String text) {
        String object = CanonicalJson.of(Map.of("t", text));
        return object.substring("{\"t\":".length(), object.length() - 1);
    }

    @FunctionalInterface
    private interface SectionWriter {
        void write() throws SQLException;
    }

    @FunctionalInterface
    private interface Taker {
        void take(Map<String, Object> row);
    }

    @FunctionalInterface
    private interface Rows {
        void each(Taker with) throws SQLException;
    }

    private void object(Map<String, SectionWriter> members) throws SQLException {
        String before = "{";
        for (Map.Entry<String, SectionWriter> member : members.entrySet()) {
            text(before + '"' + member.getKey() + "\":");
            member.getValue().write();
            before = ",";
        }
        text("}");
    }

    private void list(Rows rows) throws SQLException {
        var isFirst = new boolean[] {true};
        text("[");
        rows.each(row -> {
            text((isFirst[0] ? "" : ",") + CanonicalJson.of(row));
            isFirst[0] = false;
        });
        text("]");
    }

    private void text(String text) {
        try {
            to.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
