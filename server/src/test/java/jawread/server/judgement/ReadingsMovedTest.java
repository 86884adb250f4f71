package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What was read under the wrong part or place is moved to where it belongs, seen beforehand, and put back by one act. */
@ExtendWith(RunningServer.class)
class ReadingsMovedTest {
    private final Server server;
    private final Drafting drafting;
    private final Acts acts;

    ReadingsMovedTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
        this.acts = new Acts(server);
    }

    /** The bore on two parts of one plan. */
    private List<OneFeature> two(String name) {
        OneFeature one = new OneFeature(server, Acts.bore(name)).with("C2");
        JsonNode plan = server.get("/api/v1/jobs/" + one.job() + "/plan")
                .json()
                .path("plans")
                .get(0);
        Answer listed = drafting.listParts(
                plan,
                List.of(
                        Map.of("id", one.part, "name", "barrel 1", "mark", "", "hours", ""),
                        Map.of("name", "barrel 2", "mark", "", "hours", "")));
        assertThat(listed.status()).as(listed.text()).isEqualTo(200);
        long other = one.sheet().path("parts").get(1).path("id").asLong();
        return List.of(one, new OneFeature(server, other, one.feature).with("C2"));
    }

    private List<UUID> walk(long part, int which) {
        JsonNode walks = server.get("/api/v1/parts/" + part + "/moving").json().path("walks");
        var all = new ArrayList<UUID>();
        walks.get(which).path("readings").forEach(each -> all.add(UUID.fromString(each.asString())));
        return all;
    }

    private static Map<String, Object> belonging(List<UUID> readings, long to) {
        var body = new LinkedHashMap<String, Object>();
        body.put("readings", readings);
        body.put("to", to);
        return body;
    }

    private Answer move(long from, UUID id, Map<String, Object> belonging) {
        return server.put(
                "/api/v1/parts/" + from + "/moves/" + id,
                Map.of("belonging", belonging, "reason", "the wrong barrel", "person", 1));
    }

    private static int read(OneFeature one) {
        return IntStream.range(0, one.round().path("places").size())
                .map(at -> one.round().path("places").get(at).path("readings").size())
                .sum();
    }

    @Test
    void a_walk_taken_under_the_wrong_part_goes_to_the_right_one_and_back() {
        List<OneFeature> barrels = two("moved walk");
        OneFeature one = barrels.get(0);
        OneFeature other = barrels.get(1);
        acts.read(one, 0, "50.20");
        for (int place = 0; place < 2; place++) {
            long at = one.round().path("places").get(place).path("id").asLong();
            Map<String, Object> body = one.body(at, "51.20");
            body.put("takenAt", "2026-03-10T14:00:00Z");
            assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).status())
                    .isEqualTo(201);
        }
        assertThat(one.judgement().path("part").path("verdict").path("mark").asString())
                .isNotEqualTo("as-new");
        // The later walk is offered first.
        List<UUID> wrong = walk(one.part, 0);
        assertThat(wrong).hasSize(2);
        Map<String, Object> belonging = belonging(wrong, other.part);
        JsonNode ahead = drafting.post("/api/v1/parts/" + one.part + "/moving", belonging)
                .json();
        assertThat(ahead.path("count").asInt()).isEqualTo(2);
        assertThat(ahead.path("sides").size()).isEqualTo(2);
        assertThat(ahead.path("sides").get(0).path("after").path("mark").asString())
                .isEqualTo("as-new");
        assertThat(ahead.path("sides").get(1).path("readings").asInt()).isEqualTo(2);
        // Looking does nothing.
        assertThat(read(one)).isEqualTo(6);

        UUID id = UUID.randomUUID();
        assertThat(move(one.part, id, belonging).status()).isEqualTo(200);
        assertThat(move(one.part, id, belonging).json().path("kept").asString()).isEqualTo("before");
        assertThat(read(one)).isEqualTo(4);
        assertThat(read(other)).isEqualTo(2);
        assertThat(one.judgement().path("part").path("verdict").path("mark").asString())
                .isEqualTo("as-new");
        JsonNode moved = other.round().path("places").get(0).path("readings").get(0);
        assertThat(moved.path("notes").get(0).path("reason").asString()).contains("barrel 1", "the wrong barrel");
        // A strike finds it where it is now.
        Answer struck = server.put(
                "/api/v1/marks/" + UUID.randomUUID(),
                Map.of("reading", moved.path("id").asString(), "kind", "STRIKE", "reason", "slipped", "person", 1));
        assertThat(struck.status()).isEqualTo(200);
        assertThat(other.round()
                        .path("places")
                        .get(0)
                        .path("readings")
                        .get(0)
                        .path("struck")
                        .path("reason")
                        .asString())
                .isEqualTo("slipped");
        assertThat(move(one.part, UUID.randomUUID(), belonging).code()).isEqualTo("move-not-here");

        Answer undone = server.put(
                "/api/v1/parts/" + other.part + "/moves-undone/" + UUID.randomUUID(), Map.of("move", id, "person", 1));
        assertThat(undone.status()).as(undone.text()).isEqualTo(200);
        assertThat(read(one)).isEqualTo(6);
        assertThat(read(other)).isZero();
    }

    @Test
    void a_place_goes_to_another_place_of_the_part_and_only_to_one_of_its_kind() {
        OneFeature one = new OneFeature(server, Acts.bore("moved place")).with("C2");
        JsonNode places = one.round().path("places");
        long top = places.get(0).path("id").asLong();
        long bottom = places.get(1).path("id").asLong();
        UUID id = UUID.randomUUID();
        server.put("/api/v1/readings/" + id, one.body(top, "50.20"));
        JsonNode moving = server.get("/api/v1/parts/" + one.part + "/moving?feature=" + one.feature + "&place=" + top)
                .json();
        assertThat(moving.path("places").size()).isEqualTo(1);
        Map<String, Object> belonging = belonging(List.of(id), one.part);
        assertThat(drafting.post("/api/v1/parts/" + one.part + "/moving", belonging)
                        .code())
                .isEqualTo("move-nowhere");
        belonging.put("feature", one.feature);
        belonging.put("place", bottom);
        assertThat(move(one.part, UUID.randomUUID(), belonging).status()).isEqualTo(200);
        JsonNode after = one.round().path("places");
        assertThat(after.get(0).path("readings").size()).isZero();
        assertThat(after.get(1).path("readings").size()).isEqualTo(1);
        assertThat(move(one.part, UUID.randomUUID(), belonging(List.of(), one.part))
                        .code())
                .isEqualTo("move-nowhere");
    }
}
