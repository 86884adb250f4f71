package jawread.server.records;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.Jobs;
import jawread.server.journal.Journal;
import jawread.server.live.Beside;
import jawread.server.paper.Document;
import jawread.server.report.ReportForm;
import jawread.server.report.Reports;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.tables.CanonicalJson;
import jawread.server.versions.Subject;
import jawread.server.versions.Versions;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.util.RawValue;

/** Freezes a job: what was read and marked, its plans, its gauges with their checks, the rules in force, and the reports as they stood. */
@Component
class Freezing {
    private static final String FORMAT = "jaw-read-record";
    private static final int EDITION = 1;
    /** The forms that a record holds, by their names in it. */
    private static final Map<ReportForm, String> PAPERS =
            Map.of(ReportForm.FULL, "report", ReportForm.ONE_PAGE, "summary");

    private static final TypeReference<Map<String, Object>> FIELDS = new TypeReference<>() {};
    private static final TypeReference<Map<String, List<Map<String, Object>>>> ROWS = new TypeReference<>() {};
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Reports reports;
    private final FrozenRows rows;
    private final ShopSettings settings;
    private final Jobs jobs;
    private final Records records;
    private final Journal journal;
    private final Versions versions;
    private final Clock clock;
    /** Ends with the work it was given, never by an interrupt: a thread that is interrupted while it reads closes the shop's file with it. */
    private final ExecutorService writers = Executors.newCachedThreadPool(Beside.named("record-writer"));

    Freezing(
            Reports reports,
            FrozenRows rows,
            ShopSettings settings,
            Jobs jobs,
            Records records,
            Journal journal,
            Versions versions,
            Clock clock) {
        this.reports = reports;
        this.rows = rows;
        this.settings = settings;
        this.jobs = jobs;
        this.records = records;
        this.journal = journal;
        this.versions = versions;
        this.clock = clock;
    }

    /**
     * Begins to write a job down as it is now, to be signed while it is still that. It is written under no lock, and not at one moment:
     * the versions and the end of its journal are those from before all that it says, and whoever signs compares.
     */
    Begun begin(long jobId) {
        Instant at = clock.instant();
        Map<Subject, Long> under = versions.under(jobId);
        long seq = journal.lastOf(jobId);
        Job job = jobs.job(jobId);
        return new Begun(
                job,
                at,
                seq,
                under,
                CompletableFuture.supplyAsync(() -> papers(jobId), writers),
                CompletableFuture.supplyAsync(() -> CanonicalJson.part(rows.of(jobId)), writers));
    }

    @PreDestroy
    void end() {
        writers.shutdown();
    }

    /** A job that is being written down. */
    final class Begun {
        private final Job job;
        private final Instant at;
        /** The last line of its journal. */
        private final long seq;

        private final Map<Subject, Long> under;
        private final CompletableFuture<Map<String, RawValue>> papers;
        private final CompletableFuture<RawValue> written;

        private Begun(
                Job job,
                Instant at,
                long seq,
                Map<Subject, Long> under,
                CompletableFuture<Map<String, RawValue>> papers,
                CompletableFuture<RawValue> written) {
            this.job = job;
            this.at = at;
            this.seq = seq;
            this.under = under;
            this.papers = papers;
            this.written = written;
        }

        long job() {
            return job.id();
        }

        /** Whether it can be signed: the job is still what is written down, as far as that can be known without a lock. */
        boolean isStill() {
            return !papers.isCompletedExceptionally()
                    && !written.isCompletedExceptionally()
                    && seq == journal.lastOf(job.id())
                    && under.equals(versions.under(job.id()));
        }

        boolean isWritten() {
            return papers.isDone() && written.isDone();
        }

        /** Waits until all of it is written. */
        Draft draft() {
            try {
                return drafted(written.get(), papers.get());
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException("Interrupted while job " + job.id() + " was written down", e);
            } catch (ExecutionException e) {
                throw e.getCause() instanceof RuntimeException failure ? failure : new IllegalStateException(e);
            }
        }

        private Draft drafted(RawValue cells, Map<String, RawValue> onPaper) {
            // It takes the place of the last one, if there is one.
            Optional<SignedRecord> before = records.last(job.id());
            int revision = before.map(SignedRecord::revision).orElse(0) + 1;
            var content = new HashMap<String, Object>();
            content.put("format", FORMAT);
            content.put("edition", EDITION);
            content.put("shop", settings.of(Setting.SHOP_NAME));
            content.put("job", head(job));
            content.put("revision", revision);
            content.put("frozen", at.truncatedTo(ChronoUnit.MICROS).toString());
            before.ifPresent(of -> content.put("follows", of.sha256()));
            content.put("rules", job.choices());
            content.putAll(onPaper);
            content.put("rows", cells);
            String whole = CanonicalJson.of(content);
            var record = new SignedRecord(
                    UUID.randomUUID(),
                    job.id(),
                    revision,
                    CanonicalJson.digest(whole),
                    seq,
                    at.truncatedTo(ChronoUnit.MICROS));
            return new Draft(record, whole, under);
        }
    }

    /** The reports as they stand, each under its name in the record. */
    private Map<String, RawValue> papers(long jobId) {
        Map<ReportForm, Document> documents = reports.of(jobId, List.copyOf(PAPERS.keySet()));
        return documents.entrySet().stream()
                .collect(Collectors.toMap(
                        each -> PAPERS.get(each.getKey()), each -> CanonicalJson.part(fields(each.getValue()))));
    }

    /**
     * A record that nobody has signed yet.
     *
     * @param content what it says
     * @param under the versions of all that it was made of
     */
    record Draft(SignedRecord record, String content, Map<Subject, Long> under) {}

    private static Map<String, Object> head(Job job) {
        JobHead head = job.head();
        var said = new LinkedHashMap<String, Object>();
        said.put("id", Long.toString(job.id()));
        said.put("name", head.name());
        said.put("about", head.about());
        said.put("limitsSource", head.limitsSource());
        said.put("customerReference", head.customerReference());
        said.put("unit", head.unit().symbol());
        said.put("material", head.material());
        said.put("temperature", head.temperature());
        said.put("livesHangOnIt", head.livesHangOnIt());
        said.put("decider", head.decider());
        said.put("demonstration", job.demonstration());
        said.put("opened", job.openedAt().toString());
        return said;
    }

    private static Map<String, Object> fields(Document document) {
        return JSON.convertValue(document, FIELDS);
    }

    /** The report of a record as it stood then. @param content of the record @param form full or one page: there is no blank sheet of what was measured */
    static Document document(String content, ReportForm form) {
        return JSON.treeToValue(JSON.readTree(content).path(PAPERS.get(form)), Document.class);
    }

    /** What the tables held then. @param content of the record */
    static Map<String, List<Map<String, Object>>> rows(String content) {
        return JSON.convertValue(JSON.readTree(content).path("rows"), ROWS);
    }
}
