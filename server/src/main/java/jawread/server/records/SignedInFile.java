package jawread.server.records;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.server.access.People;
import jawread.server.journal.Journal;
import jawread.server.tables.CanonicalJson;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was signed of a job, as a file of it takes it along. What comes in with one is kept as it came: it was signed elsewhere, and is
 * none of this shop's signatures.
 */
@Component
public class SignedInFile {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<List<Map<String, Object>>> ROWS = new TypeReference<>() {};
    private static final TypeReference<Map<String, Object>> ROW = new TypeReference<>() {};
    private static final String TABLE = "foreign_record";
    private static final int LONGEST_SIGN_OFFS = 4000;
    private static final int LONGEST_REOPENED = 1000;

    private final Records records;
    private final People people;
    private final JdbcTemplate database;
    private final Journal journal;

    SignedInFile(Records records, People people, JdbcTemplate database, Journal journal) {
        this.records = records;
        this.people = people;
        this.database = database;
        this.journal = journal;
    }

    /** That a signed record in a file is not what it says: nothing of the file is kept. */
    public static final class NotSigned extends RuntimeException {
        private final int at;

        NotSigned(int at) {
            super("record " + at, null, false, false);
            this.at = at;
        }

        /** Counted from 1. */
        public int at() {
            return at;
        }
    }

    /** Signed elsewhere. @param signers by name */
    record Elsewhere(String home, int revision, Instant madeAt, String sha256, List<String> signers) {}

    /** Each a member of the file's list, by shop and revision. @param home this shop's name */
    @Transactional(readOnly = true)
    public List<Map<String, Object>> of(long job, String home) {
        return Stream.concat(elsewhere(job), records.of(job).stream().map(record -> here(record, home)))
                .toList();
    }

    private Map<String, Object> here(SignedRecord record, String home) {
        var said = said(
                record.id(),
                home,
                record.revision(),
                record.content(),
                record.sha256(),
                record.seq(),
                record.madeAt(),
                records.under(record).stream().map(SignedInFile::said).toList());
        records.reopened(record)
                .ifPresent(row -> said.put(
                        "reopened",
                        Map.of(
                                "by", people.nameOf(row.person()),
                                "at", row.madeAt().toString(),
                                "reason", row.reason())));
        return said;
    }

    private static Map<String, Object> said(
            UUID id,
            String home,
            int revision,
            String content,
            String sha256,
            long seq,
            Instant madeAt,
            List<Map<String, Object>> signOffs) {
        var said = new LinkedHashMap<String, Object>();
        said.put("id", id.toString());
        said.put("home", home);
        said.put("revision", revision);
        said.put("content", content);
        said.put("sha256", sha256);
        said.put("seq", Long.toString(seq));
        said.put("madeAt", madeAt.toString());
        said.put("signOffs", signOffs);
        return said;
    }

    private static Map<String, Object> said(SignOff of) {
        return Map.of(
                "id", of.id().toString(),
                "number", of.number(),
                "person", Long.toString(of.person()),
                "name", of.name(),
                "signedAt", of.signedAt().toString(),
                "follows", of.follows(),
                "sha256", of.sha256());
    }

    private Stream<Map<String, Object>> elsewhere(long job) {
        return database
                .query(
                        "SELECT id, home, revision, content, sha256, seq, made_at, sign_offs, reopened FROM foreign_record"
                                + " WHERE job_id = ? ORDER BY home, revision, id",
                        (row, at) -> {
                            Map<String, Object> said = said(
                                    row.getObject("id", UUID.class),
                                    row.getString("home"),
                                    row.getInt("revision"),
                                    row.getString("content"),
                                    row.getString("sha256"),
                                    row.getLong("seq"),
                                    row.getObject("made_at", OffsetDateTime.class)
                                            .toInstant(),
                                    JSON.readValue(row.getString("sign_offs"), ROWS));
                            if (row.getString("reopened") != null) {
                                said.put("reopened", JSON.readValue(row.getString("reopened"), ROW));
                            }
                            return said;
                        },
                        job)
                .stream();
    }

    /** That the job came in as a file. @param by whoever brought it @param rows how many were new here */
    record Arrived(String home, Instant at, long by, int rows) {}

