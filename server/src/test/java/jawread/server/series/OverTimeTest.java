package jawread.server.series;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
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
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** One part through its inspections: the demonstration's spindle, and others made here. */
@ExtendWith(RunningServer.class)
class OverTimeTest {
    private final Server server;
    private final Drafting drafting;

    OverTimeTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    /** A part in a job of its own, with one place. */
    private record Inspected(long job, long part, long feature) {}

    private Inspected inspected(String mark, String hours) {
        JsonNode job = drafting.open("inspection of " + mark + " at " + hours, "mm", "");
        // It was opened years ago: nothing can have been read before.
        server.bean(JdbcTemplate.class)
                .update(
                        "update job set opened_at = timestamp with time zone '2020-01-01 00:00:00Z' where id = ?",
                        job.path("id").asLong());
        JsonNode plan = drafting.plan(job);
        Map<String, Object> journal = typed("journal", "outside", "32.000 -0.040");
        journal.put("service", "31.900");
        journal.put("layout", "one-place");
        assertThat(drafting.add(plan, journal).status()).isEqualTo(200);
        JsonNode now = drafting.plan(job);
        Answer listed = drafting.listParts(
                now,
                List.of(Map.of(
                        "id",
                        now.path("parts").get(0).path("id").asLong(),
                        "name",
                        "spindle",
                        "mark",
                        mark,
                        "hours",
                        hours)));
        assertThat(listed.status()).as(listed.text()).isEqualTo(200);
        JsonNode part = Walk.named(
                        server.get("/api/v1/bench").json().path("jobs"),
                        job.path("name").asString())
                .path("plans")
                .get(0)
                .path("parts")
                .get(0);
        return new Inspected(
                job.path("id").asLong(),
                part.path("id").asLong(),
                part.path("features").get(0).path("id").asLong());
    }

    /** A person says that two are one. */
    private void same(Inspected one, Inspected other) {
        Answer said = server.put(
                "/api/v1/parts/" + one.part() + "/same/" + UUID.randomUUID(),
                Map.of("other", other.part(), "said", "SAME", "reason", "", "person", 1));
        assertThat(said.status()).as(said.text()).isEqualTo(200);
    }

    private void read(Inspected at, int round, String figure, String when) {
        JsonNode sheet = server.get("/api/v1/parts/" + at.part() + "/features/" + at.feature() + "/sheet")
                .json();
        JsonNode rounds = sheet.path("rounds");
        for (int i = 0; i < 2; i++) {
            var body = new LinkedHashMap<String, Object>();
            body.put("part", at.part());
            body.put("feature", at.feature());
            body.put("round", round);
            body.put("place", rounds.get(rounds.size() - 1).path("at").asLong());
            body.put(
                    "gauge",
                    Walk.named(named(server.get("/api/v1/gauges").json()), "M6")
                            .path("id")
                            .asLong());
            body.put("person", 1);
            body.put("typed", figure);
            body.put("takenAt", when);
            Answer answer = server.put("/api/v1/readings/" + UUID.randomUUID(), body);
            assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        }
    }

    private static JsonNode named(JsonNode gauges) {
        return new tools.jackson.databind.ObjectMapper()
                .readTree(
                        gauges.toString().replace("\"name\":", "\"called\":").replace("\"shopNumber\":", "\"name\":"));
    }

    private JsonNode overTime(Inspected at, String query) {
        return server.get("/api/v1/parts/" + at.part() + "/features/" + at.feature() + "/over-time" + query)
                .json();
    }

    private static JsonNode first(JsonNode overTime) {
        return overTime.path("series").get(0);
    }

