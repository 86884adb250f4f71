package jawread.server.access;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jawread.server.words.Words;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was changed, by whom, and how it is said; the newest first. */
@Service
public class Trail {
    private static final String ROWS =
            "SELECT t.id, t.at, p.name, t.subject, t.which, t.called, t.field, t.old_value, t.new_value"
                    + " FROM trail t LEFT JOIN person p ON p.id = t.person_id WHERE ";
    private static final String NEWEST = " ORDER BY t.id DESC FETCH FIRST 200 ROWS ONLY";

    private static final Pattern MOMENT = Pattern.compile("\\d{4}-\\d{2}-\\d{2}T[\\d:.]+Z");
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
    private static final DateTimeFormatter DAY_SAID = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern(
                    "d MMMM uuuu, HH:mm 'UTC'", Locale.ENGLISH)
            .withZone(ZoneOffset.UTC);

    private final NamedParameterJdbcTemplate database;
    private final Words words;

    Trail(NamedParameterJdbcTemplate database, Words words) {
        this.database = database;
        this.words = words;
    }

    /** Of everything of these kinds: settings, people. */
    @Transactional(readOnly = true)
    public List<TrailView> ofSubjects(List<String> subjects) {
        return rows("t.subject IN (:subjects)", Map.of("subjects", subjects));
    }

    /** Of one gauge, one master. */
    @Transactional(readOnly = true)
    public List<TrailView> of(String subject, long which) {
        return rows(
                "t.subject = :subject AND t.which = :which", Map.of("subject", subject, "which", Long.toString(which)));
    }

    /** Of a job: its head, its plans, its parts. */
    @Transactional(readOnly = true)
    public List<TrailView> ofJob(long job) {
        return rows("t.job_id = :job", Map.of("job", job));
    }

    private List<TrailView> rows(String which, Map<String, ?> values) {
        return database.query(ROWS + which + NEWEST, values, (row, index) -> view(row));
    }

    private TrailView view(ResultSet row) throws SQLException {
        String subject = row.getString("subject");
        String about =
                row.getString("called").isEmpty() ? named(subject, row.getString("which")) : row.getString("called");
        String field = row.getString("field");
        String label = label(subject, subject.equals("setting") ? row.getString("which") : field);
        String before = row.getString("old_value");
        String after = row.getString("new_value");
        return new TrailView(
                row.getLong("id"),
                row.getObject("at", OffsetDateTime.class).toInstant(),
                row.getString("name"),
                about,
                label,
                before,
                after,
                sentence(subject, about, field, label, before, after));
    }

    private String sentence(String subject, String about, String field, String label, String before, String after) {
        var facts = new HashMap<String, Object>(Map.of("about", about, "field", label));
        if (before != null) {
            facts.put("before", said(before));
        }
        if (after != null) {
            facts.put("after", said(after));
        }
        String how = field.equals("added")
                ? "added"
                : field.equals("removed") ? "removed" : before == null ? "set" : after == null ? "cleared" : "changed";
        return words.say("trail." + (subject.equals("setting") ? "of-setting-" : "") + how, facts);
    }

    /** Of a job it may be a school of its own, which is called as the shop's is. */
    private String label(String subject, String field) {
        return Stream.of("trail." + subject + "." + field, "trail.setting." + field)
                .filter(words::has)
                .findFirst()
                .map(words::say)
                .orElse(field);
    }

    /** A moment as people say it, a truth as yes or no; anything else as it was typed. */
    private String said(String value) {
        if (value.equals("true") || value.equals("false")) {
            return words.say("trail." + value);
        }
        if (MOMENT.matcher(value).matches()) {
            return SAID.format(Instant.parse(value));
        }
        return DAY.matcher(value).matches() ? DAY_SAID.format(LocalDate.parse(value)) : value;
    }

    /** People stand in the trail by their number. */
    private String named(String subject, String which) {
        String query = subject.equals("ticket")
                ? "SELECT p.name FROM shop_session s JOIN person p ON p.id = s.person_id WHERE s.id = :id"
                : "SELECT name FROM person WHERE id = :id";
        List<String> names = database.queryForList(query, Map.of("id", Long.valueOf(which)), String.class);
        return names.isEmpty() ? words.say("trail.somebody") : names.get(0);
    }
}