    /** How it came, the first time first; empty of a job that was opened here. */
    List<Arrived> arrivals(long job) {
        return database.query(
                "SELECT home, made_at, person_id, rows_kept FROM job_arrival WHERE job_id = ? ORDER BY made_at",
                (row, at) -> new Arrived(
                        row.getString(1),
                        row.getObject(2, OffsetDateTime.class).toInstant(),
                        row.getLong(3),
                        row.getInt(4)),
                job);
    }

    /** For the page of its records. */
    List<Elsewhere> listed(long job) {
        return elsewhere(job)
                .map(said -> new Elsewhere(
                        (String) said.get("home"),
                        (int) said.get("revision"),
                        Instant.parse((String) said.get("madeAt")),
                        (String) said.get("sha256"),
                        ((List<?>) said.get("signOffs"))
                                .stream()
                                        .map(each -> String.valueOf(((Map<?, ?>) each).get("name")))
                                        .toList()))
                .toList();
    }

    /**
     * Keeps what is not here yet, in the caller's transaction. Throws {@link NotSigned} where a digest does not hold, where a signature is
     * not of its record, and where another record is here under the same id.
     *
     * @return how many were kept
     */
    @Transactional
    public int keep(long job, List<JsonNode> signed) {
        int kept = 0;
        for (int i = 0; i < signed.size(); i++) {
            try {
                kept += keep(job, signed.get(i)) ? 1 : 0;
            } catch (RuntimeException none) {
                throw new NotSigned(i + 1);
            }
        }
        return kept;
    }

    private boolean keep(long job, JsonNode said) {
        UUID id = UUID.fromString(said.path("id").stringValue());
        String content = said.path("content").stringValue();
        String sha256 = said.path("sha256").stringValue();
        List<SignOff> signOffs = IntStream.range(0, said.path("signOffs").size())
                .mapToObj(at -> signOff(id, said.path("signOffs").get(at)))
                .toList();
        if (!CanonicalJson.digest(content).equals(sha256) || !signOffs.stream().allMatch(each -> each.holds(sha256))) {
            throw new IllegalArgumentException("its digest does not hold");
        }
        List<String> here = database.queryForList(
                "SELECT sha256 FROM signed_record WHERE id = ? UNION ALL SELECT sha256 FROM foreign_record WHERE id = ?",
                String.class,
                id,
                id);
        if (!here.isEmpty()) {
            if (!here.get(0).equals(sha256)) {
                throw new IllegalArgumentException("another is here");
            }
            return false;
        }
        Optional<String> reopened =
                Optional.ofNullable(said.get("reopened")).map(node -> CanonicalJson.of(JSON.convertValue(node, ROW)));
        String under = JSON.writeValueAsString(signOffs.stream()
                .map(SignedInFile::said)
                .map(java.util.TreeMap::new)
                .toList());
        if (under.length() > LONGEST_SIGN_OFFS
                || reopened.filter(text -> text.length() > LONGEST_REOPENED).isPresent()) {
            throw new IllegalArgumentException("too long");
        }
        var values = new ArrayList<Object>(List.of(
                id,
                job,
                said.path("home").stringValue(),
                said.path("revision").intValue(),
                content,
                sha256,
                Long.parseLong(said.path("seq").stringValue()),
                Instant.parse(said.path("madeAt").stringValue()).atOffset(ZoneOffset.UTC),
                under));
        values.add(reopened.orElse(null));
        database.update(
                "INSERT INTO foreign_record (id, job_id, home, revision, content, sha256, seq, made_at, sign_offs, reopened)"
                        + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                values.toArray());
        journal.wrote(TABLE, Map.of("id", id));
        return true;
    }

    private static SignOff signOff(UUID record, JsonNode said) {
        return new SignOff(
                UUID.fromString(said.path("id").stringValue()),
                record,
                said.path("number").intValue(),
                Long.parseLong(said.path("person").stringValue()),
                said.path("name").stringValue(),
                Instant.parse(said.path("signedAt").stringValue()),
                said.path("follows").stringValue(),
                said.path("sha256").stringValue());
    }
}
