package jawread.server.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Readings, cuts and strikes through the real application. */
@ExtendWith(RunningServer.class)
class ReadingsKeptTest {
    private final Server server;

    ReadingsKeptTest(Server server) {
        this.server = server;
    }

    @Test
    void from_the_first_reading_to_the_cut_and_what_came_off() {
        var walk = new Walk(server, "shaft 2", "body");

        JsonNode one = walk.keep(walk.typed(0, "32.221")).shown();
        assertThat(Walk.placeNow(one).path("next").asString()).isEqualTo("Lift the gauge off and read again.");
        assertThat(Walk.placeNow(one).path("verdict").path("mark").asString()).isEqualTo("not-measured");

        JsonNode two = walk.keep(walk.byScale(0, Map.of("sleeve", 14, "thimble", 22, "vernier", 0), 32_220_000_000L))
                .shown();
        JsonNode place = Walk.placeNow(two);
        assertThat(place.path("value").path("pm").asLong()).isEqualTo(32_220_500_000L);
        assertThat(place.path("value").path("text").asString()).isEqualTo("32.2205");
        assertThat(place.path("repeats").asString()).isEqualTo("apart 0.001, allowed 0.005");
        assertThat(place.path("verdict").path("mark").asString()).isEqualTo("metal-left");
        assertThat(place.path("verdict").path("cut").path("near").path("pm").asLong())
                .as("to whole divisions of a dial of 0.01 that reads the radius")
                .isEqualTo(240_000_000);
        assertThat(place.path("verdict")
                        .path("cut")
                        .path("sideMiddle")
                        .path("pm")
                        .asLong())
                .isEqualTo(120_000_000);
        assertThat(place.path("readings")
                        .get(1)
                        .path("steps")
                        .get(0)
                        .path("figure")
                        .asString())
                .isEqualTo("25.000");

        // A third, taken unasked, re-opens the place and holds.
        JsonNode three = walk.keep(walk.typed(0, "32.222")).shown();
        assertThat(Walk.placeNow(three).path("value").path("pm").asLong()).isEqualTo(32_221_000_000L);
        assertThat(Walk.placeNow(three).path("state").asString()).isEqualTo("done");

        JsonNode cut = walk.cut(UUID.randomUUID(), 1, "0.25").shown();
        assertThat(cut.path("rounds").size()).isEqualTo(2);
        assertThat(Walk.placeNow(cut).path("readings").size()).isZero();

        walk.keep(walk.typed(1, "31.989"));
        JsonNode after = walk.keep(walk.typed(1, "31.990")).shown();
        JsonNode round = after.path("rounds").get(1);
        assertThat(round.path("cut").path("took").path("pm").asLong()).isEqualTo(231_500_000);
        assertThat(round.path("cut").path("sentence").asString()).isEqualTo("Asked 0.250 mm, took 0.2315 mm.");
        assertThat(round.path("verdict").path("word").asString()).isEqualTo("in");
        assertThat(after.path("say").asString()).contains("31.990 mm", "in");
    }

