package jawread.server.pairing;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Bores and shafts of two jobs, put together. */
@ExtendWith(RunningServer.class)
class PairingTest {
    /** C2 reads inside and outside; each part has one place, or two where two sizes stand. */
    private static final String[] BORES = {"40.02", "40.06", "40.10"};

    private static final String[] SHAFTS = {"39.98", "39.90"};

    private final Server server;
    private final Drafting drafting;

    PairingTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    /** A job of parts of one feature with one place, measured to these sizes; answers its id. */
    private long measured(String name, String kind, String limits, String... sizes) {
        JsonNode job = drafting.open(name, "mm", "");
        JsonNode plan = drafting.plan(job);
        Map<String, Object> feature = typed(kind, kind, limits);
        feature.put("layout", "one-place");
        assertThat(drafting.add(plan, feature).status()).isEqualTo(200);
        JsonNode now = drafting.plan(job);
        List<Map<String, Object>> parts = IntStream.rangeClosed(1, sizes.length)
                .mapToObj(i -> {
                    var part =
                            new LinkedHashMap<String, Object>(Map.of("name", kind + " " + i, "mark", "", "hours", ""));
                    if (i == 1) {
                        part.put("id", now.path("parts").get(0).path("id").asLong());
                    }
                    return (Map<String, Object>) part;
                })
                .toList();
        assertThat(drafting.listParts(now, parts).status()).isEqualTo(200);
        JsonNode listed = Walk.named(server.get("/api/v1/bench").json().path("jobs"), name)
                .path("plans")
                .get(0)
                .path("parts");
        for (int i = 0; i < sizes.length; i++) {
            long part = listed.get(i).path("id").asLong();
            long ofPart = listed.get(i).path("features").get(0).path("id").asLong();
            long place = server.get("/api/v1/parts/" + part + "/features/" + ofPart + "/sheet")
                    .json()
                    .path("rounds")
                    .get(0)
                    .path("at")
                    .asLong();
            for (int again = 0; again < 2; again++) {
                var body = new LinkedHashMap<String, Object>();
                body.put("part", part);
                body.put("feature", ofPart);
                body.put("round", 0);
                body.put("place", place);
                body.put("gauge", 11);
                body.put("person", 1);
                body.put("typed", sizes[i]);
                body.put("takenAt", "2026-03-10T08:00:00.000Z");
                Answer answer = server.put("/api/v1/readings/" + UUID.randomUUID(), body);
                assertThat(answer.status()).as(answer.text()).isEqualTo(201);
            }
        }
        return job.path("id").asLong();
    }

    private Answer ask(long job, long with, String query) {
        return server.get("/api/v1/jobs/" + job + "/pairing?with=" + with + "&" + query);
    }

    private static long part(JsonNode parts, String name) {
        return Walk.named(parts, name).path("id").asLong();
    }

