package jawread.server.choosing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Choosing the gauge for the features of the demonstration jobs. */
@ExtendWith(RunningServer.class)
class ChoosingPagesTest {
    private final Server server;

    ChoosingPagesTest(Server server) {
        this.server = server;
    }

    private long planOf(String job, int which) {
        JsonNode bench = Walk.named(server.get("/api/v1/bench").json().path("jobs"), job);
        return bench.path("plans").get(which).path("id").asLong();
    }

    private JsonNode feature(long plan, String name) {
        return Walk.named(
                server.send(server.ansasRequest("/api/v1/plans/" + plan + "/methods"))
                        .json()
                        .path("features"),
                name);
    }

    private static Map<String, JsonNode> byNumber(JsonNode feature) {
        var methods = new HashMap<String, JsonNode>();
        feature.path("methods")
                .forEach(method -> methods.put(method.path("number").asString(), method));
        return methods;
    }

    @Test
    void a_press_fit_wants_the_fine_micrometer_and_the_shoulder_the_quick_caliper() {
        long shafts = planOf("New idler shafts", 0);
        JsonNode seat = feature(shafts, "body");
        var methods = byNumber(seat);
        assertThat(methods.get("M6").path("fitness").asString()).isEqualTo("good");
        assertThat(methods.get("M6").path("ratio").asString()).isNotEmpty();
        assertThat(methods.get("C2").path("fitness").asString()).isNotEqualTo("good");
        assertThat(methods.get("M7").path("fitness").asString()).isEqualTo("wrong-range");
        assertThat(methods.get("M7").path("reason").asString())
                .contains("50 mm")
                .contains("75 mm");
        assertThat(methods.get("B2").path("fitness").asString()).isEqualTo("wrong-kind");
        JsonNode shoulder = feature(shafts, "shoulder");
        JsonNode first = shoulder.path("methods").get(0);
        assertThat(first.path("proposed").asBoolean()).isTrue();
        assertThat(first.path("technique").asString()).endsWith("caliper");
        assertThat(first.path("fitness").asString()).isEqualTo("good");
    }

    @Test
    void every_method_has_its_reason_and_what_it_would_cost() {
        JsonNode barrel = feature(planOf("Three-throw pump", 0), "barrel bore");
        assertThat(barrel.path("asks").asString())
                .contains("0.0018")
                .contains("out-of-round")
                .contains("taper");
        barrel.path("methods")
                .forEach(method -> assertThat(method.path("reason").asString())
                        .as(method.path("number").asString())
                        .isNotBlank());
        var methods = byNumber(barrel);
        assertThat(methods.get("B1").path("fitness").asString()).isIn("good", "with-care");
        assertThat(methods.get("B1").path("uncertainty").path("contributions").size())
                .isPositive();
        assertThat(methods.get("S1 + M1").path("fitness").asString()).isEqualTo("wrong-range");
        assertThat(methods.get("M3").path("fitness").asString()).isEqualTo("not-fit");
    }

    @Test
    void another_is_picked_and_the_plans_minutes_follow() {
        long plan = planOf("Sluice spindle", 0);
        JsonNode journal = feature(plan, "upper journal");
        String proposed = journal.path("inForce").asString();
        JsonNode other = null;
        for (JsonNode method : journal.path("methods")) {
            if (!method.path("key").asString().equals(proposed)
                    && !method.path("costs").asString().isEmpty()
                    && !method.path("costs").asString().contains("as long")) {
                other = method;
                break;
            }
        }
        assertThat(other).isNotNull();
        String before = total();
        Answer picked = pick(plan, journal, other.path("key").asString());
        assertThat(picked.status()).isEqualTo(200);
        JsonNode now = Walk.named(picked.json().path("features"), "upper journal");
        assertThat(now.path("inForce").asString()).isEqualTo(other.path("key").asString());
        assertThat(now.path("picked").asBoolean()).isTrue();
        assertThat(total()).isNotEqualTo(before);
        assertThat(pick(plan, journal, byNumber(journal).get("B2").path("key").asString())
                        .code())
                .isEqualTo("method-not-fit");
        assertThat(Walk.named(pick(plan, journal, "").json().path("features"), "upper journal")
                        .path("inForce")
                        .asString())
                .isEqualTo(proposed);
        assertThat(total()).isEqualTo(before);
    }

    private Answer pick(long plan, JsonNode feature, String method) {
        return server.put(
                "/api/v1/plans/" + plan + "/methods/" + feature.path("key").asString(), Map.of("method", method));
    }

    private String total() {
        long job = Walk.named(server.get("/api/v1/bench").json().path("jobs"), "Sluice spindle")
                .path("id")
                .asLong();
        return server.get("/api/v1/jobs/" + job + "/plan").json().path("total").asString();
    }
}
