package jawread.server.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.net.http.HttpClient;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The demo's pump, taken along to other programs. */
@ExtendWith(RunningServer.class)
class JobInTablesTest {
    private final Server server;
    private final long pump;

    JobInTablesTest(Server server) {
        this.server = server;
        JsonNode found = null;
        for (JsonNode job : server.get("/api/v1/bench").json().path("jobs")) {
            found = job.path("name").asString().equals("Three-throw pump") ? job : found;
        }
        this.pump = found.path("id").asLong();
    }

    private byte[] file(String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(server.request("/api/v1/jobs/" + pump + path).build(), BodyHandlers.ofByteArray())
                .body();
    }

    private List<CSVRecord> rows(String table) throws IOException, InterruptedException {
        String text = new String(file("/tables/" + table + ".csv"), StandardCharsets.UTF_8);
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))
                .getRecords();
    }

    @Test
    void every_reading_goes_out_once_with_its_unit_its_gauge_and_its_time() throws Exception {
        List<CSVRecord> readings = rows("readings");
        assertThat(readings).hasSize(66);
        assertThat(readings.stream().map(row -> row.get("id"))).doesNotHaveDuplicates();
        CSVRecord first = readings.stream()
                .filter(row -> row.get("part").equals("barrel 2"))
                .findFirst()
                .orElseThrow();
        assertThat(first.get("reading")).isEqualTo("3.2563");
        assertThat(first.get("unit")).isEqualTo("in");
        assertThat(first.get("reading_in")).isEqualTo("3.2563");
        assertThat(Double.parseDouble(first.get("reading_mm"))).isBetween(82.709, 82.711);
        assertThat(first.get("gauge")).isEqualTo("B1");
        assertThat(first.get("taken_at")).matches("\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d(:\\d\\d)?(\\.\\d+)?Z");
        assertThat(first.get("setting")).contains("3.25");
    }

    @Test
    void features_gauges_checks_and_verdicts_go_out_as_well() throws Exception {
        assertThat(rows("features")).anySatisfy(row -> {
            assertThat(row.get("feature")).isEqualTo("barrel bore");
            assertThat(row.get("lower")).isEqualTo("3.2500");
            assertThat(row.get("upper_mm")).isEqualTo("82.5957");
            assertThat(row.get("service")).isEqualTo("3.2600");
        });
        assertThat(rows("gauges").stream().map(row -> row.get("gauge"))).contains("B1", "M4");
        assertThat(rows("checks")).isNotEmpty();
        assertThat(rows("verdicts").stream()
                        .filter(row -> row.get("place").isEmpty())
                        .map(row -> row.get("verdict")))
                .contains("as-new");
    }

    @Test
    void a_byte_order_mark_is_there_when_asked_for_alone() throws Exception {
        assertThat(file("/tables/gauges.csv")[0]).isEqualTo((byte) 'g');
        assertThat(file("/tables/gauges.csv?bom=true")).startsWith(0xEF, 0xBB, 0xBF);
    }

    @Test
    void the_workbook_holds_the_same_tables() throws Exception {
        try (var book = new ReadableWorkbook(new ByteArrayInputStream(file("/tables.xlsx")))) {
            assertThat(book.getSheets().map(table -> table.getName())).containsExactlyElementsOf(JobInTables.names());
            assertThat(book.getFirstSheet().read()).hasSize(67);
        }
    }

    @Test
    void each_picture_is_a_drawing_of_its_own() throws Exception {
        var names = new ArrayList<String>();
        try (var zip = new ZipInputStream(new ByteArrayInputStream(file("/pictures.zip")), StandardCharsets.UTF_8)) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                assertThat(DocumentBuilderFactory.newInstance()
                                .newDocumentBuilder()
                                .parse(new ByteArrayInputStream(zip.readAllBytes()))
                                .getDocumentElement()
                                .getTagName())
                        .isEqualTo("svg");
            }
        }
        assertThat(names).hasSizeGreaterThan(20).anyMatch(name -> name.contains("barrel bore"));
    }

    @Test
    void a_table_that_is_none_is_refused_with_those_there_are() {
        var refused = server.get("/api/v1/jobs/" + pump + "/tables/people.csv");
        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.text()).contains("readings, verdicts, features, gauges, checks");
    }
}
