package jawread.server.jobfile;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.door.SoundText;
import jawread.server.tables.CanonicalJson;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A file as it came, not believed yet.
 *
 * @param content its one object
 * @param sha256 of its bytes
 */
record JobFile(JsonNode content, String sha256) {
    static final String FORMAT = "jaw-read-job";
    static final int EDITION = 1;
    static final String HOME = "home";
    static final String JOB = "job";
    private static final String PRACTICE = "practice";
    private static final String KEY = "jobKey";
    static final String SIGNED = "signed";

    /** A record of thousands of readings is one text. */
    private static final int LONGEST_TEXT = 16_000_000;

    private static final int DEEPEST = 8;
    private static final int LONGEST_HOME = 120;

    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxStringLength(LONGEST_TEXT)
                            .maxNestingDepth(DEEPEST)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .build();

    /** Why a file is not taken. */
    static final class NotAJob extends RuntimeException {
        private final String code;
        private final transient Map<String, String> facts;

        /** @param facts of the sentence that says so */
        NotAJob(String code, Map<String, String> facts) {
            super(code + " " + facts, null, false, false);
            this.code = code;
            this.facts = Map.copyOf(facts);
        }

        String code() {
            return code;
        }

        Map<String, String> facts() {
            return facts;
        }
    }

    /** Throws {@link NotAJob} for what is no file of a job, or one of another edition. */
    static JobFile read(byte[] bytes) {
        JsonNode content;
        try {
            content = JSON.readTree(bytes);
        } catch (JacksonException broken) {
            TokenStreamLocation at = broken.getLocation();
            throw new NotAJob(
                    "job-file-broken",
                    Map.of(
                            "line", Integer.toString(at == null ? 1 : Math.max(1, at.getLineNr())),
                            "column", Integer.toString(at == null ? 1 : Math.max(1, at.getColumnNr()))));
        }
        if (!FORMAT.equals(content.path("format").asString(""))) {
            throw new NotAJob("job-file-none", Map.of());
        }
        if (content.path("edition").asInt(0) != EDITION) {
            throw new NotAJob(
                    "job-file-edition",
                    Map.of("edition", content.path("edition").asString("?"), "known", Integer.toString(EDITION)));
        }
        // A file of before there were jobs for practice does not say that it is none.
        if (content.path(JOB) instanceof ObjectNode job && !job.has(PRACTICE)) {
            job.put(PRACTICE, false);
        }
        return new JobFile(content, CanonicalJson.digest(bytes));
    }

    /** The shop that it was measured in, as the file says. */
    String home() {
        return content.path(HOME).asString("");
    }

    JsonNode job() {
        return content.path(JOB);
    }

    List<JsonNode> rows(Section section) {
        return content.path(section.member()).valueStream().toList();
    }

    List<JsonNode> signed() {
        return content.path(SIGNED).valueStream().toList();
    }

    /** Throws {@link NotAJob} where a section is missing, is no list of objects, or is none that there is; and where home is no name. */
    void refuseOtherSections(List<Section> sections) {
        List<String> lists = Stream.concat(sections.stream().map(Section::member), Stream.of(SIGNED))
                .toList();
        Set<String> known = Stream.concat(Stream.of("format", "edition", HOME, JOB), lists.stream())
                .collect(Collectors.toSet());
        content.propertyNames().stream()
                .filter(name -> !known.contains(name))
                .findFirst()
                .ifPresent(name -> {
                    throw new NotAJob("job-file-section-unknown", Map.of("section", name));
                });
        Stream.concat(
                        lists.stream().filter(name -> !isListOfObjects(content.path(name))),
                        Stream.of(JOB).filter(name -> !content.path(name).isObject()))
                .findFirst()
                .ifPresent(name -> {
                    throw new NotAJob("job-file-section-missing", Map.of("section", name));
                });
        if (!SoundText.isSound(home()) || home().isBlank() || home().length() > LONGEST_HOME) {
            throw new NotAJob("job-file-home", Map.of("most", Integer.toString(LONGEST_HOME)));
        }
    }

    private static boolean isListOfObjects(JsonNode section) {
        return section.isArray() && section.valueStream().allMatch(JsonNode::isObject);
    }

    /** What tells the job apart. Throws {@link NotAJob} where it is none. */
    UUID key() {
        try {
            return UUID.fromString(job().path(KEY).stringValue());
        } catch (RuntimeException none) {
            throw new NotAJob("job-file-row", Map.of("section", JOB, "row", "1", "member", KEY));
        }
    }
}
