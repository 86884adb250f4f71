package jawread.server.jobfile;

import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import jawread.server.access.Person;
import jawread.server.job.Jobs;
import jawread.server.jobfile.JobFile.NotAJob;
import jawread.server.jobfile.JobFileView.JobArrivedView;
import jawread.server.jobfile.NamedAlike.Pair;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.judgement.Judgements;
import jawread.server.records.SignedInFile;
import jawread.server.records.SignedInFile.NotSigned;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.storage.Locks;
import jawread.server.tables.Snapshot;
import jawread.server.tables.Table;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Writes jobs as files, and brings such files in. */
@Service
class JobFiles {
    /** Rows that are of no job: what is here of them under the same name is asked about, and never compared. */
    private static final Set<String> OF_THE_SHOP = Set.of(Section.PERSON, Section.GAUGE, Section.MASTER);

    private final DataSource shop;
    private final JdbcTemplate database;
    private final ShopSettings settings;
    private final SignedInFile signed;
    private final Jobs jobs;
    private final Judgements judgements;
    private final Journal journal;
    private final Locks locks;
    private final Clock clock;
    private final Words words;
    /** The same as long as the program runs. */
    private volatile Map<String, Table> tables;

    JobFiles(
            DataSource shop,
            JdbcTemplate database,
            ShopSettings settings,
            SignedInFile signed,
            Jobs jobs,
            Judgements judgements,
            Journal journal,
            Locks locks,
            Clock clock,
            Words words) {
        this.shop = shop;
        this.database = database;
        this.settings = settings;
        this.signed = signed;
        this.jobs = jobs;
        this.judgements = judgements;
        this.journal = journal;
        this.locks = locks;
        this.clock = clock;
        this.words = words;
    }

    /** Writes a job as it is at this moment; nobody who measures waits for it. */
    void write(long job, OutputStream to) throws SQLException {
        String home = home(job);
        List<Map<String, Object>> records = signed.of(job, settings.of(Setting.SHOP_NAME));
        try (var connection = shop.getConnection();
                var then = Snapshot.of(connection)) {
            JobFileWriter.write(JobRows.of(then.connection(), tables(then.connection()), job), home, records, to);
        }
    }

    /** Where a job was measured: the shop whose file it came in with first, or this one. */
    private String home(long job) {
        List<String> home = database.queryForList(
                "SELECT home FROM job_arrival WHERE job_id = ? ORDER BY made_at FETCH FIRST ROW ONLY",
                String.class,
                job);
        return home.isEmpty() ? settings.of(Setting.SHOP_NAME) : home.get(0);
    }

    /** What a file holds; nothing of it is kept. Refuses with 422 what is no file of a job. */
    @Transactional(readOnly = true)
    JobFileView look(byte[] bytes) {
        JobFile file = read(bytes);
        return database.execute((ConnectionCallback<JobFileView>) connection -> refusing(() -> look(file, connection)));
    }

    private JobFileView look(JobFile file, Connection connection) throws SQLException {
        Map<String, Table> tables = tables(connection);
        List<Section> sections = Section.all(tables);
        file.refuseOtherSections(sections);
        Optional<Long> here = here(key(file));
        List<Pair> named = named(file, sections, new NamedAlike(connection, tables));
        int news = here.isEmpty() ? 0 : news(here.get(), file);
        String state = here.isEmpty() ? "new" : news == 0 ? "again" : "more";
        String name = file.job().path("name").asString("");
        return new JobFileView(
                file.home(),
                name,
                file.job().path("about").asString(""),
                state,
                here.orElse(0L),
                words.say("job-file." + state, Map.of("name", name, "home", file.home(), "count", news)),
                count(file, sections, "plan"),
                count(file, sections, "part"),
                (int) file.content()
                        .path("features")
                        .valueStream()
                        .map(row -> row.path("featureKey").asString(""))
                        .distinct()
                        .count(),
                count(file, sections, "reading"),
                unnamed(file, sections, Section.PERSON, named),
                unnamed(file, sections, Section.GAUGE, named),
                here.isPresent() ? List.of() : named.stream().map(Pair::view).toList(),
                file.signed().stream()
                        .map(row -> words.say(
                                "job-file.signed",
                                Map.of(
                                        "home", row.path("home").asString(""),
                                        "revision", row.path("revision").asInt(0))))
                        .toList());
    }

    private Map<String, Table> tables(Connection connection) throws SQLException {
        if (tables == null) {
            tables = Table.all(connection).stream().collect(Collectors.toMap(Table::name, Function.identity()));
        }
        return tables;
    }