    @Test
    void the_spindle_wears_and_its_middle_journal_does_not_measurably() {
        JsonNode spindle = Walk.named(server.get("/api/v1/bench").json().path("jobs"), "Sluice spindle")
                .path("plans")
                .get(0)
                .path("parts")
                .get(0);
        long part = spindle.path("id").asLong();
        long lower =
                Walk.named(spindle.path("features"), "lower journal").path("id").asLong();
        long middle = Walk.named(spindle.path("features"), "middle journal")
                .path("id")
                .asLong();
        JsonNode worn = overTime(new Inspected(0, part, lower), "");
        assertThat(worn.path("inspections")).hasSize(3);
        assertThat(worn.path("along").asString()).isEqualTo("hours");
        assertThat(first(worn).path("state").asString()).isEqualTo("wearing");
        assertThat(first(worn).path("place").asString())
                .as("what meets its limit first")
                .isEqualTo("right, thrust");
        double meets = first(worn).path("meets").asDouble();
        double earliest = first(worn).path("earliest").asDouble();
        assertThat(earliest).isBetween(21_400.0, meets);
        assertThat(first(worn).path("sentence").asString())
                .as("in three figures, the earliest of them rounded down")
                .contains("It meets 43.900 mm at " + Math.round(meets / 100) * 100 + " h; at "
                        + (long) Math.floor(earliest / 100) * 100 + " h at the earliest");
        assertThat(overTime(new Inspected(0, part, middle), "").path("series").findValuesAsString("state"))
                .containsOnly("not-measurable");
        assertThat(overTime(new Inspected(0, part, lower), "?days=true")
                        .path("along")
                        .asString())
                .isEqualTo("days");
    }

    @Test
    void two_inspections_give_a_rate_and_a_cut_begins_a_new_series() {
        Inspected early = inspected("N-1", "1000");
        read(early, 0, "31.990", "2024-03-10T08:00:00.000Z");
        assertThat(first(overTime(early, "")).path("sentence").asString())
                .isEqualTo("One inspection has no rate: two or more are wanted.");
        Inspected late = inspected("n-1", "2000");
        read(late, 0, "31.970", "2026-03-10T08:00:00.000Z");
        assertThat(overTime(late, "").path("inspections"))
                .as("its mark alone only proposes")
                .hasSize(1);
        assertThat(server.get("/api/v1/parts/" + late.part() + "/judgement")
                        .json()
                        .path("which")
                        .path("asked")
                        .get(0)
                        .path("part")
                        .asLong())
                .as("the same mark, whatever its case")
                .isEqualTo(early.part());
        same(late, early);
        assertThat(first(overTime(late, "")).path("sentence").asString())
                .startsWith("Two inspections give no more than a rate: 0.020 mm in 1000 hours.");

        Answer cut = server.put(
                "/api/v1/rounds/" + UUID.randomUUID(),
                Map.of("part", late.part(), "feature", late.feature(), "number", 1, "asked", "0.05", "person", 1));
        assertThat(cut.status()).isEqualTo(200);
        read(late, 1, "31.920", "2026-03-10T09:00:00.000Z");
        JsonNode after = overTime(late, "");
        assertThat(after.path("series").findValuesAsString("place"))
                .hasSize(2)
                .last()
                .asString()
                .endsWith(", since it was cut");
        assertThat(after.path("series").get(0).path("points")).hasSize(2);
        assertThat(after.path("series").get(1).path("points")).hasSize(1);
    }

    @Test
    void hours_that_go_back_and_hours_that_stand_still_are_said_and_days_tell_what_they_can() {
        Inspected early = inspected("N-2", "2000");
        read(early, 0, "31.990", "2024-03-10T08:00:00.000Z");
        Inspected late = inspected("N-2", "1000");
        read(late, 0, "31.970", "2026-03-10T08:00:00.000Z");
        same(late, early);
        assertThat(first(overTime(late, "")).path("sentence").asString()).startsWith("The hours go back");
        assertThat(first(overTime(late, "?days=true")).path("state").asString()).isEqualTo("rate-only");

        Inspected still = inspected("N-3", "500");
        read(still, 0, "31.990", "2024-03-10T08:00:00.000Z");
        Inspected again = inspected("N-3", "500");
        read(again, 0, "31.970", "2026-03-10T08:00:00.000Z");
        same(still, again);
        assertThat(first(overTime(again, "")).path("sentence").asString())
                .startsWith("All inspections stand at the same hours");
    }

    @Test
    void without_hours_days_are_counted_and_that_is_said() {
        Inspected only = inspected("N-4", "");
        read(only, 0, "31.990", "2024-03-10T08:00:00.000Z");
        JsonNode said = overTime(only, "");
        assertThat(said.path("along").asString()).isEqualTo("days");
        assertThat(said.path("alongWords").asString()).contains("running hours are not written down");
    }
}
