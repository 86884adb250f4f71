package jawread.server.plan;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A drawing's list goes out as a file, and comes in from one. */
@ExtendWith(RunningServer.class)
class DrawingListTest {
    private static final String BUSH = """
            Drawing title:	Bush for the winch
            Drawing	LW-118, revision C
            Material	bronze
            Temperature	22 °C
            General tolerances	ISO 2768-mK
            Unit	mm

            No	Feature	Limits
            1	bore	44 H8
            2	length	60
            """;

    private final Server server;
    private final Drafting drafting;

    DrawingListTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    private JsonNode open(String name, String unit) {
        Answer answer = drafting.post(
                "/api/v1/jobs",
                Map.of("name", name, "limitsSource", "drawing 1, revision A", "unit", unit, "template", ""));
        assertThat(answer.status()).isEqualTo(201);
        return answer.json();
    }

    private long plan(JsonNode job) {
        return drafting.plan(job).path("id").asLong();
    }

    private JsonNode pasted(long plan, String text, boolean withTitle) {
        return drafting.post("/api/v1/plans/" + plan + "/pasted", Map.of("text", text, "withTitle", withTitle))
                .json();
    }

    private static JsonNode line(JsonNode pasted, String field) {
        return StreamSupport.stream(pasted.path("title").spliterator(), false)
                .filter(each -> each.path("field").asString().equals(field))
                .findFirst()
                .orElseThrow();
    }

    private static String sentence(JsonNode pasted, int row) {
        return pasted.path("rows")
                .get(row)
                .path("feature")
                .path("limits")
                .path("sentence")
                .asString();
    }

    @Test
    void a_title_block_above_the_features_is_told_from_them_and_they_are_understood_by_it() {
        long plan = plan(open("bush", "in"));
        JsonNode pasted = pasted(plan, BUSH, true);
        assertThat(line(pasted, "name").path("value").asString()).isEqualTo("Bush for the winch");
        assertThat(line(pasted, "name").path("now").asString()).isEqualTo("bush");
        assertThat(line(pasted, "limitsSource").path("value").asString()).isEqualTo("LW-118, revision C");
        assertThat(line(pasted, "temperature").path("value").asString()).isEqualTo("22");
        assertThat(line(pasted, "general-tolerance").path("value").asString()).isEqualTo("m");
        assertThat(line(pasted, "unit").path("value").asString()).isEqualTo("mm");
        assertThat(pasted.path("title")).noneMatch(each -> each.has("refused"));
        assertThat(pasted.path("columns").toString()).isEqualTo("[\"number\",\"name\",\"limits\"]");
        assertThat(pasted.path("rows")).hasSize(2);
        assertThat(pasted.path("rows").get(0).path("line").asInt()).isEqualTo(9);
        assertThat(sentence(pasted, 0)).contains("44.000 mm").contains("44.039 mm");
        assertThat(sentence(pasted, 1)).isEqualTo("59.7 mm (2.350 in) to 60.3 mm (2.374 in)");
        assertThat(pasted(plan, BUSH, false)
                        .path("rows")
                        .get(1)
                        .path("feature")
                        .path("refused")
                        .has("limits"))
                .as("the job's own title block says nothing of a size without a tolerance")
                .isTrue();
    }

    @Test
    void what_a_head_cannot_say_is_refused_line_by_line() {
        JsonNode job = open("refused", "mm");
        long plan = plan(job);
        drafting.add(drafting.plan(job), typed("pin", "outside", "10 h7"));
        JsonNode pasted =
                pasted(plan, "unit\tin\nmaterial\tcheese\ntemperature\twarm\n.xxx\tmuch\nname\tlimits\npin\t1\n", true);
        assertThat(line(pasted, "unit").path("refused").asString())
                .startsWith("Sizes are planned in this unit already");
        assertThat(line(pasted, "material").path("refused").asString()).startsWith("There is no such material");
        assertThat(line(pasted, "temperature").path("refused").asString()).isNotBlank();
        assertThat(line(pasted, "decimals-3").path("refused").asString()).isNotBlank();
        assertThat(pasted.path("rows")).hasSize(1);
    }

    @Test
    void what_goes_out_comes_in_as_the_same() {
        JsonNode job = open("=gland, 2\" \"long\"", "in");
        JsonNode plan = drafting.plan(job);
        drafting.add(plan, typed("outside, turned", "outside", "1.2500 +0.0000/-0.0010"));
        drafting.add(drafting.plan(job(job)), typed("-bore", "bore", "0,75 in H7"));
        String file = server.get("/api/v1/plans/" + plan(job) + "/drawing.csv")
                .response()
                .body();
        assertThat(file.lines().limit(4))
                .containsExactly(
                        "job,\"'=gland, 2\"\" \"\"long\"\"\"",
                        "about,",
                        "limits from,\"drawing 1, revision A\"",
                        "customer reference,");
        assertThat(file).contains("inch .xxx,").contains("\r\n\r\nnumber,feature,kind,limits,");

        long other = plan(open("empty", "in"));
        String text = server.send(server.ansasRequest("/api/v1/tables/text")
                        .header("Content-Type", "application/octet-stream")
                        .POST(java.net.http.HttpRequest.BodyPublishers.ofString(file)))
                .json()
                .path("text")
                .asString();
        JsonNode pasted = pasted(other, text, true);
        assertThat(line(pasted, "name").path("value").asString()).isEqualTo("=gland, 2\" \"long\"");
        assertThat(pasted.path("title")).noneMatch(each -> each.has("refused"));
        List<JsonNode> before = features(job(job).path("plans").get(0).path("features"), "");
        List<JsonNode> after = features(pasted.path("rows"), "feature");
        assertThat(after).hasSize(2);
        for (int at = 0; at < 2; at++) {
            for (String field : List.of("name", "kind", "limits", "number", "layout")) {
                assertThat(after.get(at).path("typed").path(field).asString())
                        .as(field)
                        .isEqualTo(before.get(at).path("typed").path(field).asString());
            }
            assertThat(after.get(at).path("limits")).isEqualTo(before.get(at).path("limits"));
        }
    }

    private JsonNode job(JsonNode job) {
        return server.get("/api/v1/jobs/" + job.path("id").asLong() + "/plan").json();
    }

    private static List<JsonNode> features(JsonNode rows, String under) {
        return StreamSupport.stream(rows.spliterator(), false)
                .map(row -> under.isEmpty() ? row : row.path(under))
                .toList();
    }
}