    @Test
    void the_same_reading_again_is_kept_once_and_another_under_its_number_is_refused() {
        var walk = new Walk(server, "shaft 2", "left end");
        UUID id = UUID.randomUUID();
        Map<String, Object> body = walk.typed(0, "25.010");
        assertThat(walk.keep(id, body).status()).isEqualTo(201);
        assertThat(walk.keep(id, body).status()).isEqualTo(200);
        assertThat(Walk.placeNow(walk.sheet()).path("readings").size()).isEqualTo(1);

        Answer other = walk.keep(id, walk.typed(0, "25.011"));
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.code()).isEqualTo("kept-otherwise");
        assertThat(Walk.placeNow(walk.sheet())
                        .path("readings")
                        .get(0)
                        .path("size")
                        .path("text")
                        .asString())
                .isEqualTo("25.010");
    }

    @Test
    void a_struck_reading_stays_to_be_seen_and_counts_nowhere() {
        var walk = new Walk(server, "shaft 2", "right end");
        walk.keep(walk.typed(0, "25.510"));
        walk.keep(walk.typed(0, "25.010"));
        JsonNode apart = walk.keep(walk.typed(0, "25.011")).shown();
        assertThat(Walk.placeNow(apart).path("state").asString()).isEqualTo("scattered");
        String slipped = Walk.placeNow(apart).path("readings").get(0).path("id").asString();

        assertThat(walk.strike(UUID.randomUUID(), slipped, "  ").code()).isEqualTo("no-reason");
        UUID id = UUID.randomUUID();
        JsonNode place = Walk.placeNow(walk.strike(id, slipped, "misread").shown());
        assertThat(place.path("state").asString()).isEqualTo("done");
        assertThat(place.path("value").path("pm").asLong()).isEqualTo(25_010_500_000L);
        assertThat(place.path("readings").get(0).path("struck").path("reason").asString())
                .isEqualTo("misread");
        assertThat(place.path("readings").size()).isEqualTo(3);

        assertThat(walk.strike(id, slipped, "misread").status()).isEqualTo(200);
        assertThat(walk.strike(UUID.randomUUID(), slipped, "dirt").code()).isEqualTo("struck-already");
        assertThat(walk.strike(UUID.randomUUID(), UUID.randomUUID().toString(), "dirt")
                        .code())
                .isEqualTo("no-such-reading");
    }

    @Test
    void what_cannot_be_kept_is_refused_with_its_field_and_a_sentence() {
        var walk = new Walk(server, "shaft 4", "left end");
        refused(walk.keep(walk.typed(0, "25,0.10")), "group-separator", "typed", "decimal mark");
        refused(walk.keep(walk.typed(0, "-25.010")), "negative-size", "typed", "minus");
        refused(
                walk.keep(walk.byScale(0, Map.of("sleeve", 14, "thimble", 50, "vernier", 0), 0)),
                "part-out-of-range",
                "parts",
                "0 to 49");
        refused(
                walk.keep(walk.byScale(0, Map.of("sleeve", 0, "thimble", 1, "vernier", 0), 25_000_000_000L)),
                "sum-differs",
                "pm",
                "25.01");
        Map<String, Object> dropped = walk.typed(0, "25.010");
        dropped.put("gauge", walk.gauge("M3"));
        refused(walk.keep(dropped), "gauge-not-fit", "gauge", "M3 is quarantined");
        assertThat(Walk.placeNow(walk.sheet()).path("readings").size()).isZero();
    }

    private static void refused(Answer answer, String code, String field, String says) {
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.json().path("field").asString()).isEqualTo(field);
        assertThat(answer.sentence()).contains(says);
    }

    @Test
    void where_and_who_must_exist() {
        var walk = new Walk(server, "shaft 4", "left end");
        Map<String, Object> nowhere = walk.typed(0, "25.010");
        nowhere.put("place", 4711);
        assertThat(walk.keep(nowhere).code()).isEqualTo("no-such-place");
        assertThat(walk.keep(walk.typed(3, "25.010")).code()).isEqualTo("no-such-round");
        assertThat(walk.cut(UUID.randomUUID(), 5, "0.1").code()).isEqualTo("round-not-next");
        assertThat(walk.cut(UUID.randomUUID(), 1, "a little").code()).isEqualTo("no-number");
        Answer nobody = server.send(
                Server.json(server.request("/api/v1/readings/" + UUID.randomUUID()), "PUT", walk.typed(0, "25.010")));
        assertThat(nobody.status()).isEqualTo(401);
        assertThat(nobody.code()).isEqualTo("nobody-picked");
        assertThat(server.get("/api/v1/parts/4711/features/1/sheet").code()).isEqualTo("no-such-part");
    }

    @Test
    void a_figure_outside_the_gauge_is_kept_and_looked_at_after() {
        var walk = new Walk(server, "shaft 4", "right end");
        JsonNode place = Walk.placeNow(walk.keep(walk.typed(0, "7.0105")).shown());
        String remark = place.path("readings").get(0).path("remark").asString();
        assertThat(remark).contains("M6 shows 25 mm to 50 mm").contains("least count is 0.001 mm");
    }

    @Test
    void a_distance_read_on_a_stage_is_kept_with_both_its_ends() {
        var walk = new Walk(server, "shaft 4", "groove");
        var typed = new HashMap<String, Object>();
        for (String field : List.of("base", "rods", "step", "spread", "error", "reach", "allowedSteps")) {
            typed.put(field, "");
        }
        typed.putAll(Map.of(
                "shopNumber", "stage",
                "name", "a measuring stage",
                "kind", "measuring-stage",
                "scale", "stage-in-0001",
                "unit", "in",
                "rangeLow", "0",
                "rangeHigh", "1",
                "switchable", false,
                "readers", List.of()));
        assertThat(server.send(Server.json(
                                server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(typed))))
                        .status())
                .isEqualTo(200);
        long stage = walk.gauge("stage");
        Map<String, Object> body = walk.byScale(
                0,
                Map.of("start.sleeve", 8, "start.thimble", 20, "end.sleeve", 11, "end.thimble", 140),
                2_209_800_000L);
        body.put("gauge", stage);
        JsonNode reading =
                Walk.placeNow(walk.keep(body).shown()).path("readings").get(0);
        assertThat(reading.path("size").path("pm").asLong()).isEqualTo(2_209_800_000L);
        assertThat(reading.path("steps").size()).isPositive();
        assertThat(server.put(
                                "/api/v1/drawer/gauges/" + stage + "/events/" + UUID.randomUUID(),
                                Map.of("kind", "retired", "words", "test"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void a_transfer_gauge_is_read_with_its_reader_and_a_depth_gauge_on_the_rod_that_is_in_it() {
        var bore = new Walk(server, "shaft 4", "bore");
        Map<String, Object> through = bore.typed(0, "16.009");
        through.put("gauge", bore.gauge("T1 + M5"));
        assertThat(bore.keep(through).code()).isEqualTo("reader-needed");
        through.put("reader", bore.gauge("M5"));
        JsonNode reading =
                Walk.placeNow(bore.keep(through).shown()).path("readings").get(0);
        assertThat(reading.path("gauge").asString()).isEqualTo("T1 + M5");

        var shoulder = new Walk(server, "shaft 4", "shoulder");
        // The rod from 4 in, 25 lines covered, 20 on the thimble: 4.645 in.
        Map<String, Object> onRod = shoulder.byScale(0, Map.of("sleeve", 25, "thimble", 20), 4_645_000_000L * 254 / 10);
        onRod.put("gauge", shoulder.gauge("D1"));
        onRod.put("base", 4 * 25_400_000_000L);
        JsonNode deep =
                Walk.placeNow(shoulder.keep(onRod).shown()).path("readings").get(0);
        assertThat(deep.path("size").path("text").asString()).isEqualTo("4.645");
        onRod.put("base", 25_400_000_001L);
        assertThat(shoulder.keep(onRod).code()).isEqualTo("base-not-of-gauge");
    }
}
