package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A bore that was bored to the next size is that size from then on. */
@ExtendWith(RunningServer.class)
class ReworkedTest {
    private static final long TWO = 2_000_000_000L;
    private final Server server;

    ReworkedTest(Server server) {
        this.server = server;
    }

    /** Two places, wide enough apart in its limits for a caliper. */
    private OneFeature bore(String name) {
        Map<String, Object> typed = Drafting.typed(name, "bore", "50 +0.4/0");
        typed.put("service", "50.8");
        typed.put("steps", "+2 +4");
        typed.put("sections", "top 5, bottom 20");
        typed.put("axes", "thrust 0");
        return new OneFeature(server, typed).with("C2");
    }

    private Answer cut(OneFeature one, int number, Long to) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", one.part);
        body.put("feature", one.feature);
        body.put("number", number);
        body.put("asked", "");
        body.put("to", to);
        body.put("person", 1);
        return server.put("/api/rounds/" + UUID.randomUUID(), body);
    }

    private Answer say(OneFeature one, int round, Long to) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", one.part);
        body.put("feature", one.feature);
        body.put("round", round);
        body.put("to", to);
        body.put("reason", "");
        body.put("person", 1);
        return server.put("/api/sizes/" + UUID.randomUUID(), body);
    }

    private JsonNode read(OneFeature one, int round, String figure) {
        for (int place = 0; place < 2; place++) {
            long at = one.round().path("places").get(place).path("id").asLong();
            for (int again = 0; again < 2; again++) {
                Map<String, Object> body = one.body(at, figure);
                body.put("round", round);
                body.put("takenAt", "2026-03-10T1" + round + ":00:00Z");
                Answer answer = server.put("/api/readings/" + UUID.randomUUID(), body);
                assertThat(answer.status()).as(answer.text()).isEqualTo(201);
            }
        }
        return one.sheet();
    }

    private static String mark(JsonNode round) {
        return round.path("verdict").path("mark").asString();
    }

    @Test
    void it_is_judged_by_that_size_wears_from_it_and_is_stepped_on_from_there() {
        OneFeature one = bore("bored out");
        JsonNode found = read(one, 0, "51.20");
        assertThat(mark(one.round(found))).isEqualTo("beyond-service");
        assertThat(one.round(found).path("proposed").asLong()).isEqualTo(TWO);

        Answer cut = cut(one, 1, TWO);
        assertThat(cut.status()).as(cut.text()).isEqualTo(200);
        JsonNode feature = one.sheet().path("feature");
        assertThat(feature.path("reworked").path("text").asString()).isEqualTo("+2.00 mm");
        assertThat(feature.path("limits").path("sentence").asString()).contains("52.0", "52.4");
        assertThat(feature.path("service").path("text").asString()).startsWith("52.8");

        JsonNode bored = read(one, 1, "52.20");
        assertThat(mark(one.round(bored))).isEqualTo("as-new");
        assertThat(one.judgement().path("step").path("code").asString()).isEqualTo("use");
        // What it was before stays what it was.
        assertThat(mark(bored.path("rounds").get(0))).isEqualTo("beyond-service");
        assertThat(bored.path("rounds")
                        .get(0)
                        .path("places")
                        .get(0)
                        .path("verdict")
                        .path("sentence")
                        .asString())
                .contains("0.400 mm");
        JsonNode bench = server.get("/api/bench").json().path("jobs");
        assertThat(bench.toString()).contains("\"reworked\":\"+2.00 mm\"");

        // Worn again: the next size is the one after.
        assertThat(cut(one, 2, null).status()).isEqualTo(200);
        JsonNode worn = read(one, 2, "53.20");
        assertThat(mark(one.round(worn))).isEqualTo("beyond-service");
        assertThat(one.round(worn).path("proposed").asLong()).isEqualTo(2 * TWO);
        assertThat(one.judgement().path("step").path("sentence").asString()).contains("+4.00 mm");
    }

    @Test
    void what_was_said_by_mistake_is_taken_back_and_one_that_came_in_reworked_is_told_so() {
        OneFeature one = bore("said wrongly");
        assertThat(cut(one, 1, 3_000_000_000L).code()).isEqualTo("no-such-step");
        read(one, 0, "52.20");
        assertThat(mark(one.round())).isEqualTo("beyond-service");
        assertThat(say(one, 0, TWO).status()).isEqualTo(200);
        assertThat(mark(one.round())).isEqualTo("as-new");
        assertThat(one.round().path("to").path("text").asString()).isEqualTo("+2.00 mm");
        assertThat(say(one, 0, null).status()).isEqualTo(200);
        assertThat(mark(one.round())).isEqualTo("beyond-service");
        assertThat(say(one, 3, TWO).code()).isEqualTo("no-such-round");
    }

    @Test
    void sleeved_it_is_as_new_again() {
        OneFeature one = bore("sleeved");
        assertThat(say(one, 0, TWO).status()).isEqualTo(200);
        read(one, 0, "53.20");
        assertThat(cut(one, 1, 0L).status()).isEqualTo(200);
        read(one, 1, "50.20");
        assertThat(mark(one.round())).isEqualTo("as-new");
        assertThat(one.sheet().path("feature").path("reworked").isNull()
                        || one.sheet().path("feature").path("reworked").isMissingNode())
                .isTrue();
    }
}