    @Test
    void as_many_as_can_are_paired_and_what_is_left_over_is_told_what_to_order() {
        long bores = measured("bores to pair", "bore", "40 +0.2/-0.1", BORES);
        long shafts = measured("shafts to pair", "outside", "40 +0.1/-0.2", SHAFTS);
        JsonNode said = ask(bores, shafts, "least=0.05&most=0.11").json();
        JsonNode best = said.path("best");
        assertThat(best.path("pairs")).hasSize(1);
        assertThat(best.path("pairs").get(0).path("insideName").asString()).isEqualTo("bore 2");
        assertThat(best.path("pairs").get(0).path("outsideName").asString()).isEqualTo("outside 1");
        assertThat(best.path("pairs").get(0).path("clearance").path("pm").asLong())
                .isEqualTo(80_000_000);
        assertThat(best.path("sentence").asString()).startsWith("One pair of 3 insides and 2 outsides");
        assertThat(said.path("order").toString())
                .contains("bore 1 is left over: order or turn an outside from 39.92 to 39.96 mm for it.")
                .contains("bore 3 is left over: order or turn an outside from 40.00 to 40.04 mm for it.")
                .contains("outside 2 is left over: order or bore an inside from 39.96 to 40.00 mm for it.");

        // By the limits of both drawings, until somebody says otherwise.
        assertThat(said.path("proposed").path("sentence").asString())
                .isEqualTo("By the limits of bore and outside: \u22120.2 to 0.4 mm.");
        assertThat(best.path("pairs").get(0).path("smallestExpanded").path("pm").asLong())
                .isEqualTo(best.path("pairs").get(0).path("expanded").path("pm").asLong());

        long second = part(said.path("insideParts"), "bore 2");
        long third = part(said.path("insideParts"), "bore 3");
        long first = part(said.path("outsideParts"), "outside 1");
        long thin = part(said.path("outsideParts"), "outside 2");
        String window = "least=0.05&most=0.11&pairs=";
        assertThat(ask(bores, shafts, window + second + "-" + first)
                        .json()
                        .path("chosen")
                        .path("sentence")
                        .asString())
                .isEqualTo("As good as the best there is.");
        JsonNode worse = ask(bores, shafts, window + third + "-" + thin).json().path("chosen");
        assertThat(worse.path("sentence").asString()).isEqualTo("Inside the window: 0, of 1 that could be.");
        assertThat(worse.path("pairs").get(0).path("word").asString()).isEqualTo("too loose");
        assertThat(ask(bores, shafts, window + ",").json().path("chosen").path("pairs"))
                .isEmpty();

        assertThat(ask(bores, shafts, window + second + "-" + first + "," + third + "-" + first)
                        .code())
                .isEqualTo("paired-twice");
        assertThat(ask(bores, shafts, window + "1-2-3").code()).isEqualTo("no-such-pair");
        assertThat(ask(bores, shafts, "least=0.5&most=0.6")
                        .json()
                        .path("best")
                        .path("sentence")
                        .asString())
                .startsWith("None of 3 insides and 2 outsides");
        assertThat(ask(bores, shafts, "least=0.11&most=0.05").code()).isEqualTo("clearance-upside-down");
        assertThat(ask(bores, shafts, "least=x&most=0.05").code()).isEqualTo("no-number");
        JsonNode free = ask(bores, shafts, "").json();
        assertThat(free.has("best")).isFalse();
        assertThat(free.path("sentence").asString()).contains("Say what there is to be between them");
    }

    @Test
    void a_part_whose_size_is_none_to_go_by_bears_its_verdict() {
        long pump = Walk.named(server.get("/api/v1/bench").json().path("jobs"), "Three-throw pump")
                .path("id")
                .asLong();
        JsonNode said = server.get("/api/v1/jobs/" + pump + "/pairing?least=0.0030&most=0.0060")
                .json();
        assertThat(Walk.named(said.path("outsideParts"), "plunger 1")
                        .path("verdict")
                        .path("mark")
                        .asString())
                .isEqualTo("wrong-way");
        assertThat(said.path("notMeasured").toString()).contains("barrel 1");
        assertThat(said.path("order").toString())
                .contains("barrel 3 is left over, and no size keeps every place of it inside the window");
    }

    @Test
    void a_fit_on_the_drawing_proposes_the_window_and_a_pair_that_may_bind_says_where() {
        long bushes = measured("bushes by fit", "bore", "40 H8/f7", "40.02");
        long pins = measured("pins by fit", "outside", "40 f7", "39.97");
        JsonNode said = ask(bushes, pins, "least=0.05&most=0.11").json();
        assertThat(said.path("proposed").path("sentence").asString())
                .isEqualTo("The drawing says 40 H8/f7 (bore): 0.025 to 0.089 mm.");
        assertThat(said.path("best").path("pairs").get(0).path("binds").asString())
                .startsWith("May bind between bore 1, ")
                .contains(" and outside 1, ", ": 0.05");
        // Asked for already, it is proposed no more, with however many zeros it is typed.
        assertThat(ask(bushes, pins, "least=0.0250&most=0.089")
                        .json()
                        .path("proposed")
                        .isObject())
                .isFalse();
        // What is no mate of the other proposes nothing.
        long others = measured("wider bores", "bore", "44 +0.1/0", "44.04");
        assertThat(ask(others, pins, "least=0.05&most=0.11")
                        .json()
                        .path("proposed")
                        .path("sentence")
                        .asString(""))
                .isEmpty();
        assertThat(ask(bushes, pins, "least=0.06&most=0.06")
                        .json()
                        .path("order")
                        .toString())
                .contains("order or turn an outside of 39.960 mm for it");
    }
}
