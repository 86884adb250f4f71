package jawread.server.records;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.Jobs;
import jawread.server.journal.Journal;
import jawread.server.paper.Document;
import jawread.server.report.ReportForm;
import jawread.server.report.Reports;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.tables.CanonicalJson;
import jawread.server.versions.Subject;
import jawread.server.versions.Versions;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Freezes a job: what was read and marked, its plans, its gauges with their checks, the rules in force, and the reports as they stood. */
@Component
class Freezing {
    private static final String FORMAT = "jaw-read-record";
    private static final int EDITION = 1;
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

    /** A job as it is now, to be signed while it is still that. Nobody waits for it: it is written before any lock is taken. */
    @Transactional(readOnly = true)
    public Draft draft(long jobId) {
        Map<Subject, Long> under = versions.under(jobId);
        return new Draft(of(jobs.job(jobId), records.last(jobId), journal.lastOf(jobId), clock.instant()), under);
    }

    /**
     * @param before the record that it takes the place of; empty for the first
     * @param seq the last line of its journal
     */
    private SignedRecord of(Job job, Optional<SignedRecord> before, long seq, Instant at) {
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
        Map<ReportForm, Document> documents = reports.of(job.id(), List.of(ReportForm.FULL, ReportForm.ONE_PAGE));
        content.put("report", fields(documents.get(ReportForm.FULL)));
        content.put("summary", fields(documents.get(ReportForm.ONE_PAGE)));
        content.put("rows", rows.of(job.id()));
        String written = CanonicalJson.of(content);
        return new SignedRecord(
                UUID.randomUUID(),
                job.id(),
                revision,
                written,
                CanonicalJson.digest(written),
                seq,
                at.truncatedTo(ChronoUnit.MICROS));
    }

    /**
     * A record that nobody has signed yet.
     *
     * @param under the versions of all that it was made of
     */
    record Draft(SignedRecord record, Map<Subject, Long> under) {}

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

    /** The report of a record as it stood then. @param form full or one page: there is no blank sheet of what was measured */
    static Document document(SignedRecord record, ReportForm form) {
        String which = form == ReportForm.ONE_PAGE ? "summary" : "report";
        return JSON.treeToValue(JSON.readTree(record.content()).path(which), Document.class);
    }

    /** What the tables held then. */
    static Map<String, List<Map<String, Object>>> rows(SignedRecord record) {
        return JSON.convertValue(JSON.readTree(record.content()).path("rows"), ROWS);
    }
}
