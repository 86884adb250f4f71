package jawread.server.judgement;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import jawread.server.Drafting;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** One part, one feature. */
final class OneFeature {
    static final String TAKEN_AT = "2026-03-10T08:00:00.123Z";
    final long part;
    final long feature;
    private final Server server;
    long gauge;

    OneFeature(Server server, Map<String, Object> typed) {
        this.server = server;
        this.gauge = numbered(server, "M6");
        var drafting = new Drafting(server);
        JsonNode job = drafting.open("walk " + typed.get("name"), "mm", "");
        JsonNode plan = drafting.plan(job);
        assertThat(drafting.add(plan, typed).status()).isEqualTo(200);
        JsonNode benchPart = drafting.part(job);
        part = benchPart.path("id").asLong();
        feature = benchPart.path("features").get(0).path("id").asLong();
    }

    /** One that is there already, as another server sees it. */
    OneFeature(Server server, long part, long feature) {
        this.server = server;
        this.part = part;
        this.feature = feature;
    }

    /** The same on a bore gauge that was set just now, locked in a micrometer or on what else there is. */
    OneFeature withSet(String number, String wanted) {
        with(number);
        JsonNode settingUp =
                server.get("/api/v1/comparators/" + gauge + "?wanted=" + wanted).json();
        Answer set = server.send(Server.json(
                server.ansasRequest("/api/v1/comparators/" + gauge + "/settings/" + UUID.randomUUID()),
                "PUT",
                Map.of(
                        "wanted", wanted,
                        "master", settingUp.at("/masters/0/key").asString(),
                        "temperature", "",
                        "graduation", settingUp.at("/graduation/text").asString(),
                        "pressed", "fall",
                        "rocked", "rise",
                        "returned", "0")));
        assertThat(set.status()).as(set.text()).isEqualTo(200);
        return this;
    }

    OneFeature with(String number) {
        gauge = numbered(server, number);
        return this;
    }

    /** Chooses a school for its job, whose head is kept as it is else. */
    Answer choose(String setting, String choice) {
        long job = job();
        JsonNode now = server.get("/api/v1/jobs/" + job + "/plan").json();
        var head = new LinkedHashMap<String, Object>();
        for (String text : List.of(
                "name", "about", "limitsSource", "customerReference", "unit", "material", "temperature", "decider")) {
            head.put(text, now.path(text).asString());
        }
        head.put("livesHangOnIt", now.path("livesHangOnIt").asBoolean());
        head.put("choices", Map.of(setting, choice));
        return server.send(Server.json(
                server.ansasRequest("/api/v1/jobs/" + job)
                        .header("If-Match", "\"" + now.path("edition").asLong() + "\""),
                "PUT",
                head));
    }

    long job() {
        return sheet().path("job").path("id").asLong();
    }

    JsonNode sheet() {
        return server.get("/api/v1/parts/" + part + "/features/" + feature + "/sheet")
                .json();
    }

    JsonNode round() {
        return round(sheet());
    }

    JsonNode round(JsonNode sheet) {
        JsonNode rounds = sheet.path("rounds");
        return rounds.get(rounds.size() - 1);
    }

    /** At the place where the walk stands, twice unless it says otherwise. */
    JsonNode read(String... figures) {
        long place = round().path("at").asLong();
        JsonNode sheet = null;
        for (String figure : figures) {
            Answer answer = server.put("/api/v1/readings/" + UUID.randomUUID(), body(place, figure));
            assertThat(answer.status()).as(answer.text()).isEqualTo(201);
            sheet = answer.shown();
        }
        return sheet;
    }

    Map<String, Object> body(long place, String figure) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", part);
        body.put("feature", feature);
        body.put("round", 0);
        body.put("place", place);
        body.put("gauge", gauge);
        body.put("person", 1);
        body.put("typed", figure);
        body.put("takenAt", TAKEN_AT);
        return body;
    }

    /** How straight it was found, at any of its places. */
    Map<String, Object> straight(String size) {
        var mark = new LinkedHashMap<String, Object>();
        mark.put("part", part);
        mark.put("feature", feature);
        mark.put("round", 0);
        mark.put("place", round().path("places").get(0).path("id").asLong());
        mark.put("kind", "STRAIGHTNESS");
        mark.put("size", size);
        mark.put("reason", "feelers under a straight edge");
        return mark;
    }

    JsonNode place(String name) {
        return Walk.named(round().path("places"), name);
    }

    Answer mark(String place, String kind, String reason) {
        return mark(UUID.randomUUID(), place, kind, reason);
    }

    Answer mark(UUID id, String place, String kind, String reason) {
        return server.put(
                "/api/v1/place-marks/" + id,
                Map.of(
                        "part", part,
                        "feature", feature,
                        "round", 0,
                        "place", place(place).path("id").asLong(),
                        "kind", kind,
                        "reason", reason,
                        "person", 1));
    }

    JsonNode judgement() {
        return server.get("/api/v1/parts/" + part + "/judgement").json();
    }

    String at() {
        long at = round().path("at").asLong();
        return StreamSupport.stream(round().path("places").spliterator(), false)
                .filter(place -> place.path("id").asLong() == at)
                .findFirst()
                .orElseThrow()
                .path("name")
                .asString();
    }

    static long numbered(Server server, String number) {
        return Walk.named(asNamed(server.get("/api/v1/gauges").json()), number)
                .path("id")
                .asLong();
    }

    /** {@link Walk#named} looks at names; gauges have numbers. */
    private static JsonNode asNamed(JsonNode gauges) {
        return new ObjectMapper()
                .readTree(
                        gauges.toString().replace("\"name\":", "\"called\":").replace("\"shopNumber\":", "\"name\":"));
    }

    static Map<String, Object> onePlace(String name, String kind, String limits) {
        Map<String, Object> typed = typed(name, kind, limits);
        typed.put("layout", "one-place");
        return typed;
    }

    static Map<String, Object> journal(String name) {
        Map<String, Object> typed = typed(name, "outside", "32 h9");
        typed.put("lies", "0-60");
        typed.put("layout", "shaft-journal");
        return typed;
    }
}
