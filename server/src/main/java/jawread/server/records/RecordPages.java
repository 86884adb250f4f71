package jawread.server.records;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.Doubt;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.access.Signers;
import jawread.server.job.Job;
import jawread.server.job.JobArrivals;
import jawread.server.job.Jobs;
import jawread.server.judgement.Judgements;
import jawread.server.paper.Block;
import jawread.server.paper.Document;
import jawread.server.records.RecordView.RecordCheckView;
import jawread.server.records.RecordView.SignHereView;
import jawread.server.records.RecordView.SignatureView;
import jawread.server.records.RecordView.SignedRevisionView;
import jawread.server.records.Records.Turn;
import jawread.server.report.ReportForm;
import jawread.server.report.Reports;
import jawread.server.words.Moments;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the page of a job's records, and the reports of what was signed. */
@Service
class RecordPages {
    private final Records records;
    private final SignedInFile elsewhere;
    private final JobArrivals arrivals;
    private final Reports reports;
    private final Signers signers;
    private final People people;
    private final Jobs jobs;
    private final Judgements judgements;
    private final Moments moments;
    private final Words words;

    RecordPages(
            Records records,
            SignedInFile elsewhere,
            JobArrivals arrivals,
            Reports reports,
            Signers signers,
            People people,
            Jobs jobs,
            Judgements judgements,
            Moments moments,
            Words words) {
        this.records = records;
        this.elsewhere = elsewhere;
        this.arrivals = arrivals;
        this.reports = reports;
        this.signers = signers;
        this.people = people;
        this.jobs = jobs;
        this.judgements = judgements;
        this.moments = moments;
        this.words = words;
    }

    /** @param here whoever stands at the screen that asks */
    @Transactional(readOnly = true)
    RecordView of(long jobId, Optional<Person> here) {
        Job job = jobs.job(jobId);
        List<SignedRecord> all = records.of(jobId);
        Optional<SignedRecord> last = all.stream().reduce((before, after) -> after);
        int signed = last.map(records::under).map(List::size).orElse(0);
        String state = last.isEmpty()
                ? "open"
                : records.reopened(last.get()).isPresent()
                        ? "reopened"
                        : signed < Records.wanted(job) ? "half-signed" : "signed";
        return new RecordView(
                job.id(),
                job.name(),
                job.demonstration(),
                records.edition(jobId),
                state,
                words.say(
                        "record.state." + state,
                        Map.of("wanted", Records.wanted(job), "left", Records.wanted(job) - signed)),
                reports.halfDone(jobId).orElse(null),
                here(job, here),
                all.stream()
                        .sorted(Comparator.comparingInt(SignedRecord::revision).reversed())
                        .map(this::revision)
                        .toList(),
                fromElsewhere(jobId));
    }

    /** How it came in, and what was signed of it there. */
    private List<String> fromElsewhere(long job) {
        return Stream.concat(
                        arrivals.of(job).stream()
                                .map(each -> words.say(
                                        "record.arrived",
                                        Map.of(
                                                "home", each.home(),
                                                "at", moments.moment(each.at()),
                                                "who", people.nameOf(each.person()),
                                                "count", each.rows()))),
                        elsewhere.listed(job).stream()
                                .map(each -> words.say(
                                        "record.elsewhere",
                                        Map.of(
                                                "home", each.home(),
                                                "revision", each.record().revision(),
                                                "at",
                                                        moments.moment(
                                                                each.record().madeAt()),
                                                "who", String.join(", ", each.signers()),
                                                "sha256", each.record().sha256()))))
                .toList();
    }

    private SignHereView here(Job job, Optional<Person> here) {
        Turn turn = records.turn(job, here);
        String name = here.map(Person::name).orElse(null);
        if (turn != Turn.NOT) {
            return new SignHereView(
                    turn.code(),
                    name,
                    turn == Turn.DONE ? "" : words.say("record.here." + turn.code(), Map.of("who", name)));
        }
        String who = signers.all().stream().map(each -> each.person().name()).collect(Collectors.joining(", "));
        String may =
                who.isEmpty() ? words.say("record.here.nobody") : words.say("record.here.may", Map.of("signers", who));
        return new SignHereView(
                turn.code(), name, name == null ? may : words.say("record.here.not", Map.of("who", name, "may", may)));
    }

