package jawread.server.jobfile;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.access.Person;
import jawread.server.job.JobArrival;
import jawread.server.job.JobArrivals;
import jawread.server.job.Jobs;
import jawread.server.jobfile.JobFile.NotAJob;
import jawread.server.jobfile.JobFileView.JobArrivedView;
import jawread.server.jobfile.NamedAlike.Pair;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.judgement.Judgements;
import jawread.server.live.Underway.Progress;
import jawread.server.records.SignedInFile;
import jawread.server.storage.Locks;
import jawread.server.storage.StorageTrouble;
import jawread.server.tables.ShopTables;
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
    private final JobFileLook looked;
    private final JdbcTemplate database;
    private final ShopTables tables;
    private final SignedInFile signed;
    private final Jobs jobs;
    private final JobArrivals arrivals;
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
            JobArrivals arrivals,
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
        this.arrivals = arrivals;
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
     * @param progress told row by row; once it is stopped nothing is kept
     */
    @Transactional
    JobArrivedView bringIn(
            byte[] bytes, Collection<String> same, Collection<String> other, Person person, Progress progress) {
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
            in.after(journal.lastOf(job));
            ours.forEach(pair -> in.isHere(pair.section().table(), pair.inFile(), pair.here()));
            if (here.isPresent()) {
                JobRows rows = JobRows.of(connection, known, job);
                sections.stream()
                        .filter(section -> !section.isOfTheShop())
                        .forEach(section -> rows.numbersHere(section.table())
                                .forEach((inFile, id) -> in.isHere(section.table(), inFile, id)));
            }
            progress.begins(sections.stream()
                    .mapToInt(section -> file.rows(section).size())
                    .sum());
            for (Section section : sections) {
                in.put(section, renamed.getOrDefault(section, Map.of()), progress);
            }
            int kept = in.kept() + signed.keep(job, file.signed());
            if (kept > 0 || here.isEmpty()) {
                arrived(job, file, kept, person);
                told(job, file, in, here.isPresent());
                judged(job);
            }
            return said(job, file, kept, here.isPresent());
        }));
    }

    /** Which rows get another name here. Refuses what nobody has decided with 409, and what cannot be the same with 422. */
    private Map<Section, Map<Integer, Map<String, Object>>> renamed(
            List<Pair> named, Collection<String> same, Collection<String> other) {
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

    private void arrived(long job, JobFile file, int kept, Person person) {
        arrivals.keep(new JobArrival(
                UUID.randomUUID(),
                job,
                file.home(),
                file.sha256(),
                kept,
                person.id(),
                clock.instant().truncatedTo(ChronoUnit.MICROS)));
    }

    /** What was changed, so that whoever looks at it sees it. */
    private void told(long job, JobFile file, RowsIn in, boolean isHere) {
        if (in.kept(Section.PERSON) > 0) {
            journal.besides(What.SHOP);
        }
        if (in.kept(Section.OF_THE_DRAWER) > 0) {
            journal.write(Journal.DRAWER, What.DRAWER);
        }
        if (!isHere) {
            journal.write(job, What.PLAN, RowsIn.lastSeq(file) + 1);
        } else if (in.kept(RowsIn.READING) > 0) {
            journal.write(job, What.READING, in.kept(RowsIn.READING));
        }
        journal.write(job, What.ROUND);
    }

    /** That it can be opened: rows that each are sound may still make no job together. */
    private void judged(long job) {
        try {
            jobs.plansOf(jobs.job(job)).forEach(judgements::of);
        } catch (RuntimeException none) {
            if (StorageTrouble.isUnder(none)) {
                throw none;
            }
            throw new NotAJob("job-file-not-judged", Map.of());
        }
    }

    private static String stateOf(int kept, boolean isHere) {
        return !isHere ? "new" : kept == 0 ? "again" : "more";
    }

    private JobArrivedView said(long job, JobFile file, int kept, boolean isHere) {
        String name = file.job().path("name").asString("");
        String state = stateOf(kept, isHere);
        return new JobArrivedView(
                job,
                name,
                state,
                kept,
                words.say("job-file.arrived-" + state, Map.of("name", name, "home", file.home(), "count", kept)));
    }
}
