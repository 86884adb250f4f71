package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpClient;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/**
 * Two servers over one database, as nobody runs them: what one has in memory is right only if nothing that it counts by itself decides
 * what is fresh.
 */
@TestInstance(Lifecycle.PER_CLASS)
class TwoServersTest {
    private static final int CHANGES = 500;
    private static final long SEED = 22;
    private static final int JOBS = 10;

    private Server one;
    private Server other;
    private List<OneFeature> journals;
    /** The one that is changed. */
    private OneFeature journal;

    private final Random random = new Random(SEED);
    private final List<UUID> read = new ArrayList<>();

    @BeforeAll
    void both_open(@TempDir Path shop) {
        one = Server.open(shop);
        other = Server.open(shop);
        journals = IntStream.range(0, JOBS)
                .mapToObj(at -> new OneFeature(one, OneFeature.journal("journal of two " + at)))
                .toList();
    }

    @AfterAll
    void both_close() {
        other.close();
        one.close();
    }

    @Test
    void five_hundred_mixed_changes_are_seen_by_the_other_at_once() {
        var kinds = new TreeMap<String, Integer>();
        for (int i = 0; i < CHANGES; i++) {
            journal = journals.get(random.nextInt(JOBS));
            Server acts = random.nextBoolean() ? one : other;
            Server looks = acts == one ? other : one;
            // Both have it in memory before it changes.
            seen(looks, i);
            kinds.merge(change(acts), 1, Integer::sum);
            assertThat(seen(looks, i)).as("after change %d, %s", i, kinds).isEqualTo(seen(acts, i));
            if (i % 100 == 99) {
                theIndexKnows();
            }
        }
        assertThat(kinds.keySet())
                .containsExactlyInAnyOrder(
                        "reading",
                        "mark",
                        "place mark",
                        "gauge",
                        "check",
                        "setting",
                        "school",
                        "person",
                        "round",
                        "put away");
        assertThat(kinds.values()).allMatch(times -> times >= 10);
    }

    /** What the index says of jobs that were put away is what they come to. */
    private void theIndexKnows() {
        String known = one.get("/api/v1/doubts").text();
        assertThat(one.bean(JdbcTemplate.class).update("DELETE FROM plan_judged"))
                .isPositive();
        assertThat(one.get("/api/v1/doubts").text()).isEqualTo(known);
    }

    /** What rests on what is kept in memory: the sheet, and one of the other pages. */
    private List<String> seen(Server server, int which) {
        List<String> others =
                List.of("/api/v1/parts/" + journal.part + "/judgement", "/api/v1/doubts", "/api/v1/people");
        return Stream.of(
                        "/api/v1/parts/" + journal.part + "/features/" + journal.feature + "/sheet",
                        others.get(which % others.size()))
                .map(path -> server.get(path).text())
                .toList();
    }

    /** @return what it was */
    private String change(Server acts) {
        switch (random.nextInt(13)) {
            case 0:
                return read.isEmpty() ? reading(acts) : mark(acts);
            case 1:
                return placeMark(acts);
            case 2:
                return gauge(acts);
            case 3:
                return check(acts);
            case 4:
                return setting(acts);
            case 5:
                return school(acts);
            case 6:
                return person(acts);
            case 7:
                return round(acts);
            case 8:
                return putAway(acts);
            default:
                return reading(acts);
        }
    }

    private JsonNode sheet(Server server) {
        return server.get("/api/v1/parts/" + journal.part + "/features/" + journal.feature + "/sheet")
                .json();
    }

    private JsonNode lastRound(Server server) {
        JsonNode rounds = sheet(server).path("rounds");
        return rounds.get(rounds.size() - 1);
    }

    private String reading(Server acts) {
        JsonNode round = lastRound(acts);
        JsonNode places = round.path("places");
        var id = UUID.randomUUID();
        Map<String, Object> body = journal.body(
                places.get(random.nextInt(places.size())).path("id").asLong(), "31.9" + (60 + random.nextInt(40)));
        body.put("round", round.path("number").asInt());
        // Between the looks at its gauge: each look throws others into doubt.
        body.put("takenAt", one.bean(Clock.class).instant().toString());
        Answer answer = acts.put("/api/v1/readings/" + id, body);
        assertThat(answer.status()).as(answer.text()).isIn(201, 422);
        if (answer.status() == 201) {
            read.add(id);
        }
        return "reading";
    }

