package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class LookAndQuickSizeTest {
    private final Server server;

    LookAndQuickSizeTest(Server server) {
        this.server = server;
    }

    private JsonNode pump() {
        return Walk.named(server.get("/api/v1/bench").json().path("jobs"), "Three-throw pump");
    }

    private JsonNode barrel(String name) {
        return Walk.named(pump().path("plans").get(0).path("parts"), name);
    }

    private JsonNode lookAt(long part) {
        return server.send(server.ansasRequest("/api/v1/parts/" + part + "/look"))
                .json();
    }

    private Answer say(long part, String item, String found) {
        long feature = Walk.named(lookAt(part).path("items"), item).path("id").asLong();
        return server.put(
                "/api/v1/looks/" + UUID.randomUUID(),
                Map.of("part", part, "feature", feature, "found", found, "note", ""));
    }

    @Test
    void what_was_seen_decides_against_a_part_where_the_plan_says_so() {
        long third = barrel("barrel 1").path("id").asLong();
        say(third, "scored", "not-ok");
        assertThat(barrel("barrel 1").path("verdict").path("mark").asString()).isEqualTo("not-measured");
        say(third, "cracked", "not-ok");
        JsonNode verdict = barrel("barrel 1").path("verdict");
        assertThat(verdict.path("mark").asString()).isEqualTo("gone");
        assertThat(verdict.path("word").asString()).isEqualTo("not ok");
        // A later look stands beside the first, and is the one that counts.
        say(third, "cracked", "ok");
        assertThat(barrel("barrel 1").path("verdict").path("mark").asString()).isEqualTo("not-measured");
        assertThat(say(third, "pitted", "perhaps").code()).isEqualTo("bad-look");
    }

    @Test
    void a_caution_is_ticked_once_by_each_person_in_a_job() {
        long job = pump().path("id").asLong();
        JsonNode due = server.send(server.ansasRequest("/api/v1/jobs/" + job + "/cautions"))
                .json();
        assertThat(due.findValuesAsString("code")).containsExactly("sharp", "eyes", "heavy", "solvents");
        Answer ticked = server.put("/api/v1/caution-ticks/" + UUID.randomUUID(), Map.of("job", job, "caution", "eyes"));
        assertThat(ticked.json().findValuesAsString("code")).containsExactly("sharp", "heavy", "solvents");
        // Nobody at the screen: nobody to be told, and nobody to have taken it in.
        assertThat(server.get("/api/v1/jobs/" + job + "/cautions").json()).isEmpty();
    }

    private static Map<String, Object> quick(String kind, String limits, String figure, Long gauge) {
        var body = new LinkedHashMap<String, Object>();
        body.put("kind", kind);
        body.put("limits", limits);
        body.put("figure", figure);
        if (gauge != null) {
            body.put("gauge", gauge);
        }
        return body;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "outside | 25 k6 | 25.008 | in",
                "outside | 25 k6 | 25.03 | metal-left",
                "outside | 25 k6 | 25.001 | gone",
                "bore | 16 H7 | 15.98 | metal-left",
                "bore | 16 H7 | 0.63 in | in",
                "depth | 20 ± 0.1 | 20.2 | gone",
                "runout | 0.05 | 0.06 | gone",
                "centre-distance | 60 ± 0.05 | 60.06 | gone"
            })
    void a_size_is_judged_on_its_own(String kind, String limits, String figure, String mark) {
        JsonNode view = server.post("/api/v1/quick-size", quick(kind, limits, figure, null))
                .json();
        assertThat(view.path("verdict").path("mark").asString()).isEqualTo(mark);
        assertThat(view.path("say").asString()).isNotBlank();
    }

    @Test
    void half_typed_it_says_what_is_understood_and_what_is_not() {
        JsonNode view = server.post("/api/v1/quick-size", quick("outside", "25 H7", "", null))
                .json();
        assertThat(view.path("limitsRefused").asString()).contains("is a hole");
        assertThat(view.path("figureRefused").asString()).isEmpty();
        assertThat(view.has("verdict")).isFalse();
        JsonNode outside = server.post("/api/v1/quick-size", quick("outside", "25 k6", "3.0", 6L))
                .json();
        assertThat(outside.path("remark").asString()).contains("M6 shows 25 mm to 50 mm");
        assertThat(server.post("/api/v1/quick-size", quick("ball", "25 k6", "25", null))
                        .code())
                .isEqualTo("no-such-kind");
    }

    @Test
    void it_is_kept_into_a_new_job_once() {
        UUID id = UUID.randomUUID();
        Map<String, Object> body = quick("bore", "Ø 16 H7", "16.011", 5L);
        JsonNode where = server.put("/api/v1/quick-sizes/" + id, body).json();
        assertThat(server.put("/api/v1/quick-sizes/" + id, body).json()).isEqualTo(where);
        JsonNode sheet = server.get("/api/v1/parts/" + where.path("part").asLong() + "/features/"
                        + where.path("feature").asLong() + "/sheet")
                .json();
        assertThat(sheet.path("rounds").get(0).path("places").get(0).path("readings"))
                .hasSize(1);
        assertThat(server.put("/api/v1/quick-sizes/" + UUID.randomUUID(), quick("bore", "16 H7", "16", null))
                        .code())
                .isEqualTo("no-gauge");
    }
}
