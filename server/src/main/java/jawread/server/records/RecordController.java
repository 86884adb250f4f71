package jawread.server.records;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.MEASURES;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.Person;
import jawread.server.access.ScreenTickets;
import jawread.server.live.Acknowledged;
import jawread.server.paper.Document;
import jawread.server.paper.Html;
import jawread.server.paper.PaperSize;
import jawread.server.paper.Pdf;
import jawread.server.records.RecordView.RecordCheckView;
import jawread.server.report.ReportForm;
import jawread.server.report.Reports;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Signing, opening again, and holding what was signed against what is there. */
@RestController
class RecordController {
    private final Records records;
    private final Signing signing;
    private final RecordPages pages;
    private final RecordCheck check;
    private final IssuedReports issued;
    private final Reports reports;
    private final ScreenTickets tickets;
    private final Html html;
    private final Pdf pdf;
    private final Words words;

    RecordController(
            Records records,
            Signing signing,
            RecordPages pages,
            RecordCheck check,
            IssuedReports issued,
            Reports reports,
            ScreenTickets tickets,
            Html html,
            Pdf pdf,
            Words words) {
        this.records = records;
        this.signing = signing;
        this.pages = pages;
        this.check = check;
        this.issued = issued;
        this.reports = reports;
        this.tickets = tickets;
        this.html = html;
        this.pdf = pdf;
        this.words = words;
    }

    /** @param seen the edition of the page that was looked at */
    record SignRecordBody(String passphrase, String seen) {}

    record RecordReasonBody(String reason) {}

    /** One of the two. @param file in Base64 */
    record RecordCheckBody(
            @Nullable String hash,

            @Nullable @Size(max = 16_000_000, message = "text-longer")
            String file) {}

    @Allowed(ANYONE)
    @GetMapping("/jobs/{job}/record")
    RecordView record(@PathVariable long job, HttpServletRequest request) {
        RecordView page = pages.of(job, tickets.personAt(request));
        signing.expect(page);
        return page;
    }

    /** Whoever stands here signs, and proves it. */
    @Allowed(PERSON)
    @PutMapping("/jobs/{job}/sign-offs/{id}")
    Acknowledged<RecordView> sign(
            @PathVariable long job,
            @PathVariable UUID id,
            @RequestBody SignRecordBody body,
            HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        return Acknowledged.of(
                signing.sign(id, job, body.seen(), person, body.passphrase()),
                () -> pages.of(job, Optional.of(person)));
    }

    @Allowed(PERSON)
    @PutMapping("/records/{record}/reopenings/{id}")
    Acknowledged<RecordView> reopen(
            @PathVariable UUID record,
            @PathVariable UUID id,
            @RequestBody RecordReasonBody body,
            HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        long job = records.byId(record).job();
        return Acknowledged.of(
                records.reopen(id, record, body.reason(), person), () -> pages.of(job, Optional.of(person)));
    }

    /** Strikes what came after a record was frozen. */
    @Allowed(MEASURES)
    @PutMapping("/records/{record}/set-aside")
    RecordView setAside(@PathVariable UUID record, @RequestBody RecordReasonBody body, HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        records.setAside(record, body.reason(), person);
        return pages.of(records.byId(record).job(), Optional.of(person));
    }

    /** Whether a record is still what was signed: by a hash, or by a file that bears one. */
    @Allowed(ANYONE)
    @PostMapping("/records/check")
    RecordCheckView check(@RequestBody RecordCheckBody body) {
        return pages.check(body.file() == null ? check.byHash(body.hash() == null ? "" : body.hash()) : file(body));
    }

    private RecordCheck.Found file(RecordCheckBody body) {
        try {
            return check.byFile(Base64.getDecoder().decode(body.file()));
        } catch (IllegalArgumentException none) {
            throw Refused.field("file", "no-report", words);
        }
    }

    /** As it was signed, and what became of it since. @param form full or one-page */
    @Allowed(ANYONE)
    @GetMapping(path = "/records/{record}/report", produces = MediaType.TEXT_HTML_VALUE)
    String page(@PathVariable UUID record, @RequestParam(defaultValue = "full") String form) {
        return html.article(pages.report(records.byId(record), form(form)));
    }

    /** The same as a file, whose digest is kept. @param paper a4 or letter */
    @Allowed(value = ANYONE, keeps = true)
    @GetMapping(path = "/records/{record}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID record,
            @RequestParam(defaultValue = "full") String form,
            @RequestParam(defaultValue = "a4") String paper)
            throws IOException {
        SignedRecord of = records.byId(record);
        Document document = pages.report(of, form(form));
        var written = new ByteArrayOutputStream();
        pdf.write(document, PaperSize.of(paper), RecordCheck.MARK + of.sha256(), written);
        issued.keep(of, form(form), written.toByteArray());
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "inline; filename=\"record-" + of.job() + "-revision-" + of.revision() + ".pdf\"")
                .body(written.toByteArray());
    }

    /** The record itself: canonical JSON, whose SHA-256 is its hash. */
    @Allowed(ANYONE)
    @GetMapping(path = "/records/{record}/record.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> json(@PathVariable UUID record) {
        SignedRecord of = records.byId(record);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"record-" + of.job() + "-revision-" + of.revision() + ".json\"")
                .body(records.content(of).getBytes(StandardCharsets.UTF_8));
    }

    /** There is no blank sheet of what was signed. */
    private ReportForm form(String code) {
        return reports.form(code, ReportForm.FULL, ReportForm.ONE_PAGE);
    }
}
