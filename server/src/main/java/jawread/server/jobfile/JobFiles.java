package jawread.server.jobfile;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.access.Person;
import jawread.server.job.Jobs;
import jawread.server.jobfile.JobFile.NotAJob;
import jawread.server.jobfile.JobFileView.JobArrivedView;
import jawread.server.jobfile.NamedAlike.Pair;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.judgement.Judgements;
import jawread.server.records.SignedInFile;
import jawread.server.storage.Locks;
import jawread.server.tables.Table;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings files of jobs in. */
@Service
class JobFiles {
    /** Rows that are of no job: what is here of them under the same name is asked about, and never compared. */
    private static final Set<String> OF_THE_SHOP = Set.of(Section.PERSON, Section.GAUGE, Section.MASTER);

    private final JobFileLook looked;
    private final JdbcTemplate database;
    private final ShopTables tables;
    private final SignedInFile signed;
    private final Jobs jobs;
    private final Judgements judgements;
    private final Journal journal;
    private final Locks locks;
    private final Refusals refusals;
    private final Clock clock;
    private final Words words;

    JobFiles(
            JobFileLook looked,
            JdbcTemplate database,
            ShopTables tables,
            SignedInFile signed,
            Jobs jobs,
            Judgements judgements,
            Journal journal,
            Locks locks,
            Refusals refusals,
            Clock clock,
            Words words) {
        this.looked = looked;
        this.database = database;
        this.tables = tables;
        this.signed = signed;
        this.jobs = jobs;
        this.judgements = judgements;
        this.journal = journal;
        this.locks = locks;
        this.refusals = refusals;
        this.clock = clock;
        this.words = words;
    }

    /**
     * Keeps what of a file is not here yet: all of it or nothing.
     *
     * @param same gauges, masters and people that are the ones of that name here: {@code gauge:M3}
     * @param other those that are not, and get another name here
     */
    @Transactional
    JobArrivedView bringIn(byte[] bytes, Set<String> same, Set<String> other, Person person) {
        JobFile file = refusals.refusing(() -> JobFile.read(bytes));
        return database.execute((ConnectionCallback<JobArrivedView>) connection -> refusals.refusing(() -> {
            Map<String, Table> known = tables.of(connection);
            List<Section> sections = Section.all(known);
            file.refuseOtherSections(sections);
            locks.settings();
            Optional<Long> here = looked.here(file.key());
            List<Pair> named = new NamedAlike(connection, known).all(sections, file);
            Map<Section, Map<Integer, Map<String, Object>>> renamed =
                    here.isPresent() ? Map.of() : renamed(named, same, other);
            List<Pair> ours = named.stream()
                    .filter(pair -> here.isPresent() || same.contains(pair.code()))
                    .toList();
            locks.drawer(ours.stream()
                    .filter(pair -> pair.section().table().equals(Section.GAUGE))
                    .mapToLong(Pair::here)
                    .toArray());
            long job = here.isPresent() ? held(here.get()) : opened(file, known, connection);
            var in = new RowsIn(connection, file, job, known, journal::wrote, here.isPresent());
            in.after(lastSeq(job));
            ours.forEach(pair -> in.isHere(pair.section().table(), pair.inFile(), pair.here()));
            if (here.isPresent()) {
                JobRows rows = JobRows.of(connection, known, job);
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
        locks.jobs(Stream.of(job));
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
}
