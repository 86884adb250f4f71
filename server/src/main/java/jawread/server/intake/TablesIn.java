package jawread.server.intake;

import java.time.Clock;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.intake.TableInView.TableKeptView;
import jawread.server.journal.Journal;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Readings;
import jawread.server.tables.CanonicalJson;
import jawread.server.words.Moments;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings tables of readings into a job: shown first, then kept all or none, or the good rows with the bad ones handed back. */
@Service
class TablesIn {
    private final Understanding understanding;
    private final TableInWords says;
    private final Readings readings;
    private final Journal journal;
    private final JdbcTemplate database;
    private final Clock clock;
    private final Moments moments;
    private final Words words;

    TablesIn(
            Understanding understanding,
            TableInWords says,
            Readings readings,
            Journal journal,
            JdbcTemplate database,
            Clock clock,
            Moments moments,
            Words words) {
        this.understanding = understanding;
        this.says = says;
        this.readings = readings;
        this.journal = journal;
        this.database = database;
        this.clock = clock;
        this.moments = moments;
        this.words = words;
    }

    /** What a table holds; nothing of it is kept. Refuses with 422 what is no table, and one without a reading. */
    @Transactional(readOnly = true)
    TableInView look(long jobId, byte[] file, How how, Person person) {
        Understood of = understanding.of(jobId, file, how, person);
        return says.of(of, how, here(of), cameBefore(of));
    }

    private int here(Understood of) {
        return (int) of.good().stream()
                .flatMap(figure -> figure.reading().stream())
                .map(KeepReading::id)
                .filter(id -> readings.whereIs(id).isPresent())
                .count();
    }

    private Optional<String> cameBefore(Understood of) {
        return database
                .query(
                        "SELECT a.made_at, p.name FROM table_arrival a JOIN person p ON p.id = a.person_id"
                                + " WHERE a.sha256 = ? AND a.job_id = ? ORDER BY a.made_at DESC FETCH FIRST ROW ONLY",
                        (row, at) -> words.say(
                                "table.came-before",
                                Map.of(
                                        "who", row.getString(2),
                                        "at",
                                                moments.moment(row.getObject(1, java.time.OffsetDateTime.class)
                                                        .toInstant()))),
                        of.sha256(),
                        of.job().id())
                .stream()
                .findFirst();
    }

    /**
     * Keeps the readings of a table, with the columns as they were shown.
     *
     * @param onlyGood whether the good rows are kept where some are bad; else such a table is refused with 422
     */
    @Transactional
    TableKeptView keep(long jobId, byte[] file, How how, boolean onlyGood, Person person) {
        Understood of = understanding.of(jobId, file, how, person);
        List<RowRead> bad = of.bad();
        cameBefore(of).filter(unused -> !how.again()).ifPresent(when -> {
            throw Refused.of(HttpStatus.CONFLICT, "table-came-before", when);
        });
        if (of.good().isEmpty() || !bad.isEmpty() && !onlyGood) {
            RowRead first = bad.get(0);
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "table-rows-bad",
                    words.say(
                            "problem.table-rows-bad",
                            Map.of(
                                    "count", bad.size(),
                                    "line", first.row().number(),
                                    "column", first.column() < 0 ? "-" : says.named(of.columns(), first.column()),
                                    "why", first.problem())));
        }
        List<KeepReading> all =
                of.good().stream().flatMap(figure -> figure.reading().stream()).toList();
        int kept = readings.keepAll(jobId, all);
        if (kept > 0) {
            arrived(of, kept, person);
        }
        remember(of, how, person);
        return new TableKeptView(
                kept,
                all.size() - kept,
                bad.size(),
                bad.isEmpty() ? null : says.rejected(of, bad),
                words.say(
                        bad.isEmpty() ? "table.kept" : "table.kept-good",
                        Map.of("kept", kept, "here", all.size() - kept, "bad", bad.size())));
    }

    private void arrived(Understood of, int kept, Person person) {
        UUID id = UUID.randomUUID();
        database.update(
                "INSERT INTO table_arrival (id, job_id, sha256, kept, person_id, made_at) VALUES (?, ?, ?, ?, ?, ?)",
                id,
                of.job().id(),
                of.sha256(),
                kept,
                person.id(),
                clock.instant().truncatedTo(ChronoUnit.MICROS).atOffset(ZoneOffset.UTC));
        journal.wrote("table_arrival", Map.of("id", id));
    }

    private void remember(Understood of, How how, Person person) {
        if (how.columns().isEmpty() || of.columns().heads().isEmpty()) {
            return;
        }
        UUID id = UUID.randomUUID();
        database.update(
                "INSERT INTO columns_chosen (id, head, columns, person_id, made_at) VALUES (?, ?, ?, ?, ?)",
                id,
                CanonicalJson.digest(of.columns().heads()),
                String.join("\t", of.columns().means()),
                person.id(),
                clock.instant().truncatedTo(ChronoUnit.MICROS).atOffset(ZoneOffset.UTC));
        journal.wrote("columns_chosen", Map.of("id", id));
    }
}