    private static int count(JobFile file, List<Section> sections, String table) {
        return sections.stream()
                .filter(section -> section.table().equals(table))
                .mapToInt(section -> file.rows(section).size())
                .sum();
    }

    private static List<String> unnamed(JobFile file, List<Section> sections, String table, List<Pair> named) {
        Section section = of(sections, table);
        Set<String> known = named.stream()
                .filter(pair -> pair.section().equals(section))
                .map(pair -> pair.view().name())
                .collect(Collectors.toSet());
        return file.rows(section).stream()
                .map(row -> NamedAlike.nameOf(section, row))
                .filter(name -> !known.contains(name))
                .toList();
    }

    private static Section of(List<Section> sections, String table) {
        return sections.stream()
                .filter(section -> section.table().equals(table))
                .findFirst()
                .orElseThrow();
    }

    private static List<Pair> named(JobFile file, List<Section> sections, NamedAlike alike) throws SQLException {
        var named = new ArrayList<Pair>();
        for (Section section : sections) {
            if (NamedAlike.isNamed(section)) {
                named.addAll(alike.of(section, file));
            }
        }
        return named;
    }

    /** How many of its rows with a UUID are not here. */
    private int news(long job, JobFile file) throws SQLException {
        var ours = new ByteArrayOutputStream();
        write(job, ours);
        JobFile now = JobFile.read(ours.toByteArray());
        Set<String> known = ids(now).collect(Collectors.toSet());
        return (int) ids(file).filter(id -> !known.contains(id)).count();
    }

    private static java.util.stream.Stream<String> ids(JobFile file) {
        return file.content().properties().stream()
                .flatMap(section -> section.getValue().valueStream())
                .map(row -> row.path("id"))
                .filter(JsonNode::isString)
                .map(JsonNode::stringValue);
    }

    private Optional<Long> here(UUID key) {
        return database.queryForList("SELECT id FROM job WHERE job_key = ?", Long.class, key).stream()
                .findFirst();
    }

    private UUID key(JobFile file) {
        try {
            return UUID.fromString(file.job().path(JobFile.KEY).stringValue());
        } catch (RuntimeException none) {
            throw new NotAJob("job-file-row", Map.of("section", JobFile.JOB, "row", "1", "member", JobFile.KEY));
        }
    }

    /**
     * Keeps what of a file is not here yet: all of it or nothing.
     *
     * @param same gauges, masters and people that are the ones of that name here: {@code gauge:M3}
     * @param other those that are not, and get another name here
     */
    @Transactional
    JobArrivedView bringIn(byte[] bytes, Set<String> same, Set<String> other, Person person) {
        JobFile file = read(bytes);
        return database.execute((ConnectionCallback<JobArrivedView>) connection -> refusing(() -> {
            Map<String, Table> tables = tables(connection);
            List<Section> sections = Section.all(tables);
            file.refuseOtherSections(sections);
            locks.settings();
            Optional<Long> here = here(key(file));
            List<Pair> named = named(file, sections, new NamedAlike(connection, tables));
            Map<Section, Map<Integer, Map<String, Object>>> renamed =
                    here.isPresent() ? Map.of() : renamed(named, same, other);
            List<Pair> ours = named.stream()
                    .filter(pair -> here.isPresent() || same.contains(pair.code()))
                    .toList();
            locks.drawer(ours.stream()
                    .filter(pair -> pair.section().table().equals(Section.GAUGE))
                    .mapToLong(Pair::here)
                    .toArray());
            long job = here.isPresent() ? held(here.get()) : opened(file, tables, connection);
            var in = new RowsIn(connection, file, job, tables, journal::wrote, here.isPresent());
            in.after(lastSeq(job));
            ours.forEach(pair -> in.isHere(pair.section().table(), pair.inFile(), pair.here()));
            if (here.isPresent()) {
                JobRows rows = JobRows.of(connection, tables, job);
                sections.stream()
                        .filter(section -> !OF_THE_SHOP.contains(section.table()))
                        .forEach(section -> rows.numbersHere(section.table())
                                .forEach((inFile, id) -> in.isHere(section.table(), inFile, id)));
            }
            for (Section section : sections) {
                in.put(section, renamed.getOrDefault(section, Map.of()));
            }
            int kept = in.kept() + signed.keep(job, file.signed());
            if (kept > 0 || here.isEmpty()) {
                arrived(job, file, kept, person);
                told(job, file, in, here.isPresent());
                judged(job);
            }
            return arrived(job, file, kept, here.isPresent());
        }));
    }

