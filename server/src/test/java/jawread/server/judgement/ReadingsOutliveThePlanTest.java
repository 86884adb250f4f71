package jawread.server.judgement;

import static jawread.server.judgement.OneFeature.TAKEN_AT;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
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

/** What was read belongs to the part, the feature and the place, whatever becomes of the plan. */
@ExtendWith(RunningServer.class)
class ReadingsOutliveThePlanTest {
    private final Server server;
    private final Drafting drafting;

    ReadingsOutliveThePlanTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    private JsonNode plan(OneFeature one) {
        return server.get("/api/v1/jobs/" + one.job() + "/plan")
                .json()
                .path("plans")
                .get(0);
    }

    private static Map<String, Object> but(Map<String, Object> typed, String field, Object value) {
        var other = new LinkedHashMap<>(typed);
        other.put(field, value);
        return other;
    }

    private Answer change(OneFeature one, Map<String, Object> typed) {
        return change(one, typed, null);
    }

    private Answer change(OneFeature one, Map<String, Object> typed, Integer aside) {
        JsonNode plan = plan(one);
        JsonNode feature = plan.path("features").get(0);
        var body = new LinkedHashMap<String, Object>();
        body.put(
                "puts",
                List.of(Map.of(
                        "key", feature.path("key").asString(),
                        "edition", feature.path("edition").asLong(),
                        "typed", typed)));
        body.put("removes", List.of());
        body.put("aside", aside);
        return drafting.post("/api/v1/plans/" + plan.path("id").asLong() + "/changes", body);
    }

    /** Takes back what a change did, as its answer says. */
    private Answer undo(OneFeature one, Answer done) {
        return drafting.post(
                "/api/v1/plans/" + plan(one).path("id").asLong() + "/changes",
                done.json().path("undo"));
    }

    private static int readings(JsonNode round) {
        return StreamSupport.stream(round.path("places").spliterator(), false)
                .mapToInt(place -> place.path("readings").size())
                .sum();
    }

    private static List<String> underPlan(JsonNode sheet) {
        return StreamSupport.stream(sheet.path("underPlan").spliterator(), false)
                .map(JsonNode::asString)
                .toList();
    }

    private OneFeature journalRead(Map<String, Object> typed) {
        var one = new OneFeature(server, typed);
        for (int place = 0; place < 4; place++) {
            one.read("31.95", "31.951");
        }
        assertThat(one.round().path("verdict").path("mark").asString()).isEqualTo("in");
        return one;
    }

    @Test
    void a_limit_corrected_judges_anew_at_once_and_says_what_was_read_under_which() {
        Map<String, Object> typed = OneFeature.journal("corrected");
        OneFeature one = journalRead(typed);
        Answer done = change(one, but(typed, "limits", "31.98 / 32.00"));
        assertThat(done.json().path("say").asString()).contains("revision 2", "judged by it at once");
        JsonNode sheet = one.sheet();
        assertThat(readings(one.round(sheet))).isEqualTo(8);
        assertThat(one.round(sheet).path("verdict").path("mark").asString()).isEqualTo("gone");
        assertThat(underPlan(sheet))
                .containsExactly(
                        "Judged by the limits of revision 2. Taken under an earlier one: 8 readings under revision 1.");
        assertThat(one.judgement()
                        .path("features")
                        .get(0)
                        .path("underPlan")
                        .get(0)
                        .asString())
                .contains("revision 1");
        // The page that was open names the edition it knew, and is shown the one in force.
        assertThat(sheet.path("feature").path("id").asLong()).isNotEqualTo(one.feature);
        assertThat(sheet.path("changed").isNull() || sheet.path("changed").isMissingNode())
                .isTrue();

        assertThat(undo(one, done).status()).isEqualTo(200);
        assertThat(one.round().path("verdict").path("mark").asString()).isEqualTo("in");
        assertThat(underPlan(one.sheet())).isEmpty();
    }

    @Test
    void a_rename_a_taper_limit_and_a_section_called_otherwise_keep_every_reading() {
        Map<String, Object> typed = OneFeature.journal("renamed");
        typed.put("layout", "");
        typed.put("sections", "left 10, right 50");
        typed.put("axes", "up 0, across 90");
        OneFeature one = journalRead(typed);
        Map<String, Object> other = but(but(typed, "name", "seal journal"), "taper", "0.001");
        other.put("sections", "nose 10, right 50");
        other.put("axes", "first 0, across 90");
        assertThat(change(one, other).status()).isEqualTo(200);
        JsonNode round = one.round();
        assertThat(readings(round)).isEqualTo(8);
        assertThat(round.path("places").get(0).path("name").asString()).isEqualTo("nose, first");
        assertThat(round.path("form").isNull()).isFalse();
    }

