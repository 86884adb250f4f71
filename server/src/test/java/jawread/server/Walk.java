package jawread.server;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import tools.jackson.databind.JsonNode;

/**
 * Measuring as a browser does it, on one feature of one shaft of the demonstration job. Tests that keep readings take a
 * feature each, so that none disturbs another.
 */
public final class Walk {
    private final Server server;
    private final long part;
    private final long feature;
    private final long place;

    public Walk(Server server, String part, String feature) {
        this.server = server;
        JsonNode job = named(server.get("/api/v1/bench").json().path("jobs"), "New idler shafts");
        JsonNode partNode = named(job.path("plans").get(0).path("parts"), part);
        this.part = partNode.path("id").asLong();
        this.feature = named(partNode.path("features"), feature).path("id").asLong();
        this.place =
                sheet().path("rounds").get(0).path("places").get(0).path("id").asLong();
    }

    public static JsonNode named(JsonNode all, String name) {
        for (JsonNode each : all) {
            if (each.path("name").asString().equals(name)) {
                return each;
            }
        }
        for (JsonNode each : all) {
            if (each.path("name").asString().startsWith(name)) {
                return each;
            }
        }
        throw new IllegalArgumentException("Nothing is called " + name + " in " + all);
    }

    public long gauge(String shopNumber) {
        for (JsonNode gauge : server.get("/api/v1/gauges").json()) {
            if (gauge.path("shopNumber").asString().equals(shopNumber)) {
                return gauge.path("id").asLong();
            }
        }
        throw new IllegalArgumentException("No gauge " + shopNumber);
    }

    /** What a reading typed with M6 is sent as; tests change what they need. */
    public Map<String, Object> typed(int round, String figure) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", part);
        body.put("feature", feature);
        body.put("round", round);
        body.put("place", place);
        body.put("gauge", gauge("M6"));
        body.put("person", 1);
        body.put("typed", figure);
        body.put("takenAt", "2026-03-10T08:00:00.123Z");
        return body;
    }

    public Map<String, Object> byScale(int round, Map<String, Integer> parts, long pm) {
        Map<String, Object> body = typed(round, "");
        body.remove("typed");
        body.put("parts", parts);
        body.put("pm", pm);
        return body;
    }

    public Answer keep(UUID id, Object body) {
        return server.put("/api/v1/readings/" + id, body);
    }

    public Answer keep(Object body) {
        return keep(UUID.randomUUID(), body);
    }

    public Answer cut(UUID id, int number, String asked) {
        return server.put(
                "/api/v1/rounds/" + id,
                Map.of("part", part, "feature", feature, "number", number, "asked", asked, "person", 1));
    }

    public Answer strike(UUID id, String reading, String reason) {
        return server.put(
                "/api/v1/marks/" + id, Map.of("reading", reading, "kind", "STRIKE", "reason", reason, "person", 1));
    }

    public JsonNode sheet() {
        return server.get("/api/v1/parts/" + part + "/features/" + feature + "/sheet")
                .json();
    }

    /** The one place in the last round. */
    public static JsonNode placeNow(JsonNode sheet) {
        JsonNode rounds = sheet.path("rounds");
        return rounds.get(rounds.size() - 1).path("places").get(0);
    }

    public long part() {
        return part;
    }

    public long feature() {
        return feature;
    }
}
