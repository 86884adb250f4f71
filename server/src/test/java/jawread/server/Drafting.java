package jawread.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import tools.jackson.databind.JsonNode;

/** Planning as a browser does it: a job of its own for a test. */
public final class Drafting {
    private final Server server;

    public Drafting(Server server) {
        this.server = server;
    }

    public Answer post(String path, Object body) {
        return server.send(Server.json(server.ansasRequest(path), "POST", body));
    }

    public JsonNode open(String name, String unit, String template) {
        return post(
                        "/api/v1/jobs",
                        Map.of(
                                "name",
                                name,
                                "limitsSource",
                                "drawing 1, revision A",
                                "unit",
                                unit,
                                "template",
                                template))
                .json();
    }

    /** Its first plan. */
    public JsonNode plan(JsonNode job) {
        return server.get("/api/v1/jobs/" + job.path("id").asLong() + "/plan")
                .json()
                .path("plans")
                .get(0);
    }

    /** The first part of its first plan, as the bench shows it. */
    public JsonNode part(JsonNode job) {
        return StreamSupport.stream(
                        server.get("/api/v1/bench").json().path("jobs").spliterator(), false)
                .filter(each -> each.path("id").asLong() == job.path("id").asLong())
                .findFirst()
                .orElseThrow()
                .path("plans")
                .get(0)
                .path("parts")
                .get(0);
    }

    /** A feature with no more said of it than this. */
    public static Map<String, Object> typed(String name, String kind, String limits) {
        var body = new LinkedHashMap<String, Object>();
        for (String text : List.of(
                "service",
                "outOfRound",
                "taper",
                "steps",
                "grades",
                "lies",
                "face",
                "layout",
                "sections",
                "axes",
                "keepClear",
                "outOfReach",
                "order")) {
            body.put(text, "");
        }
        body.put("name", name);
        body.put("kind", kind);
        body.put("limits", limits);
        body.put("round", true);
        body.put("envelope", false);
        body.put("contact", "");
        body.put("decisive", false);
        return body;
    }

    /** A gauge as it is typed into the drawer, in mm. */
    public static Map<String, Object> gauge(String number, String kind, String scale, String low, String high) {
        var typed = new LinkedHashMap<String, Object>();
        for (String field : List.of("base", "rods", "step", "spread", "error", "reach", "allowedSteps")) {
            typed.put(field, "");
        }
        typed.put("shopNumber", number);
        typed.put("name", "a " + kind);
        typed.put("kind", kind);
        typed.put("scale", scale);
        typed.put("unit", "mm");
        typed.put("rangeLow", low);
        typed.put("rangeHigh", high);
        typed.put("switchable", false);
        typed.put("readers", List.of());
        return typed;
    }

    /** Adds a gauge that nobody has set or looked at. @return its number */
    public String addGauge(String kind, String scale, String low, String high) {
        String number = "S" + UUID.randomUUID().toString().substring(0, 8);
        Answer added = server.send(Server.json(
                server.ansasRequest("/api/v1/drawer/gauges"),
                "POST",
                Map.of("gauges", List.of(gauge(number, kind, scale, low, high)))));
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        return number;
    }

    /** Lists the parts of a plan anew. @param plan as it is now */
    public Answer listParts(JsonNode plan, List<Map<String, Object>> parts) {
        String path = "/api/v1/plans/" + plan.path("id").asLong() + "/parts";
        String edition = "\"" + plan.path("edition").asLong() + "\"";
        return server.send(
                Server.json(server.ansasRequest(path).header("If-Match", edition), "PUT", Map.of("parts", parts)));
    }

    public Answer change(JsonNode plan, Object puts, Object removes) {
        return post("/api/v1/plans/" + plan.path("id").asLong() + "/changes", Map.of("puts", puts, "removes", removes));
    }

    public Answer add(JsonNode plan, Map<String, Object> typed) {
        return change(plan, List.of(Map.of("key", UUID.randomUUID(), "typed", typed)), List.of());
    }
}
