package jawread.server.records;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.ReadingMark;
import jawread.server.access.Person;
import jawread.server.access.Signers;
import jawread.server.job.Job;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.measure.Marks;
import jawread.server.storage.Locks;
import jawread.server.versions.Versions;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs jobs and opens them again. Nothing that was signed is ever changed. */
@Service
public class Records {
    private static final int LONGEST_REASON = 400;

    private final SignedRecordRepository records;
    private final SignOffRepository signOffs;
    private final ReopeningRepository reopenings;
    private final Signers signers;
    private final Jobs jobs;
    private final Marks marks;
    private final Journal journal;
    private final Versions versions;
    private final Locks locks;
    private final JobLocks jobLocks;
    private final JdbcTemplate database;
    private final Clock clock;
    private final Words words;

    Records(
            SignedRecordRepository records,
            SignOffRepository signOffs,
            ReopeningRepository reopenings,
            Signers signers,
            Jobs jobs,
            Marks marks,
            Journal journal,
            Versions versions,
            Locks locks,
            JobLocks jobLocks,
            JdbcTemplate database,
            Clock clock,
            Words words) {
        this.records = records;
        this.signOffs = signOffs;
        this.reopenings = reopenings;
        this.signers = signers;
        this.jobs = jobs;
        this.marks = marks;
        this.journal = journal;
        this.versions = versions;
        this.locks = locks;
        this.jobLocks = jobLocks;
        this.database = database;
        this.clock = clock;
        this.words = words;
    }

    /** A job is countersigned at most. */
    private static final int MOST_SIGNATURES = 2;

    /** How many sign a job before it counts as signed; another may countersign it. */
    static int wanted(Job job) {
        return job.livesHangOnIt() ? MOST_SIGNATURES : 1;
    }

    /** Whose turn it is to sign. */
    enum Turn {
        SIGN,
        /** It is signed by as many as are wanted; another may sign it, too. */
        COUNTERSIGN,
        NO_PASSPHRASE,
        NOT,
        /** They have signed it, or nobody more is wanted. */
        DONE;

        String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** What somebody may do now about a job. @param person empty where nobody stands at the screen */
    Turn turn(Job job, Optional<Person> person) {
        List<SignOff> under = standing(job.id()).map(this::under).orElse(List.of());
        boolean isSigned = under.size() >= wanted(job);
        if (under.size() >= MOST_SIGNATURES
                || under.stream()
                        .anyMatch(each ->
                                person.filter(one -> one.id() == each.person()).isPresent())) {
            return Turn.DONE;
        }
        if (person.filter(Signers::maySign).isEmpty()) {
            return isSigned ? Turn.DONE : Turn.NOT;
        }
        if (!signers.hasPassphrase(person.get())) {
            return Turn.NO_PASSPHRASE;
        }
        return isSigned ? Turn.COUNTERSIGN : Turn.SIGN;
    }

    /** All that were ever signed of a job, the first first. */
    List<SignedRecord> of(long job) {
        return records.findRecordsOf(job);
    }

    List<SignOff> under(SignedRecord record) {
        return signOffs.findAllByRecordIdOrderByNumber(record.id()).stream()
                .map(SignOffRow::signOff)
                .toList();
    }

    Optional<ReopeningRow> reopened(SignedRecord record) {
        return reopenings.findByRecordId(record.id());
    }

    /** Refuses an unknown one with 404. */
    SignedRecord byId(UUID id) {
        return records.findRecord(id)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-record", words.say("problem.no-such-record")));
    }

    /** What it says: canonical JSON, whose SHA-256 is its hash. */
    String content(SignedRecord record) {
        return records.findContent(record.id());
    }

    Optional<SignedRecord> last(long job) {
        return of(job).stream().reduce((before, last) -> last);
    }

    /** The record in force: signed by at least one, and not opened again. */
    Optional<SignedRecord> standing(long job) {
        return last(job).filter(last -> reopened(last).isEmpty());
    }

    /** What whoever signs has before them: a change of it since is told. */
    String edition(long job) {
        return standing(job).map(SignedRecord::sha256).orElseGet(() -> Long.toString(journal.lastOf(job)));
    }