    @Test
    void a_change_that_moves_places_says_beforehand_what_it_leaves_aside_and_undo_brings_it_back() {
        Map<String, Object> typed = OneFeature.journal("moved");
        typed.put("layout", "");
        typed.put("sections", "left 10, right 50");
        typed.put("axes", "up 0, across 90");
        OneFeature one = journalRead(typed);
        Map<String, Object> moved = but(typed, "sections", "left 12, right 50");
        Answer told = change(one, moved);
        assertThat(told.status()).isEqualTo(409);
        assertThat(told.code()).isEqualTo("readings-aside");
        assertThat(told.json().path("hint").asString()).isEqualTo("4");
        assertThat(told.sentence()).contains("4 readings would no longer count", "moved: 4 on 1 part");
        assertThat(readings(one.round())).isEqualTo(8);
        // Told of another number than there is by now, it is asked again.
        assertThat(change(one, moved, 3).code()).isEqualTo("readings-aside");

        Answer done = change(one, moved, 4);
        assertThat(done.json().path("say").asString()).contains("4 readings lie aside");
        assertThat(readings(one.round())).isEqualTo(4);
        assertThat(underPlan(one.sheet()).get(0)).startsWith("4 readings lie aside");

        Answer undone = undo(one, done);
        assertThat(undone.json().path("say").asString()).contains("4 readings count again");
        assertThat(readings(one.round())).isEqualTo(8);
        assertThat(underPlan(one.sheet())).isEmpty();
    }

    @Test
    void another_kind_of_size_and_a_feature_taken_out_leave_all_aside() {
        Map<String, Object> typed = but(OneFeature.journal("turned inside out"), "limits", "31.938 / 32.000");
        OneFeature one = journalRead(typed);
        Answer told = change(one, but(typed, "kind", "inside"));
        assertThat(told.code()).isEqualTo("readings-aside");
        assertThat(told.json().path("hint").asString()).isEqualTo("8");
        JsonNode feature = plan(one).path("features").get(0);
        Answer gone = drafting.change(
                plan(one),
                List.of(),
                List.of(Map.of(
                        "key", feature.path("key").asString(),
                        "edition", feature.path("edition").asLong())));
        assertThat(gone.code()).isEqualTo("readings-aside");

        Answer done = change(one, but(typed, "kind", "inside"), 8);
        assertThat(done.status()).isEqualTo(200);
        // What was read as an outside stays with it, and its page says so.
        assertThat(readings(one.round())).isEqualTo(8);
        assertThat(one.sheet().path("changed").path("sentence").asString()).contains("another kind of size");
        assertThat(undo(one, done).status()).isEqualTo(200);
        assertThat(one.sheet().path("changed").isNull()
                        || one.sheet().path("changed").isMissingNode())
                .isTrue();
        assertThat(readings(one.round())).isEqualTo(8);
    }

    @Test
    void a_reading_on_its_way_that_names_an_older_edition_counts() {
        Map<String, Object> typed = OneFeature.onePlace("on its way", "outside", "32 h9");
        var one = new OneFeature(server, typed);
        long place = one.round().path("at").asLong();
        one.read("31.95");
        change(one, but(typed, "limits", "31.98 / 32.00"));
        Map<String, Object> waiting = one.body(place, "31.951");
        UUID id = UUID.randomUUID();
        Answer kept = server.put("/api/v1/readings/" + id, waiting);
        assertThat(kept.status()).isEqualTo(201);
        assertThat(readings(one.round(kept.shown()))).isEqualTo(2);
        assertThat(server.put("/api/v1/readings/" + id, waiting).status()).isEqualTo(200);
        assertThat(underPlan(one.sheet()).get(0)).contains("2 readings under revision 1");
    }

    @Test
    void a_first_round_after_a_cut_under_an_earlier_edition_follows_that_cut() {
        Map<String, Object> typed = OneFeature.onePlace("cut and renamed", "outside", "32 h9");
        var one = new OneFeature(server, typed);
        one.read("32.21", "32.211");
        assertThat(cut(one, one.feature, 1).status()).isEqualTo(200);
        change(one, but(typed, "name", "cut and named anew"));
        JsonNode sheet = one.sheet();
        assertThat(sheet.path("rounds")).hasSize(2);
        assertThat(one.round(sheet).path("number").asInt()).isEqualTo(1);
        long now = sheet.path("feature").path("id").asLong();
        // Read under the new edition, in the round after the cut of the old one.
        Map<String, Object> body = one.body(one.round(sheet).path("at").asLong(), "31.95");
        body.put("feature", now);
        body.put("round", 1);
        body.put("takenAt", TAKEN_AT.replace("2026-03-10T08", "2026-03-10T09"));
        Answer kept = server.put("/api/v1/readings/" + UUID.randomUUID(), body);
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        assertThat(readings(one.round(kept.shown()))).isEqualTo(1);
        assertThat(cut(one, now, 2).status()).isEqualTo(200);
        assertThat(one.sheet().path("rounds")).hasSize(3);
        assertThat(cut(one, now, 2).code()).isEqualTo("round-not-next");
    }

    private Answer cut(OneFeature one, long feature, int number) {
        return server.put(
                "/api/v1/rounds/" + UUID.randomUUID(),
                Map.of("part", one.part, "feature", feature, "number", number, "asked", "0.2", "person", 1));
    }

    @Test
    void a_third_axis_taken_on_one_part_goes_with_it() {
        Map<String, Object> typed = OneFeature.journal("third axis");
        OneFeature one = journalRead(typed);
        String section = one.round().path("places").get(0).path("section").asString();
        Answer taken = server.send(Server.json(
                server.ansasRequest("/api/v1/parts/" + one.part + "/features/" + one.feature + "/axes/45"),
                "PUT",
                Map.of("sections", List.of(section), "person", 1)));
        assertThat(taken.status()).as(taken.text()).isLessThan(300);
        assertThat(one.round().path("places")).hasSize(5);
        one.read("31.95", "31.951");
        change(one, but(typed, "limits", "32 h8"));
        assertThat(one.round().path("places")).hasSize(5);
        assertThat(readings(one.round())).isEqualTo(10);
    }
}
