package jawread.server.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The demo's jobs on paper, and one whose name somebody meant as a trick. */
@ExtendWith(RunningServer.class)
class ReportTest {
    private static final List<String> DEMO = List.of(
            "New idler shafts",
            "Filter valve seats",
            "Stop-log hoist, drum shaft",
            "Sluice spindle",
            "Three-throw pump");

    private final Server server;

    ReportTest(Server server) {
        this.server = server;
    }

    private long job(String name) {
        for (JsonNode job : server.get("/api/v1/bench").json().path("jobs")) {
            if (job.path("name").asString().equals(name)) {
                return job.path("id").asLong();
            }
        }
        throw new IllegalArgumentException(name);
    }

    private PDDocument pdf(long job, String asked) throws IOException, InterruptedException {
        return Loader.loadPDF(HttpClient.newHttpClient()
                .send(
                        server.request("/api/v1/jobs/" + job + "/report.pdf?" + asked)
                                .build(),
                        BodyHandlers.ofByteArray())
                .body());
    }

    @Test
    void the_summary_of_each_demo_job_fits_one_page_of_either_paper() throws Exception {
        for (String name : DEMO) {
            for (String paper : List.of("a4", "letter")) {
                try (PDDocument summary = pdf(job(name), "form=one-page&paper=" + paper)) {
                    assertThat(summary.getNumberOfPages())
                            .as(name + " " + paper)
                            .isEqualTo(1);
                }
            }
        }
    }

    @Test
    void each_page_of_the_full_report_says_whose_it_is_and_how_far_it_has_come() throws Exception {
        try (PDDocument full = pdf(job("Three-throw pump"), "form=full")) {
            assertThat(full.getDocumentCatalog().getDocumentOutline().hasChildren())
                    .isTrue();
            assertThat(full.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
            var pages = new ArrayList<String>();
            for (int page = 1; page <= full.getNumberOfPages(); page++) {
                var reader = new PDFTextStripper();
                reader.setStartPage(page);
                reader.setEndPage(page);
                pages.add(reader.getText(full));
            }
            assertThat(pages).hasSizeGreaterThan(5);
            for (int page = 0; page < pages.size(); page++) {
                assertThat(pages.get(page))
                        .contains("Low Weir Workshop")
                        .contains("Demonstration: nothing here was measured on a real part.")
                        .contains("Half done: ")
                        .contains("page " + (page + 1) + " of " + pages.size());
            }
            assertThat(String.join(" ", pages))
                    .contains("barrel 2: form past its limit")
                    .contains("± 0.00023 in");
        }
    }

    @Test
    void without_pictures_it_says_no_less() throws Exception {
        long pump = job("Three-throw pump");
        String page = server.get("/api/v1/jobs/" + pump + "/report").text();
        assertThat(page).contains("<svg ").doesNotContain("<script");
        try (PDDocument bare = pdf(pump, "pictures=false");
                PDDocument full = pdf(pump, "pictures=true")) {
            assertThat(bare.getNumberOfPages()).isLessThan(full.getNumberOfPages());
            assertThat(new PDFTextStripper().getText(bare)).contains("top, thrust");
        }
    }

    @Test
    void what_somebody_typed_stands_in_it_as_text() throws Exception {
        String name = "<b>&amp; \"one\" {{blocks}} <svg onload=alert(1)>";
        long job = server.send(Server.json(
                        server.ansasRequest("/api/v1/jobs"),
                        "POST",
                        Map.of("name", name, "limitsSource", "]]>", "unit", "mm", "template", "")))
                .json()
                .path("id")
                .asLong();
        assertThat(job).isPositive();
        String page = server.get("/api/v1/jobs/" + job + "/report").text();
        assertThat(page)
                .contains("&lt;b&gt;&amp;amp; &quot;one&quot; {{blocks}} &lt;svg onload=alert(1)&gt;")
                .doesNotContain("<b>");
        try (PDDocument pdf = pdf(job, "form=one-page")) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("<b>&amp; \"one\"");
        }
    }

    @Test
    void a_form_that_is_none_is_refused_with_those_there_are() {
        var refused = server.get("/api/v1/jobs/" + job("Sluice spindle") + "/report?form=short");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("Right would be one of: full, one-page, blank.");
    }

    @Test
    void the_sheet_by_hand_has_a_code_and_boxes_for_each_place() {
        String page = server.get("/api/v1/jobs/" + job("New idler shafts") + "/report?form=blank")
                .text();
        assertThat(page).contains("<td>A1</td>").contains("<td>B1</td>").doesNotContain("25.009");
    }
}
