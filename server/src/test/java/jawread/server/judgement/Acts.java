package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import jawread.server.Drafting;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import tools.jackson.databind.JsonNode;

/** What is done with a bore of two places at the bench, and said of it. */
final class Acts {
    private final Server server;

    Acts(Server server) {
        this.server = server;
    }

    /** Two places, wide enough apart in its limits for a caliper. */
    static Map<String, Object> bore(String name) {
        Map<String, Object> typed = Drafting.typed(name, "bore", "50 +0.4/0");
        typed.put("service", "50.8");
        typed.put("steps", "+2 +4");
        typed.put("sections", "top 5, bottom 20");
        typed.put("axes", "thrust 0");
        return typed;
    }

    Answer cut(OneFeature one, int number, Long to) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", one.part);
        body.put("feature", one.feature);
        body.put("number", number);
        body.put("asked", "");
        body.put("to", to);
        body.put("person", 1);
        return server.put("/api/v1/rounds/" + UUID.randomUUID(), body);
    }

    Answer say(OneFeature one, int round, Long to) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", one.part);
        body.put("feature", one.feature);
        body.put("round", round);
        body.put("to", to);
        body.put("reason", "");
        body.put("person", 1);
        return server.put("/api/v1/sizes/" + UUID.randomUUID(), body);
    }

    JsonNode read(OneFeature one, int round, String figure) {
        return read(one, round, figure, "2026-03-10T1" + round + ":00:00Z");
    }

    JsonNode read(OneFeature one, int round, String figure, String takenAt) {
        for (int place = 0; place < 2; place++) {
            long at = one.round().path("places").get(place).path("id").asLong();
            for (int again = 0; again < 2; again++) {
                Map<String, Object> body = one.body(at, figure);
                body.put("round", round);
                body.put("takenAt", takenAt);
                Answer answer = server.put("/api/v1/readings/" + UUID.randomUUID(), body);
                assertThat(answer.status()).as(answer.text()).isEqualTo(201);
            }
        }
        return one.sheet();
    }

    /** What the cut is kept under that opened the last round. */
    static UUID cutOf(JsonNode sheet) {
        JsonNode rounds = sheet.path("rounds");
        return UUID.fromString(rounds.get(rounds.size() - 1).path("cutId").asString());
    }

    Answer mark(UUID cut, String kind) {
        return server.put(
                "/api/v1/cut-marks/" + UUID.randomUUID(), Map.of("cut", cut, "kind", kind, "reason", "", "person", 1));
    }

    Answer same(long part, long other, String said) {
        return server.put(
                "/api/v1/parts/" + part + "/same/" + UUID.randomUUID(),
                Map.of("other", other, "said", said, "reason", "", "person", 1));
    }
}
