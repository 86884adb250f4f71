package jawread.server.records;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.server.access.People;
import jawread.server.tables.CanonicalJson;
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
    private static final String REOPENED = "reopened";
    private static final int LONGEST_HOME = 120;
    private static final int LONGEST_SIGN_OFFS = 4000;
    private static final int LONGEST_REOPENED = 1000;

    private final Records records;
    private final ForeignRecordRepository foreign;
    private final SignedRecordRepository own;
    private final People people;

    SignedInFile(Records records, ForeignRecordRepository foreign, SignedRecordRepository own, People people) {
        this.records = records;
        this.foreign = foreign;
        this.own = own;
        this.people = people;
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
    record Elsewhere(String home, SignedRecord record, List<String> signers) {}

    /** Each a member of the file's list, those of other shops first. @param home this shop's name */
    @Transactional(readOnly = true)
    public List<Map<String, Object>> of(long job, String home) {
        return Stream.concat(
                        rows(job).map(SignedInFile::said),
                        records.of(job).stream().map(record -> here(record, home)))
                .toList();
    }

    private Stream<ForeignRecordRow> rows(long job) {
        return foreign.findAllByJobIdOrderByHomeAscRevisionAscIdAsc(job).stream();
    }

    private Map<String, Object> here(SignedRecord record, String home) {
        Map<String, Object> said = said(
                record,
                records.content(record),
                home,
                records.under(record).stream().map(SignedInFile::said).toList());
        records.reopened(record)
                .ifPresent(row -> said.put(
                        REOPENED,
                        Map.of(
                                "by", people.nameOf(row.person()),
                                "at", row.madeAt().toString(),
                                "reason", row.reason())));
        return said;
    }

    private static Map<String, Object> said(ForeignRecordRow row) {
        Map<String, Object> said = said(row.record(), row.content(), row.home(), JSON.readValue(row.signOffs(), ROWS));
        row.reopened().ifPresent(text -> said.put(REOPENED, JSON.readValue(text, ROW)));
        return said;
    }

    private static Map<String, Object> said(
            SignedRecord record, String content, String home, List<Map<String, Object>> signOffs) {
        var said = new LinkedHashMap<String, Object>();
        said.put("id", record.id().toString());
        said.put("home", home);
        said.put("revision", record.revision());
        said.put("content", content);
        said.put("sha256", record.sha256());
        said.put("seq", Long.toString(record.seq()));
        said.put("madeAt", record.madeAt().toString());
        said.put("signOffs", signOffs);
        return said;
    }

    private static Map<String, Object> said(SignOff of) {
        return new TreeMap<>(Map.of(
                "id", of.id().toString(),
                "number", of.number(),
                "person", Long.toString(of.person()),
                "name", of.name(),
                "signedAt", of.signedAt().toString(),
                "follows", of.follows(),
                "sha256", of.sha256()));
    }

    /** For the page of its records. */
    List<Elsewhere> listed(long job) {
        return rows(job)
                .map(row -> new Elsewhere(
                        row.home(),
                        row.record(),
                        JSON.readValue(row.signOffs(), ROWS).stream()
                                .map(each -> String.valueOf(each.get("name")))
                                .toList()))
                .toList();
    }

    /** How many of them are not here. */
    @Transactional(readOnly = true)
    public int news(List<JsonNode> signed) {
        return (int) signed.stream()
                .map(each -> each.path("id").asString(""))
                .filter(id -> !isHere(id))
                .count();
    }

    private boolean isHere(String id) {
        try {
            return here(UUID.fromString(id)).isPresent();
        } catch (IllegalArgumentException none) {
            return false;
        }
    }

    /** A record under an id, ours or another shop's. */
    private Optional<SignedRecord> here(UUID id) {
        return own.findRecord(id).or(() -> foreign.findById(id).map(ForeignRecordRow::record));
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
            ForeignRecordRow row = read(job, signed.get(i), i + 1);
            Optional<SignedRecord> here = here(row.getId());
            if (here.isEmpty()) {
                foreign.save(row);
                kept++;
            } else if (!here.get().sha256().equals(row.record().sha256())) {
                throw new NotSigned(i + 1);
            }
        }
        return kept;
    }

    private static ForeignRecordRow read(long job, JsonNode said, int at) {
        try {
            UUID id = UUID.fromString(said.path("id").stringValue());
            var record = new SignedRecord(
                    id,
                    job,
                    said.path("revision").intValue(),
                    said.path("sha256").stringValue(),
                    Long.parseLong(said.path("seq").stringValue()),
                    Instant.parse(said.path("madeAt").stringValue()));
            String content = said.path("content").stringValue();
            List<SignOff> signOffs = said.path("signOffs")
                    .valueStream()
                    .map(each -> signOff(id, each))
                    .toList();
            String home = said.path("home").stringValue();
            String under = JSON.writeValueAsString(
                    signOffs.stream().map(SignedInFile::said).toList());
            Optional<String> reopened =
                    Optional.ofNullable(said.get(REOPENED)).map(node -> CanonicalJson.of(JSON.convertValue(node, ROW)));
            boolean holds = CanonicalJson.digest(content).equals(record.sha256())
                    && signOffs.stream().allMatch(each -> each.holds(record.sha256()))
                    && home.length() <= LONGEST_HOME
                    && under.length() <= LONGEST_SIGN_OFFS
                    && reopened.filter(text -> text.length() > LONGEST_REOPENED).isEmpty();
            if (holds) {
                return new ForeignRecordRow(record, content, home, under, reopened);
            }
        } catch (RuntimeException unread) {
            throw new NotSigned(at);
        }
        throw new NotSigned(at);
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
