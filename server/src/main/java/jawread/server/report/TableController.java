package jawread.server.report;

import static jawread.server.access.Allowed.To.ANYONE;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import jawread.server.access.Allowed;
import jawread.server.paper.Block;
import jawread.server.tabular.DataTable;
import jawread.server.tabular.Separated;
import jawread.server.tabular.TableFile;
import jawread.server.tabular.Xlsx;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A job taken along to another program: tables and pictures. */
@RestController
@RequestMapping("/jobs/{job}")
class TableController {
    private static final String TABS = "text/tab-separated-values";
    private static final String BOOK = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
    private static final String VERSION = "1.0";
    private static final String MARK = "\uFEFF";

    private final JobInTables tables;
    private final Reports reports;
    private final Words words;

    TableController(JobInTables tables, Reports reports, Words words) {
        this.tables = tables;
        this.reports = reports;
        this.words = words;
    }

    /** @param table readings, verdicts, features, gauges or checks @param bom whether the file begins with a byte order mark */
    @Allowed(ANYONE)
    @GetMapping(path = "/tables/{table}.csv", produces = TableFile.CSV)
    ResponseEntity<byte[]> csv(
            @PathVariable long job, @PathVariable String table, @RequestParam(defaultValue = "false") boolean bom) {
        String text = (bom ? MARK : "") + Separated.csv(named(job, table));
        return TableFile.csv(text, table + "-" + job);
    }

    /** For a clipboard. @param table as for CSV */
    @Allowed(ANYONE)
    @GetMapping(path = "/tables/{table}.tsv", produces = TABS)
    ResponseEntity<byte[]> tabs(@PathVariable long job, @PathVariable String table) {
        byte[] text = Separated.tabs(named(job, table)).getBytes(StandardCharsets.UTF_8);
        return TableFile.of(text, TABS + ";charset=UTF-8", table + "-" + job + ".tsv");
    }

    /** All of them in one workbook. */
    @Allowed(ANYONE)
    @GetMapping(path = "/tables.xlsx", produces = BOOK)
    ResponseEntity<byte[]> book(@PathVariable long job) throws IOException {
        var written = new ByteArrayOutputStream();
        Xlsx.write(tables.of(job), VERSION, written);
        return TableFile.of(written.toByteArray(), BOOK, "job-" + job + ".xlsx");
    }

    /** Every picture of the full report, each as an SVG of its own. */
    @Allowed(ANYONE)
    @GetMapping(path = "/pictures.zip", produces = "application/zip")
    ResponseEntity<byte[]> pictures(@PathVariable long job) throws IOException {
        var written = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(written, StandardCharsets.UTF_8)) {
            int number = 0;
            String of = "";
            for (Block block : reports.of(job, ReportForm.FULL).blocks()) {
                if (block instanceof Block.Title title) {
                    of = title.text();
                } else if (block instanceof Block.Pictures pictures) {
                    for (Block.Picture picture : pictures.pictures()) {
                        number++;
                        zip.putNextEntry(new ZipEntry(String.format(Locale.ROOT, "%03d %s.svg", number, plain(of))));
                        zip.write(picture.svg().getBytes(StandardCharsets.UTF_8));
                        zip.closeEntry();
                    }
                }
            }
        }
        return TableFile.of(written.toByteArray(), "application/zip", "pictures-" + job + ".zip");
    }

    /** A name that any file may have. */
    private static String plain(String title) {
        String plain = title.replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
        return plain.substring(0, Math.min(plain.length(), 60));
    }

    private DataTable named(long job, String name) {
        List<String> names = JobInTables.names();
        if (!names.contains(name)) {
            throw Refused.of(
                    HttpStatus.NOT_FOUND,
                    "no-such-table",
                    words.say("problem.no-such-table", Map.of("choices", String.join(", ", names))));
        }
        return tables.of(job).get(names.indexOf(name));
    }
}