    /**
     * Signs a job, once. The first signature freezes it; a second is put under the same. Refuses a job in which nothing was read, one that was
     * changed since it was looked at, one that is signed already, and the same person twice.
     *
     * @param person who has proven to be it
     * @param seen the edition that was looked at
     * @param draft what is signed; null where somebody's signature stands under it already
     * @return empty where the draft is not the job any more: another is wanted
     */
    @Transactional
    Optional<Receipt> sign(UUID id, long jobId, String seen, Person person, @Nullable Freezing.Draft draft) {
        locks.settings();
        jobLocks.ofJob(jobId);
        Optional<SignOff> before = signOffs.findById(id).map(SignOffRow::signOff);
        if (before.isPresent()) {
            if (before.get().person() != person.id()
                    || byId(before.get().record()).job() != jobId) {
                throw Refused.keptOtherwise(words);
            }
            return Optional.of(Receipt.before(id));
        }
        jobs.job(jobId);
        Optional<SignedRecord> standing = standing(jobId);
        List<SignOff> under = standing.map(this::under).orElse(List.of());
        if (under.size() >= MOST_SIGNATURES) {
            throw conflict("signed-already");
        }
        if (under.stream().anyMatch(each -> each.person() == person.id())) {
            throw conflict("signed-by-you");
        }
        if (!edition(jobId).equals(seen)) {
            throw conflict("changed-while-signing");
        }
        if (standing.isEmpty()) {
            refusePractice(jobId);
            refuseEmpty(jobId);
            if (draft == null
                    || draft.record().seq() != journal.lastOf(jobId)
                    || !draft.under().equals(versions.under(jobId))) {
                return Optional.empty();
            }
        }
        SignedRecord record = standing.orElseGet(() -> kept(draft));
        List<SignOffRow> last = signOffs.findLast();
        String follows = last.stream()
                .map(SignOffRow::signOff)
                .map(SignOff::sha256)
                .findFirst()
                .orElse(SignOff.FIRST);
        signOffs.save(new SignOffRow(SignOff.of(id, record, under.size() + 1, person, clock.instant(), follows)));
        return Optional.of(Receipt.now(id, journal.write(jobId, What.RECORD)));
    }

    private void refusePractice(long job) {
        if (jobs.job(job).practice()) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT, "practice-unsigned", words.say("problem.practice-unsigned"));
        }
    }

    private void refuseEmpty(long job) {
        Integer read = database.queryForObject("SELECT COUNT(*) FROM reading WHERE job_id = ?", Integer.class, job);
        if (read == null || read == 0) {
            throw Refused.of(HttpStatus.UNPROCESSABLE_CONTENT, "nothing-to-sign", words.say("problem.nothing-to-sign"));
        }
    }

    private SignedRecord kept(Freezing.Draft draft) {
        records.save(new SignedRecordRow(draft.record(), draft.content()));
        return draft.record();
    }

    /** Opens a signed job again, once. Refuses one without a reason, one that was opened already, and whoever may not sign. */
    @Transactional
    public Receipt reopen(UUID id, UUID recordId, String reason, Person person) {
        SignedRecord record = byId(recordId);
        jobLocks.ofJob(record.job());
        if (!Signers.maySign(person)) {
            throw Refused.of(
                    HttpStatus.FORBIDDEN,
                    "may-not-sign",
                    words.say("problem.may-not-sign", Map.of("who", person.name())));
        }
        String why = reason.strip();
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw Refused.field("reason", "reopening-reason", words);
        }
        Optional<ReopeningRow> before = reopenings.findById(id);
        if (before.isPresent()) {
            if (!before.get().recordId().equals(recordId)
                    || !before.get().reason().equals(why)) {
                throw Refused.keptOtherwise(words);
            }
            return Receipt.before(id);
        }
        if (standing(record.job()).filter(last -> last.id().equals(recordId)).isEmpty()) {
            throw conflict("reopened-already");
        }
        reopenings.save(new ReopeningRow(id, recordId, why, person.id(), clock.instant()));
        return Receipt.now(id, journal.write(record.job(), What.RECORD));
    }

    /** Readings that were kept in its job after it was frozen, and that still count. */
    List<UUID> cameAfter(SignedRecord record) {
        return database.queryForList(
                "SELECT r.id FROM reading r WHERE r.job_id = ? AND r.seq > ? AND NOT EXISTS"
                        + " (SELECT 1 FROM reading_mark m WHERE m.reading_id = r.id AND m.kind = 'STRIKE') ORDER BY r.seq",
                UUID.class,
                record.job(),
                record.seq());
    }

    /** How often anything else was done in its job since, but signing and opening. */
    int doneSince(SignedRecord record) {
        Integer done = database.queryForObject(
                "SELECT COUNT(*) FROM journal WHERE job_id = ? AND seq > ? AND what NOT IN ('RECORD', 'READING')",
                Integer.class,
                record.job(),
                record.seq());
        return done == null ? 0 : done;
    }

    /** Strikes what came after a record was frozen, each with the same reason: it stays on the record of the job, and counts no more. */
    @Transactional
    public void setAside(UUID recordId, String reason, Person person) {
        SignedRecord record = byId(recordId);
        jobLocks.ofJob(record.job());
        cameAfter(record)
                .forEach(reading -> marks.make(new Marks.MakeMark(
                        UUID.randomUUID(),
                        reading,
                        ReadingMark.Kind.STRIKE,
                        ReadingMark.Answer.NONE,
                        reason,
                        person.id())));
    }

    Refused conflict(String code) {
        return Refused.of(HttpStatus.CONFLICT, code, words.say("problem." + code));
    }
}