    private SignedRevisionView revision(SignedRecord record) {
        return new SignedRevisionView(
                record.id(),
                record.revision(),
                record.madeAt(),
                record.sha256(),
                records.under(record).stream()
                        .map(each -> new SignatureView(each.number(), each.name(), each.signedAt(), each.sha256()))
                        .toList(),
                since(record),
                records.cameAfter(record).size(),
                reopened(record).orElse(null));
    }

    private Optional<String> reopened(SignedRecord record) {
        return records.reopened(record)
                .map(row -> words.say(
                        "record.reopened",
                        Map.of(
                                "who", people.nameOf(row.person()),
                                "at", moments.moment(row.madeAt()),
                                "reason", row.reason())));
    }

    /** What became of it since: gauges found off, readings that came late, what else was done in the job. */
    private List<String> since(SignedRecord record) {
        var said = new ArrayList<String>();
        foundOff(record).forEach(gauge -> said.add(words.say("record.since.found-off", Map.of("gauge", gauge))));
        int late = records.cameAfter(record).size();
        if (late > 0) {
            said.add(words.say("record.since.readings", Map.of("count", late)));
        }
        int done = records.doneSince(record);
        if (done > 0) {
            said.add(words.say("record.since.done", Map.of("count", done)));
        }
        return said;
    }

    /** Gauges of its readings that a look found off which was not known when it was frozen. */
    private List<String> foundOff(SignedRecord record) {
        List<Doubt.ZeroMoved> off = jobs.plansOf(jobs.job(record.job())).stream()
                .flatMap(plan -> judgements.of(plan).all().stream())
                .flatMap(feature -> feature.rounds().stream())
                .flatMap(round -> round.places().stream())
                .flatMap(place -> place.doubts().stream())
                .filter(Doubt.ZeroMoved.class::isInstance)
                .map(Doubt.ZeroMoved.class::cast)
                .toList();
        if (off.isEmpty()) {
            // Most are never: then what was frozen, which may be long, need not be read.
            return List.of();
        }
        Map<String, List<Map<String, Object>>> rows = Freezing.rows(records.content(record));
        Set<String> known = keys(rows, "gauge_check");
        Set<String> read = keys(rows, "reading");
        return off.stream()
                .filter(doubt -> read.contains(doubt.reading().id().toString())
                        && !known.contains(doubt.moved().look().id().toString()))
                .map(doubt -> doubt.on().number())
                .distinct()
                .sorted()
                .toList();
    }

    private static Set<String> keys(Map<String, List<Map<String, Object>>> rows, String table) {
        return rows.getOrDefault(table, List.of()).stream()
                .map(row -> Objects.toString(row.get("id")))
                .collect(Collectors.toSet());
    }

    /** A record's report as it stood, with its signatures and what became of it since beneath. */
    @Transactional(readOnly = true)
    Document report(SignedRecord record, ReportForm form) {
        Document frozen = Freezing.document(records.content(record), form);
        var blocks = new ArrayList<Block>(frozen.blocks());
        blocks.add(Block.Title.of(2, words.say("record.signed")));
        var facts = new ArrayList<Block.Fact>();
        facts.add(new Block.Fact(words.say("record.fact.revision"), Integer.toString(record.revision())));
        facts.add(new Block.Fact(words.say("record.fact.frozen"), moments.moment(record.madeAt())));
        facts.add(new Block.Fact(words.say("record.fact.sha256"), record.sha256()));
        records.under(record)
                .forEach(each -> facts.add(new Block.Fact(
                        words.say("record.fact.signed-by", Map.of("number", Integer.toString(each.number()))),
                        words.say(
                                "record.signed-by",
                                Map.of(
                                        "who", each.name(),
                                        "at", moments.moment(each.signedAt()),
                                        "sha256", each.sha256())))));
        blocks.add(new Block.Facts(facts));
        reopened(record).ifPresent(said -> blocks.add(new Block.Paragraph(Block.Weight.BARRED, said)));
        since(record)
                .forEach(said -> blocks.add(
                        new Block.Paragraph(Block.Weight.BARRED, words.say("record.since", Map.of("said", said)))));
        blocks.add(new Block.Paragraph(Block.Weight.QUIET, words.say("record.promise")));
        return new Document(frozen.mark(), frozen.title(), frozen.running(), blocks);
    }

    RecordCheckView check(RecordCheck.Found found) {
        SignedRecord record = found.record();
        return new RecordCheckView(
                found.fits(),
                found.sentence(),
                found.misfits(),
                record.id(),
                record.job(),
                jobs.job(record.job()).name(),
                record.revision());
    }
}
