package jawread.server.ready;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is due before a part is measured. */
@ExtendWith(RunningServer.class)
class ReadyTest {
    private final Server server;

    ReadyTest(Server server) {
        this.server = server;
    }

    private JsonNode part(String job, int plan, String part) {
        JsonNode plans =
                Walk.named(server.get("/api/v1/bench").json().path("jobs"), job).path("plans");
        return Walk.named(plans.get(plan).path("parts"), part);
    }

    private JsonNode ready(long part) {
        return server.send(server.ansasRequest("/api/v1/parts/" + part + "/ready"))
                .json();
    }

    private static List<String> kinds(JsonNode ready) {
        return ready.path("cards").findValuesAsString("kind");
    }

    private Answer mark(long part, String card, String reason) {
        return server.put(
                "/api/v1/parts/" + part + "/ready-marks/" + UUID.randomUUID(), Map.of("card", card, "reason", reason));
    }

    @Test
    void only_what_is_due_is_asked_and_what_was_done_is_not_asked_again() {
        var drafting = new Drafting(server);
        JsonNode job = drafting.open("to be made ready", "mm", "");
        drafting.add(drafting.plan(job), typed("journal", "outside", "32 h9"));
        drafting.add(drafting.plan(job), typed("scored", "looked-at", ""));
        JsonNode plan = drafting.plan(job);
        drafting.listParts(
                plan,
                List.of(
                        Map.of(
                                "id",
                                plan.path("parts").get(0).path("id").asLong(),
                                "name",
                                "spindle",
                                "mark",
                                "",
                                "hours",
                                ""),
                        Map.of("name", "another", "mark", "", "hours", "")));
        long spindle = part("to be made ready", 0, "spindle").path("id").asLong();
        JsonNode ready = ready(spindle);
        assertThat(kinds(ready)).contains("look", "wipe").doesNotContain("set");
        // Whoever will not wait for all that goes on to measure.
        assertThat(ready.path("walk").asLong())
                .isEqualTo(part("to be made ready", 0, "spindle")
                        .path("features")
                        .get(0)
                        .path("id")
                        .asLong());
        JsonNode wiped = mark(spindle, "wipe", "").json();
        assertThat(kinds(wiped)).contains("look").doesNotContain("wipe");
        // Of the whole job: nobody wipes the same gauge twice for its next part.
        assertThat(kinds(ready(part("to be made ready", 0, "another").path("id").asLong())))
                .doesNotContain("wipe");
        JsonNode passed =
                mark(spindle, "look-" + spindle, "done by the customer").json();
        assertThat(kinds(passed)).doesNotContain("look");
        assertThat(passed.path("done").findValuesAsString("reason")).contains("done by the customer");
    }

    @Test
    void a_card_that_is_none_is_refused_and_the_page_still_stands() {
        long spindle = part("Sluice spindle", 0, "spindle").path("id").asLong();
        assertThat(mark(spindle, "polish", "").code()).isEqualTo("no-such-card");
        assertThat(mark(spindle, "caution-dragons", "").code()).isEqualTo("no-such-caution");
        assertThat(ready(spindle).path("cards").isArray()).isTrue();
    }

    @Test
    void a_caution_taken_in_is_ticked_for_good_and_one_passed_over_only_by_that_person() {
        long drum = part("Stop-log hoist", 0, "drum shaft").path("id").asLong();
        List<String> cautions = ready(drum).path("cards").findValuesAsString("code").stream()
                .filter(code -> code.startsWith("caution-"))
                .toList();
        assertThat(cautions).hasSizeGreaterThan(1);
        JsonNode ticked = mark(drum, cautions.get(0), "").json();
        assertThat(ticked.path("cards").findValuesAsString("code")).doesNotContain(cautions.get(0));
        JsonNode passed = mark(drum, cautions.get(1), "nothing turns here").json();
        assertThat(passed.path("cards").findValuesAsString("code")).doesNotContain(cautions.get(1));
        assertThat(passed.path("done").findValuesAsString("reason")).contains("nothing turns here");
    }

    @Test
    void a_bore_gauge_of_the_walk_wants_to_be_set_for_the_first_open_bore() {
        var drafting = new Drafting(server);
        // A size that nobody else here sets it to.
        JsonNode job = drafting.open("to be bored", "in", "");
        drafting.add(drafting.plan(job), typed("barrel bore", "bore", "3.2300 +0.0018/0"));
        long barrel = drafting.plan(job).path("parts").get(0).path("id").asLong();
        JsonNode cards = ready(barrel).path("cards");
        assertThat(cards.findValuesAsString("kind")).contains("set");
        assertThat(cards.findValuesAsString("wanted")).containsExactly("3.2309");
    }

    @Test
    void a_warm_part_is_brought_to_twenty_degrees_and_the_record_shows_both() {
        var walk = new Walk(server, "shaft 1", "groove");
        String path = "/api/v1/parts/" + walk.part();
        JsonNode worst = server.post(path + "/warmth", Map.of("part", "32", "gauge", "20"))
                .json();
        assertThat(worst.path("worst").path("mustWait").asBoolean()).isTrue();
        assertThat(worst.path("worst").path("soak").asInt()).isPositive();
        assertThat(server.post(path + "/warmth", Map.of("part", "-300", "gauge", "20"))
                        .code())
                .isEqualTo("bad-temperature");
        assertThat(server.post(path + "/warmth", Map.of("part", "", "gauge", "20"))
                        .code())
                .isEqualTo("temperature-needed");

        JsonNode ready = server.put(path + "/warmths/" + UUID.randomUUID(), Map.of("part", "32", "gauge", "20"))
                .json();
        assertThat(ready.path("warmth").asString()).contains("32 °C");
        JsonNode place = Walk.placeNow(walk.keep(walk.typed(0, "25.010")).shown());
        JsonNode last = place.path("readings").get(place.path("readings").size() - 1);
        // 25.010 / (1 + 11.5e-6 · 12), half to even.
        assertThat(last.path("size").path("pm").asLong()).isEqualTo(25_006_549_096L);
        assertThat(last.path("remark").asString()).contains("32 °C").contains("25.010 mm was read");
        walk.strike(UUID.randomUUID(), last.path("id").asString(), "test");
        // Nobody else's readings on this shaft are to be corrected.
        server.put(path + "/warmths/" + UUID.randomUUID(), Map.of("part", "20", "gauge", "20"));
    }

    @Test
    void a_soak_runs_on_the_server_until_it_is_taken_up() {
        UUID id = UUID.randomUUID();
        // Others let parts of theirs soak at this server meanwhile.
        String what = "barrel 1 soaks";
        var body = Map.of("what", what, "minutes", 96);
        assertThat(server.put("/api/v1/soakings/" + id, body).json().findValuesAsString("what"))
                .containsOnlyOnce(what);
        // The same once more starts no second clock.
        assertThat(server.put("/api/v1/soakings/" + id, body).json().findValuesAsString("what"))
                .containsOnlyOnce(what);
        assertThat(server.put("/api/v1/soakings/" + UUID.randomUUID(), Map.of("what", " ", "minutes", 5))
                        .code())
                .isEqualTo("bad-soaking-name");
        assertThat(server.put("/api/v1/soakings/" + UUID.randomUUID(), Map.of("what", "it", "minutes", 0))
                        .code())
                .isEqualTo("bad-soaking-minutes");
        assertThat(server.put("/api/v1/soakings/" + id + "/taken-up", Map.of())
                        .json()
                        .findValuesAsString("what"))
                .doesNotContain(what);
    }
}
