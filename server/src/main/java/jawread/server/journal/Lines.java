package jawread.server.journal;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.chain.Line;
import jawread.server.chain.Told;
import jawread.server.chain.ToldRows;
import jawread.server.chain.ToldRows.Touched;
import jawread.server.storage.Locks;
import jawread.server.tables.ShopTables;
import jawread.server.versions.Subject;
import jawread.server.versions.Versions;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * The lines of the journal: numbered when something happens, written when its transaction ends, for only then is known what they tell
 * of. The head of the journal is locked from the first of them on, so that numbers appear in the order of commits.
 */
@Component
class Lines {
    private static final String SETTINGS = "shop_setting";

    private final JobsReadWith readWith;
    private final OtherJobs others;
    private final JdbcTemplate database;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;
    private final Locks locks;
    private final ShopTables tables;
    private volatile ToldRows told;

    Lines(
            JobsReadWith readWith,
            OtherJobs others,
            JdbcTemplate database,
            Clock clock,
            ApplicationEventPublisher publisher,
            Locks locks,
            ShopTables tables) {
        this.readWith = readWith;
        this.others = others;
        this.database = database;
        this.clock = clock;
        this.publisher = publisher;
        this.locks = locks;
        this.tables = tables;
    }

    /** Takes the next number, and so many in the job; it bears the last of these. */
    Line next(ThisTransaction done, long job, What what, long numbers) {
        if (done.lastId < 0) {
            locks.journalIsLast();
            database.query("SELECT last_id, last_sha256 FROM journal_head FOR UPDATE", row -> {
                done.lastId = row.getLong(1);
                done.lastDigest = row.getString(2);
            });
        }
        long last = done.lines.stream()
                .filter(line -> line.job() == job)
                .mapToLong(Line::seq)
                .max()
                .orElseGet(() -> lastOf(job));
        var line = new Line(
                ++done.lastId,
                job,
                last + numbers,
                what.name(),
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                ByWhom.person());
        done.lines.add(line);
        publisher.publishEvent(new Event(line.id(), job, line.seq(), what));
        return line;
    }

    /** Taken from the end of the index; a maximum would be looked for among all lines of the job. */
    long lastOf(long job) {
        List<Long> last = database.queryForList(
                "SELECT seq FROM journal WHERE job_id = ? ORDER BY job_id DESC, seq DESC FETCH FIRST ROW ONLY",
                Long.class,
                job);
        return last.isEmpty() ? 0 : last.get(0);
    }

    /** Writes what the transaction changed into the trail, and then its lines. */
    void write(ThisTransaction done) {
        database.execute((ConnectionCallback<Void>) connection -> {
            trail(done, connection);
            List<Told> rows = tell(done, connection);
            if (done.lines.isEmpty() && rows.isEmpty()) {
                return null;
            }
            List<Map<String, Object>> parts = Told.inParts(rows);
            while (done.lines.isEmpty() || done.lines.size() < parts.size()) {
                next(done, Line.SHOP, What.SHOP, 1);
            }
            String last = done.lastDigest;
            // The last lines tell of the rows; those before them only say that something happened to their jobs.
            int silent = done.lines.size() - parts.size();
            for (int i = 0; i < done.lines.size(); i++) {
                Line line = done.lines.get(i);
                Line.Linked linked = line.link(last, i < silent ? Map.of() : parts.get(i - silent));
                line.write(connection, linked);
                last = linked.sha256();
            }
            Line.end(connection, done.lastId, last);
            Versions.raise(connection, changed(done));
            return null;
        });
    }

    private Stream<Subject> changed(ThisTransaction done) {
        Set<Long> gauges = Locks.gaugesHeld().collect(Collectors.toSet());
        boolean isFound = !gauges.isEmpty() && done.foundSince.isBefore(Instant.MAX);
        return Stream.of(
                        done.lines.stream().flatMap(Lines::changed),
                        // What size a part is goes on to wherever it is measured later.
                        done.lines.stream()
                                .filter(line -> What.valueOf(line.what()) == What.ROUND)
                                .flatMap(line -> others.ofSameParts(line.job()).stream())
                                .map(Subject::said),
                        isFound
                                ? readWith.anyOf(gauges, done.foundSince).stream()
                                        .map(Subject::found)
                                : Stream.<Subject>empty(),
                        done.touched.stream().anyMatch(row -> row.table().equals(SETTINGS))
                                ? Stream.of(Subject.SETTINGS)
                                : Stream.<Subject>empty())
                .flatMap(each -> each);
    }

    /** Of what a line tells that it changed. */
    private static Stream<Subject> changed(Line line) {
        return switch (What.valueOf(line.what())) {
            case PLAN -> Stream.of(Subject.plan(line.job()));
            case READING -> Stream.of(Subject.readings(line.job()));
            case MARK, ROUND, LOOK -> Stream.of(Subject.said(line.job()));
            case DRAWER ->
                Stream.concat(
                        Stream.of(Subject.DRAWER, Subject.said(line.job())),
                        Locks.gaugesHeld().map(Subject::gauge));
            case SHOP, BEFORE -> Stream.of(Subject.SHOP);
            case PRACTICE, RECORD, SIGNAL -> Stream.empty();
        };
    }

    private List<Told> tell(ThisTransaction done, Connection connection) throws SQLException {
        if (done.touched.isEmpty()) {
            return List.of();
        }
        if (told == null) {
            told = ToldRows.of(tables.of(connection).values());
        }
        return told.tell(
                connection,
                done.touched.stream().filter(each -> told.isTold(each.table())).toList());
    }

    private void trail(ThisTransaction done, Connection connection) throws SQLException {
        if (done.changes.isEmpty()) {
            return;
        }
        Instant now = clock.instant();
        var keys = new ArrayList<Long>();
        try (PreparedStatement insert = connection.prepareStatement(
                "INSERT INTO trail (subject, which, job_id, called, field, old_value, new_value, person_id, at)"
                        + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                Statement.RETURN_GENERATED_KEYS)) {
            for (Change change : done.changes) {
                insert.setString(1, change.under().subject());
                insert.setString(2, change.under().which());
                insert.setLong(3, change.under().job());
                insert.setString(4, change.under().called());
                insert.setString(5, change.field());
                insert.setString(6, change.before());
                insert.setString(7, change.after());
                insert.setObject(8, ByWhom.person().orElse(null));
                insert.setObject(9, now.atOffset(ZoneOffset.UTC));
                insert.addBatch();
            }
            insert.executeBatch();
            try (var generated = insert.getGeneratedKeys()) {
                while (generated.next()) {
                    keys.add(generated.getLong(1));
                }
            }
        }
        keys.forEach(key -> done.touched.add(new Touched("trail", Map.of("id", key))));
    }
}