    private String mark(Server acts) {
        String[] kinds = {"STRIKE", "NOTE", "KEEP"};
        Answer answer = acts.put(
                "/api/v1/marks/" + UUID.randomUUID(),
                Map.of(
                        "reading",
                        read.get(random.nextInt(read.size())),
                        "kind",
                        kinds[random.nextInt(kinds.length)],
                        "reason",
                        "looked again",
                        "person",
                        1));
        assertThat(answer.status()).as(answer.text()).isIn(200, 409);
        return "mark";
    }

    private String placeMark(Server acts) {
        JsonNode round = lastRound(acts);
        JsonNode places = round.path("places");
        Answer answer = acts.put(
                "/api/v1/place-marks/" + UUID.randomUUID(),
                Map.of(
                        "part",
                        journal.part,
                        "feature",
                        journal.feature,
                        "round",
                        round.path("number").asInt(),
                        "place",
                        places.get(random.nextInt(places.size())).path("id").asLong(),
                        "kind",
                        random.nextBoolean() ? "SKIP" : "TAKE_UP",
                        "reason",
                        "a burr",
                        "person",
                        1));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return "place mark";
    }

    /** What becomes of the micrometer that the journal is read with. */
    private String gauge(Server acts) {
        String kind = random.nextBoolean() ? "quarantined" : "back-in-use";
        Answer answer = acts.put(
                "/api/v1/drawer/gauges/" + journal.gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", kind, "words", "a chip in the faces"));
        assertThat(answer.status()).as(answer.text()).isIn(200, 201, 422);
        return "gauge";
    }

    private String check(Server acts) {
        Answer answer = acts.put(
                "/api/v1/drawer/gauges/" + journal.gauge + "/checks/" + UUID.randomUUID(),
                Map.of(
                        "shown", random.nextBoolean() ? "0.000" : "0.012",
                        "done", "nothing",
                        "shownAfter", "",
                        "temperature", "",
                        "unitConfirmed", true));
        assertThat(answer.status()).as(answer.text()).isIn(200, 201, 422);
        return "check";
    }

    private String setting(Server acts) {
        JsonNode all = acts.get("/api/v1/settings").json();
        long edition = -1;
        for (JsonNode each : all) {
            if (each.path("name").asString().equals("temperature-apart")) {
                edition = each.path("edition").asLong();
            }
        }
        Answer answer = acts.send(Server.json(
                acts.ansasRequest("/api/v1/settings/temperature-apart").header("If-Match", "\"" + edition + "\""),
                "PUT",
                Map.of("choice", Integer.toString(1 + random.nextInt(8)))));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return "setting";
    }

    private String school(Server acts) {
        String[] schools = {"guarded", "plain"};
        Answer answer =
                new OneFeature(acts, journal.part, journal.feature).choose("near-limit", schools[random.nextInt(2)]);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return "school";
    }

    private String person(Server acts) {
        Answer answer = acts.post("/api/v1/people", Map.of("name", "Nomad " + UUID.randomUUID(), "does", "helps"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return "person";
    }

    private String round(Server acts) {
        Answer answer = acts.put(
                "/api/v1/rounds/" + UUID.randomUUID(),
                Map.of(
                        "part",
                        journal.part,
                        "feature",
                        journal.feature,
                        "number",
                        lastRound(acts).path("number").asInt() + 1,
                        "asked",
                        "0.02",
                        "person",
                        1));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return "round";
    }

    /** Or taken out again: what is in doubt in it stays in doubt. */
    private String putAway(Server acts) {
        Answer answer =
                acts.put("/api/v1/jobs/" + journal.job() + "/archived", Map.of("archived", random.nextInt(3) > 0));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return "put away";
    }

    @Test
    void a_change_at_one_reaches_a_screen_at_the_other_within_two_seconds() throws Exception {
        try (Stream<String> body = HttpClient.newHttpClient()
                .send(other.request("/api/v1/events").build(), BodyHandlers.ofLines())
                .body()) {
            Iterator<String> lines = body.iterator();
            assertThat(lines.next()).startsWith(":");
            Instant kept = Instant.now();
            person(one);
            CompletableFuture<String> told = CompletableFuture.supplyAsync(() -> {
                String line = lines.next();
                while (!line.startsWith("data:")) {
                    line = lines.next();
                }
                return line;
            });
            assertThat(told.get(2, TimeUnit.SECONDS)).contains("\"what\":\"shop\"");
            assertThat(Duration.between(kept, Instant.now())).isLessThan(Duration.ofSeconds(2));
        }
    }
}
