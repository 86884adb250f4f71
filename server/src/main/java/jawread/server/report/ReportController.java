package jawread.server.report;

import static jawread.server.access.Allowed.To.ANYONE;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import jawread.server.access.Allowed;
import jawread.server.paper.Document;
import jawread.server.paper.Html;
import jawread.server.paper.PaperSize;
import jawread.server.paper.Pdf;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A job on paper as it is now; what was signed is asked for by its record. */
@RestController
@RequestMapping("/jobs/{job}")
class ReportController {
    private final Reports reports;
    private final Html html;
    private final Pdf pdf;

    ReportController(Reports reports, Html html, Pdf pdf) {
        this.reports = reports;
        this.html = html;
        this.pdf = pdf;
    }

    /** @param form full, one-page or blank */
    @Allowed(ANYONE)
    @GetMapping(path = "/report", produces = MediaType.TEXT_HTML_VALUE)
    String page(@PathVariable long job, @RequestParam(defaultValue = "full") String form) {
        return html.article(reports.of(job, reports.form(form, ReportForm.values())));
    }

    /** @param form full, one-page or blank @param paper a4 or letter @param pictures whether they are drawn */
    @Allowed(ANYONE)
    @GetMapping(path = "/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable long job,
            @RequestParam(defaultValue = "full") String form,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "true") boolean pictures)
            throws IOException {
        Document all = reports.of(job, reports.form(form, ReportForm.values()));
        Document document = pictures ? all : all.withoutPictures();
        var written = new ByteArrayOutputStream();
        pdf.write(document, PaperSize.of(paper), "", written);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"report-" + job + "-" + form + ".pdf\"")
                .body(written.toByteArray());
    }
}
