package jawread.server.storage;

import static jawread.server.Drafting.typed;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.Drafting;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import tools.jackson.databind.JsonNode;

/**
 * A day's work in the demonstration shop, as a browser sends it: readings left under an old edition of a feature, cuts, a third
 * axis, two readings put right that were taken at each other's place, comparator settings, and one of each other thing that is
 * ever kept. Made once with each schema, for the fixtures that later programs must open.
 */
final class WorkedDay {
    private final Server server;
    private final Drafting drafting;

    WorkedDay(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    void work() {
        cutsAndAnOldEdition();
        aThirdAxisAndASwap();
        aComparator();
        whatAPartIs();
        aroundTheBench();
        planning();
        aSizeOfTwo();
        practice();
    }

    private Answer done(Answer answer) {
        if (answer.status() >= 300) {
            throw new IllegalStateException(answer.status() + " " + answer.text());
        }
        return answer;
    }

    private Answer put(String path, Object body) {
        return done(server.put(path, body));
    }

    /** The groove of shaft 4, from the shoulder to its far side less that to its near one. */
    private void aSizeOfTwo() {
        var walk = new Walk(server, "shaft 4", "groove");
        Map<String, Object> far = walk.typed(0, "20.26");
        far.put(
                "made",
                Map.of("way", "difference", "others", List.of(Map.of("gauge", far.get("gauge"), "typed", "18.00"))));
        done(walk.keep(far));
    }

    /** Two items are answered, one of them wrongly, and a lesson is begun. */
    private void practice() {
        UUID set = UUID.randomUUID();
        put("/api/v1/practice/sets/" + set, Map.of("scale", "mic-mm-001", "level", "traps", "items", 5, "seed", 11));
        for (int number = 1; number <= 2; number++) {
            put(
                    "/api/v1/practice/answers/" + UUID.randomUUID(),
                    Map.of("set", set, "number", number, "typed", "7.78", "tookMs", 4000));
        }
        put("/api/v1/practice/lesson/" + UUID.randomUUID(), Map.of("unit", "mm", "step", 3));
    }

    /** Shaft 2 is turned; then its body is renamed and gets another limit, while its readings stay with the edition before. */
    private void cutsAndAnOldEdition() {
        var walk = new Walk(server, "shaft 2", "body");
        done(walk.keep(walk.typed(0, "32.412")));
        done(walk.keep(walk.typed(0, "32.413")));
        done(walk.cut(UUID.randomUUID(), 1, "0.44"));
        done(walk.keep(walk.typed(1, "31.976")));
        done(walk.keep(walk.typed(1, "31.99")));
        JsonNode slipped = Walk.placeNow(walk.sheet()).path("readings").get(1);
        done(walk.strike(UUID.randomUUID(), slipped.path("id").asString(), "a line too many"));
        done(walk.keep(walk.typed(1, "31.975")));
        JsonNode plan = drafting.plan(server.get("/api/v1/jobs/1/plan").json());
        // Of its features the second.
        JsonNode body = plan.path("features").get(1);
        var typed = new LinkedHashMap<String, Object>(typed("body, renamed", "outside", "32 h10"));
        typed.put("lies", "26-144");
        typed.put("layout", "one-place");
        done(drafting.change(
                plan,
                List.of(Map.of(
                        "key",
                        body.path("key").asString(),
                        "edition",
                        body.path("edition").asLong(),
                        "typed",
                        typed)),
                List.of()));
        var renamed = new Walk(server, "shaft 2", "body, renamed");
        done(renamed.keep(renamed.typed(1, "31.974")));
    }

    private void aThirdAxisAndASwap() {
        var barrel = new OnFeature("Three-throw pump", "barrel 1", "barrel bore");
        List<Long> places = barrel.places();
        String one = barrel.read(places.get(0), "T1", "M4", "3.2511");
        String other = barrel.read(places.get(1), "T1", "M4", "3.2512");
        put(
                "/api/v1/reading-swaps/" + UUID.randomUUID(),
                Map.of("one", one, "other", other, "reason", "taken the other way round", "person", 1));
        put(barrel.path() + "/axes/45", Map.of("sections", List.of("middle", "bottom"), "person", 1));
        List<Long> more = barrel.places();
        for (long place : more) {
            if (!places.contains(place)) {
                barrel.read(place, "T1", "M4", "3.2513");
            }
        }
        put(
                "/api/v1/place-marks/" + UUID.randomUUID(),
                barrel.at(places.get(3), Map.of("kind", "SKIP", "reason", "a web is in the way")));
        put(
                "/api/v1/parts/" + barrel.part + "/decisions/" + UUID.randomUUID(),
                Map.of("decided", "replace", "reason", "cheaper"));
    }

    private void aComparator() {
        long b1 = gauge("B1");
        JsonNode ring = null;
        for (JsonNode each :
                server.get("/api/v1/comparators/" + b1 + "?wanted=3.25").json().path("masters")) {
            ring = ring == null && each.path("kind").asString().equals("ring") ? each : ring;
        }
        put(
                "/api/v1/comparators/" + b1 + "/settings/" + UUID.randomUUID(),
                Map.of(
                        "wanted", "3.25",
                        "master", ring.path("key").asString(),
                        "temperature", "20.5",
                        "graduation", "0.0001",
                        "pressed", "fall",
                        "rocked", "rise",
                        "returned", "0.5"));
        var barrel = new OnFeature("Three-throw pump", "barrel 1", "barrel bore");
        long size = ring.path("size").path("pm").asLong();
        Map<String, Object> reading = barrel.reading(barrel.places().get(2), b1);
        reading.put("parts", Map.of("needle", 7, "sense", 1));
        reading.put("base", size);
        reading.put("takenAt", now());
        put("/api/v1/readings/" + UUID.randomUUID(), reading);
        put(
                "/api/v1/comparators/" + b1 + "/checks/" + UUID.randomUUID(),
                Map.of("needle", "3", "done", "set-to-zero", "after", "0"));
    }

    /** Which part it is, what size, what was never cut, and what was read under the wrong name. */
    private void whatAPartIs() {
        var barrel = new OnFeature("Three-throw pump", "barrel 2", "barrel bore");
        var plunger = new OnFeature("Three-throw pump", "plunger 2", "plunger");
        put(
                "/api/v1/sizes/" + UUID.randomUUID(),
                Map.of(
                        "part",
                        barrel.part,
                        "feature",
                        barrel.feature,
                        "round",
                        0,
                        "to",
                        762_000_000L,
                        "reason",
                        "",
                        "person",
                        1));
        UUID cut = UUID.randomUUID();
        put(
                "/api/v1/rounds/" + cut,
                Map.of("part", barrel.part, "feature", barrel.feature, "number", 1, "asked", "0.01", "person", 1));
        put(
                "/api/v1/cut-marks/" + UUID.randomUUID(),
                Map.of("cut", cut, "kind", "NOT_TAKEN", "reason", "the same key twice", "person", 1));
        put(barrel.path() + "/by-hand", Map.of("name", "gouge", "depth", "4.5", "degrees", "", "person", 1));
        put(
                "/api/v1/parts/" + barrel.part + "/same/" + UUID.randomUUID(),
                Map.of("other", plunger.part, "said", "OTHER", "reason", "", "person", 1));
        var first = new OnFeature("Three-throw pump", "barrel 1", "barrel bore");
        String wrong = first.read(first.places().get(0), "T1", "M4", "3.2514");
        put(
                "/api/v1/parts/" + first.part + "/moves/" + UUID.randomUUID(),
                Map.of(
                        "belonging",
                        Map.of("readings", List.of(wrong), "to", barrel.part),
                        "reason",
                        "the wrong barrel",
                        "person",
                        1));
    }

    private void aroundTheBench() {
        long part = new OnFeature("New idler shafts", "shaft 2", "left end").part;
        put("/api/v1/parts/" + part + "/warmths/" + UUID.randomUUID(), Map.of("part", "24.5", "gauge", "20.5"));
        put(
                "/api/v1/parts/" + part + "/ready-marks/" + UUID.randomUUID(),
                Map.of("card", "wipe", "reason", "clean already"));
        put("/api/v1/caution-ticks/" + UUID.randomUUID(), Map.of("job", 1, "caution", "sharp"));
        put("/api/v1/soakings/" + UUID.randomUUID(), Map.of("what", "shaft 2", "part", part, "minutes", 60));
        var walk = new Walk(server, "shaft 2", "left end");
        // Read warm: brought to 20 degrees as it is kept.
        Answer warm =
                done(walk.keep(walk.byScale(0, Map.of("sleeve", 0, "thimble", 1, "vernier", 0), 25_010_000_000L)));
        JsonNode reading = Walk.placeNow(warm.shown()).path("readings").get(0);
        put(
                "/api/v1/marks/" + UUID.randomUUID(),
                Map.of("reading", reading.path("id").asString(), "kind", "NOTE", "reason", "still warm", "person", 1));
        put(
                "/api/v1/studies/" + UUID.randomUUID(),
                Map.of(
                        "name", "who holds what",
                        "gauge", gauge("M6"),
                        "tolerance", "0.03",
                        "people", List.of("Ansa", "Kit"),
                        "readings",
                                List.of(
                                        List.of(List.of("31.97", "31.971"), List.of("31.972", "31.97")),
                                        List.of(List.of("31.95", "31.951"), List.of("31.952", "31.95")))));
        done(server.send(Server.json(
                server.ansasRequest("/api/v1/settings/shop-name").header("If-Match", "\"0\""),
                "PUT",
                Map.of("choice", "Low Weir, upper shop"))));
        put(
                "/api/v1/quick-sizes/" + UUID.randomUUID(),
                Map.of("kind", "outside", "limits", "32 h9", "figure", "31.97", "gauge", gauge("M6")));
        put(
                "/api/v1/looks/" + UUID.randomUUID(),
                Map.of("part", part, "feature", burrs(), "found", "ok", "note", "none"));
    }

    private long burrs() {
        long part = new OnFeature("New idler shafts", "shaft 2", "left end").part;
        return server.get("/api/v1/parts/" + part + "/look")
                .json()
                .path("items")
                .get(0)
                .path("id")
                .asLong();
    }

    private void planning() {
        JsonNode opened = drafting.open("a job of its own", "in", "");
        JsonNode plan = drafting.plan(opened);
        done(drafting.add(plan, typed("pin", "outside", "1.2500 -0.0005/-0.0010")));
        plan = drafting.plan(opened);
        done(drafting.listParts(
                plan,
                List.of(
                        Map.of("name", "pin 1", "mark", "P", "hours", "120"),
                        Map.of("name", "pin 2", "mark", "", "hours", ""))));
        String feature =
                drafting.plan(opened).path("features").get(0).path("key").asString();
        put("/api/v1/plans/" + plan.path("id").asLong() + "/methods/" + feature, Map.of("method", "" + gauge("M2")));
    }

    private String now() {
        return server.get("/api/v1/shop").json().path("now").asString();
    }

    private long gauge(String number) {
        for (JsonNode gauge : server.get("/api/v1/gauges").json()) {
            if (gauge.path("shopNumber").asString().startsWith(number)) {
                return gauge.path("id").asLong();
            }
        }
        throw new IllegalArgumentException("No gauge " + number);
    }

    /** A feature of a part of any job, found by names. */
    private final class OnFeature {
        private final long part;
        private final long feature;

        private OnFeature(String job, String part, String feature) {
            JsonNode found = null;
            for (JsonNode plan : Walk.named(server.get("/api/v1/bench").json().path("jobs"), job)
                    .path("plans")) {
                for (JsonNode each : plan.path("parts")) {
                    found = each.path("name").asString().equals(part) ? each : found;
                }
            }
            this.part = found.path("id").asLong();
            this.feature =
                    Walk.named(found.path("features"), feature).path("id").asLong();
        }

        private String path() {
            return "/api/v1/parts/" + part + "/features/" + feature;
        }

        private List<Long> places() {
            var ids = new ArrayList<Long>();
            JsonNode rounds = server.get(path() + "/sheet").json().path("rounds");
            rounds.get(rounds.size() - 1)
                    .path("places")
                    .forEach(place -> ids.add(place.path("id").asLong()));
            return ids;
        }

        private Map<String, Object> at(long place, Map<String, Object> more) {
            var body = new LinkedHashMap<String, Object>(
                    Map.of("part", part, "feature", feature, "round", 0, "place", place, "person", 1));
            body.putAll(more);
            return body;
        }

        private Map<String, Object> reading(long place, long gauge) {
            return at(place, Map.of("gauge", gauge, "takenAt", now()));
        }

        /** @return its id */
        private String read(long place, String gauge, String reader, String figure) {
            String id = UUID.randomUUID().toString();
            Map<String, Object> body = reading(place, transfer(gauge));
            body.put("reader", gauge(reader));
            body.put("typed", figure);
            put("/api/v1/readings/" + id, body);
            return id;
        }

        /** A transfer gauge stands in no list of what can be read by itself. */
        private long transfer(String number) {
            for (JsonNode gauge : server.get("/api/v1/drawer").json().path("gauges")) {
                if (gauge.path("shopNumber").asString().equals(number)) {
                    return gauge.path("id").asLong();
                }
            }
            throw new IllegalArgumentException("No gauge " + number);
        }
    }
}