    /** Which rows get another name here. Refuses what nobody has decided with 409, and what cannot be the same with 422. */
    private Map<Section, Map<Integer, Map<String, Object>>> renamed(
            List<Pair> named, Set<String> same, Set<String> other) {
        List<Pair> undecided = named.stream()
                .filter(pair -> !same.contains(pair.code()) && !other.contains(pair.code()))
                .toList();
        if (!undecided.isEmpty()) {
            throw Refused.of(
                    HttpStatus.CONFLICT,
                    "job-file-undecided",
                    words.say(
                            "problem.job-file-undecided",
                            Map.of(
                                    "which",
                                    undecided.stream()
                                            .map(pair -> pair.view().name())
                                            .collect(Collectors.joining(", ")))));
        }
        named.stream()
                .filter(pair -> same.contains(pair.code()) && !pair.view().canBeSame())
                .findFirst()
                .ifPresent(pair -> {
                    throw new NotAJob(
                            "job-file-not-same", Map.of("which", pair.view().name()));
                });
        var renamed = new HashMap<Section, Map<Integer, Map<String, Object>>>();
        named.stream()
                .filter(pair -> !same.contains(pair.code()))
                .forEach(pair -> renamed.computeIfAbsent(pair.section(), unused -> new HashMap<>())
                        .put(
                                pair.inFile(),
                                Map.of(
                                        NamedAlike.by(pair.section()),
                                        pair.view().otherwise())));
        return renamed;
    }

    private long held(long job) {
        locks.jobs(java.util.stream.Stream.of(job));
        return job;
    }

    private long opened(JobFile file, Map<String, Table> tables, Connection connection) throws SQLException {
        long job = RowsIn.job(connection, file, tables, journal::wrote);
        locks.madeJob(job);
        return job;
    }

    /** Of the lines of its journal, and of its readings, which came with several to a line. */
    private long lastSeq(long job) {
        Long last =
                database.queryForObject("SELECT COALESCE(MAX(seq), 0) FROM journal WHERE job_id = ?", Long.class, job);
        return last == null ? 0 : last;
    }

    private void arrived(long job, JobFile file, int kept, Person person) {
        UUID id = UUID.randomUUID();
        OffsetDateTime now = clock.instant().truncatedTo(ChronoUnit.MICROS).atOffset(ZoneOffset.UTC);
        String home = file.home();
        database.update(
                "INSERT INTO job_arrival (id, job_id, home, sha256, rows_kept, person_id, made_at) VALUES (?, ?, ?, ?, ?, ?, ?)",
                id,
                job,
                home.substring(0, Math.min(home.length(), 120)),
                file.sha256(),
                kept,
                person.id(),
                now);
        journal.wrote("job_arrival", Map.of("id", id));
    }

    /** What was changed, so that whoever looks at it sees it. */
    private void told(long job, JobFile file, RowsIn in, boolean isHere) {
        journal.write(Journal.DRAWER, What.DRAWER);
        journal.besides(What.SHOP);
        if (isHere) {
            journal.write(job, What.READING, Math.max(1, in.readings()));
            journal.write(job, What.MARK);
        } else {
            journal.write(job, What.PLAN, RowsIn.lastSeq(file) + 1);
        }
    }

    /** That it can be opened: rows that each are sound may still make no job together. */
    private void judged(long job) {
        try {
            jobs.plansOf(jobs.job(job)).forEach(judgements::of);
        } catch (Refused refused) {
            throw refused;
        } catch (RuntimeException none) {
            throw new NotAJob("job-file-not-judged", Map.of());
        }
    }

    private JobArrivedView arrived(long job, JobFile file, int kept, boolean isHere) {
        String name = file.job().path("name").asString("");
        String state = !isHere ? "new" : kept == 0 ? "again" : "more";
        return new JobArrivedView(
                job,
                name,
                state,
                kept,
                words.say("job-file.arrived-" + state, Map.of("name", name, "home", file.home(), "count", kept)));
    }

    private JobFile read(byte[] bytes) {
        return refusing(() -> JobFile.read(bytes));
    }

    @FunctionalInterface
    private interface Reading<T> {
        T read() throws SQLException;
    }

    private <T> T refusing(Reading<T> of) {
        try {
            return of.read();
        } catch (NotAJob none) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT, none.code(), words.say("problem." + none.code(), none.facts()));
        } catch (NotSigned none) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "job-file-signature",
                    words.say("problem.job-file-signature", Map.of("row", none.at())));
        } catch (SQLException failure) {
            throw new IllegalStateException(failure);
        }
    }
}
