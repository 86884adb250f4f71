package jawread.server.comparator;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A micrometer that is set on a master near the size: the size is the master's and a short travel. */
@ExtendWith(RunningServer.class)
class OnMasterTest {
    private final Server server;

    OnMasterTest(Server server) {
        this.server = server;
    }

    private String master(String size, String certified) {
        var typed = new LinkedHashMap<String, Object>();
        String number = "bar " + UUID.randomUUID().toString().substring(0, 6);
        typed.put("shopNumber", number);
        typed.put("kind", "bar");
        typed.put("unit", "mm");
        typed.put("size", size);
        typed.put("certified", certified);
        typed.put("expanded", "0.0008");
        typed.put("material", "steel");
        for (String empty : new String[] {"blocks", "missing", "wear", "due"}) {
            typed.put(empty, "");
        }
        typed.put("retired", false);
        Answer answer = server.send(Server.json(server.ansasRequest("/api/v1/drawer/masters"), "POST", typed));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return number;
    }

    private JsonNode micrometer() {
        return StreamSupport.stream(server.get("/api/v1/gauges").json().spliterator(), false)
                .filter(gauge -> gauge.path("shopNumber").asString().equals("M6 on a master"))
                .findFirst()
                .orElseThrow();
    }

    private Map<String, Object> setting(long gauge, String number, String shown, String again) {
        JsonNode up =
                server.get("/api/v1/comparators/" + gauge + "?wanted=40.1").json();
        String key = StreamSupport.stream(up.path("masters").spliterator(), false)
                .filter(on -> on.path("number").asString().equals(number))
                .findFirst()
                .orElseThrow()
                .path("key")
                .asString();
        var body = new LinkedHashMap<String, Object>();
        body.put("wanted", "40.1");
        body.put("master", key);
        body.put("graduation", "0.001");
        for (String empty : new String[] {"temperature", "pressed", "rocked", "returned"}) {
            body.put(empty, "");
        }
        body.put("shown", shown);
        body.put("again", again);
        return body;
    }

    private Answer set(long gauge, Map<String, Object> body) {
        return server.put("/api/v1/comparators/" + gauge + "/settings/" + UUID.randomUUID(), body);
    }

    private Map<String, Object> reading(JsonNode part, JsonNode round, long gauge, String typed) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", part.path("id").asLong());
        body.put("feature", part.path("features").get(0).path("id").asLong());
        body.put("round", 0);
        body.put("place", round.path("at").asLong());
        body.put("gauge", gauge);
        body.put("onMaster", true);
        body.put("person", 1);
        body.put("typed", typed);
        body.put("takenAt", server.get("/api/v1/shop").json().path("now").asString());
        return body;
    }

    @Test
    void its_size_is_the_master_and_the_travel_and_no_error_is_taken_off_twice() {
        String bar = master("40", "40.0006");
        JsonNode gauge = micrometer();
        long id = gauge.path("id").asLong();
        assertThat(gauge.path("onMaster").asBoolean()).isTrue();
        var drafting = new Drafting(server);
        JsonNode job = drafting.open("on a master", "mm", "");
        Map<String, Object> typed = Drafting.typed("press fit", "outside", "40.1 +0.013/0");
        typed.put("layout", "one-place");
        drafting.add(drafting.plan(job), typed);
        JsonNode part = drafting.part(job);
        String sheet = "/api/v1/parts/" + part.path("id").asLong() + "/features/"
                + part.path("features").get(0).path("id").asLong() + "/sheet";
        JsonNode round = server.get(sheet).json().path("rounds").get(0);
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), reading(part, round, id, "40.108"))
                        .code())
                .as("never set")
                .isEqualTo("not-set");
        assertThat(set(id, setting(id, bar, "40.003", "40.006")).code()).isEqualTo("not-the-same");
        assertThat(set(id, setting(id, bar, "", "40.003")).code()).isEqualTo("shown-needed");
        Answer stands = set(id, setting(id, bar, "40.003", "40.003"));
        assertThat(stands.status()).as(stands.text()).isEqualTo(200);
        assertThat(stands.json().path("now").path("sentence").asString())
                .contains("40.0006 mm")
                .contains("where it shows 40.003 mm");
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), reading(part, round, id, "43.008"))
                        .code())
                .isEqualTo("far-from-master");
        JsonNode place = null;
        for (int i = 0; i < 2; i++) {
            Answer kept = server.put("/api/v1/readings/" + UUID.randomUUID(), reading(part, round, id, "40.110"));
            assertThat(kept.status()).as(kept.text()).isEqualTo(201);
            place = kept.shown().path("rounds").get(0).path("places").get(0);
        }
        // 40.0006 + (40.110 - 40.003)
        assertThat(place.path("value").path("pm").asLong()).isEqualTo(40_107_600_000L);
        assertThat(place.path("expanded").path("pm").asLong()).isLessThan(3_500_000L);
        JsonNode first = place.path("readings").get(0);
        assertThat(first.path("gauge").asString()).isEqualTo("M6 on a master");
        assertThat(first.toString()).contains("master").contains("travel").contains("0.107");
        // Set once more on the same bar it shows something else: what was read since the first time is in doubt.
        assertThat(set(id, setting(id, bar, "40.007", "40.007")).status()).isEqualTo(200);
        JsonNode doubted =
                server.get(sheet).json().path("rounds").get(0).path("places").get(0);
        assertThat(doubted.path("verdict").path("mark").asString()).isEqualTo("in-doubt");
        assertThat(server.get("/api/v1/doubts").json().path("zeros").findValuesAsString("sentence"))
                .anySatisfy(said -> assertThat(said)
                        .startsWith("M6 showed 0.004 mm more on its master when Ansa set it on that once more"));
    }
}
