package jawread.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class DemoShopTest {
    private final Server server;

    DemoShopTest(Server server) {
        this.server = server;
    }

    @Test
    void the_shop_stands_at_the_demo_day_with_its_people_and_says_that_it_is_a_demonstration() {
        JsonNode shop = server.get("/api/v1/shop").json();
        assertThat(shop.path("demonstration").asBoolean()).isTrue();
        Instant now = Instant.parse(shop.path("now").asString());
        assertThat(now).isBetween(DemoDay.MORNING, DemoDay.MORNING.plusSeconds(86_400));
        assertThat(server.get("/api/v1/people").json().findValuesAsString("name"))
                .startsWith("Ansa", "Bero", "Tilde", "Kit");
    }

    @Test
    void the_first_shaft_is_in_but_for_a_bore_too_close_to_call_and_the_fourth_is_gone() {
        JsonNode job = Walk.named(server.get("/api/v1/bench").json().path("jobs"), "New idler shafts");
        assertThat(job.path("demonstration").asBoolean()).isTrue();
        JsonNode parts = job.path("plans").get(0).path("parts");
        JsonNode first = parts.get(0);
        assertThat(Walk.named(first.path("features"), "bore 16 H7")
                        .path("verdict")
                        .path("mark")
                        .asString())
                .as("a telescoping gauge cannot tell 0.018 mm")
                .isEqualTo("too-close");
        assertThat(first.path("features").findValuesAsString("mark"))
                .containsExactly("in", "in", "in", "in", "in", "too-close");
        assertThat(first.path("verdict").path("mark").asString()).isEqualTo("too-close");
        JsonNode fourth = parts.get(3).path("verdict");
        assertThat(fourth.path("mark").asString()).isEqualTo("gone");
        assertThat(fourth.path("side").asString()).isEqualTo("low");
    }

    @Test
    void five_jobs_are_planned_and_half_the_seats_are_done() {
        JsonNode jobs = server.get("/api/v1/bench").json().path("jobs");
        assertThat(jobs.findValuesAsString("name"))
                .contains(
                        "Three-throw pump",
                        "Sluice spindle",
                        "New idler shafts",
                        "Stop-log hoist, drum shaft",
                        "Filter valve seats");
        JsonNode seats = Walk.named(jobs, "Filter valve seats");
        assertThat(seats.path("measured").asInt()).isEqualTo(24);
        assertThat(seats.path("of").asInt()).isEqualTo(48);
        assertThat(Walk.named(jobs, "Stop-log hoist").path("lives").asString()).contains("Tilde decides");
    }

    @Test
    void a_zero_found_off_doubts_the_mornings_readings_with_that_gauge_and_a_place_was_misread() {
        JsonNode doubts = server.get("/api/v1/doubts").json();
        // Others find gauges off, too.
        JsonNode off = StreamSupport.stream(doubts.path("zeros").spliterator(), false)
                .filter(zero -> zero.path("number").asString().equals("D1"))
                .findFirst()
                .orElseThrow();
        assertThat(off.path("readings"))
                .as("two depths of five seats, read twice")
                .hasSize(20);
        assertThat(doubts.path("places").toString())
                .contains("Stop-log hoist, drum shaft, drum shaft, left bearing seat, left, thrust")
                .contains("a line too many on the sleeve in 60.511 mm");
    }

    @Test
    void the_next_thing_is_the_cut_on_the_shaft_in_the_chuck_before_a_feature_not_yet_measured() {
        // Other tests measure shaft 2; the sheet of shaft 3 puts the part at hand first.
        JsonNode next = server.get("/api/v1/parts/3/features/1/sheet").json().path("next");
        assertThat(next.path("part").asLong()).isEqualTo(3);
        assertThat(next.path("sentence").asString()).startsWith("shaft 3, body Ø 32 h9: Take 0.24 mm off the diameter");
    }

    @Test
    void the_micrometer_for_the_job_is_proposed_and_a_dropped_one_may_not_measure() {
        JsonNode gauges = server.get("/api/v1/gauges").json();
        assertThat(gauges.findValuesAsString("shopNumber")).startsWith("M1", "M2", "M3", "M4", "M5", "M6");
        assertThat(gauges.get(2).path("mayMeasure").asBoolean()).isFalse();
        JsonNode sheet = server.get("/api/v1/parts/2/features/2/sheet").json();
        assertThat(sheet.path("gauge").asString())
                .isEqualTo(gauges.get(5).path("key").asString());
    }

    private JsonNode feature(String job, int plan, String part, String name) {
        JsonNode parts = Walk.named(server.get("/api/v1/bench").json().path("jobs"), job)
                .path("plans")
                .get(plan)
                .path("parts");
        long id = Walk.named(parts, part).path("id").asLong();
        JsonNode judgement = server.get("/api/v1/parts/" + id + "/judgement").json();
        long feature = Walk.named(judgement.path("drawn"), name).path("id").asLong();
        for (JsonNode each : judgement.path("features")) {
            if (each.path("id").asLong() == feature) {
                return each;
            }
        }
        throw new IllegalArgumentException(name);
    }

    @Test
    void of_more_than_two_features_the_worst_is_shown_in_full_and_another_once_it_is_looked_at() {
        JsonNode bench = server.get("/api/v1/bench").json();
        long part = Walk.named(
                        Walk.named(bench.path("jobs"), "Sluice spindle")
                                .path("plans")
                                .get(0)
                                .path("parts"),
                        "spindle")
                .path("id")
                .asLong();
        JsonNode features =
                server.get("/api/v1/parts/" + part + "/judgement").json().path("features");
        assertThat(features).hasSize(3);
        assertThat(features.get(0).path("inFull").path("places"))
                .hasSize(features.get(0).path("places").asInt());
        JsonNode other = features.get(1);
        assertThat(other.has("inFull")).isFalse();
        assertThat(other.path("form").path("story").asString()).isNotEmpty();
        String path = "/api/v1/parts/" + part + "/features/" + other.path("id").asLong() + "/judgement";
        JsonNode inFull = server.get(path).json();
        assertThat(inFull.path("places")).hasSize(other.path("places").asInt());
        assertThat(inFull.path("places").findValues("value")).hasSameSizeAs(other.path("sizes"));
        assertThat(inFull.path("form").path("figures").isEmpty()).isFalse();
        assertThat(server.get("/api/v1/parts/" + part + "/features/1/judgement").status())
                .as("a feature of another plan")
                .isEqualTo(404);
    }

    @Test
    void the_pumps_barrels_tell_their_stories() {
        assertThat(feature("Three-throw pump", 0, "barrel 2", "barrel bore")
                        .path("form")
                        .path("story")
                        .asString())
                .isEqualTo("Oval by 0.0026 in at the top, the long way across thrust: past the limit of 0.0020 in. "
                        + "Tapered down thrust by 0.00175 in, wide at the top; inside the limit of 0.0030 in. "
                        + "The rest holds: the sizes are worn and serviceable. "
                        + "Worn by 0.0045 in at the least and 0.0063 in at the most at top, thrust, by the limits of a new one: "
                        + "up to all of it may be on one side. "
                        + "Next: +0.030 in cleans up everywhere, with 0.0123 in a side at the least.");
        JsonNode third = feature("Three-throw pump", 0, "barrel 3", "barrel bore");
        assertThat(third.path("form").path("story").asString())
                .contains("Tapered down thrust by 0.00385 in, wide at the top: past the limit of 0.0030 in.");
        assertThat(third.path("methods").path("places")).hasSize(6);
        assertThat(third.path("methods").path("differs").asBoolean()).isFalse();
    }

    @Test
    void the_spindle_has_worn_since_its_last_inspection_and_the_drum_shaft_is_bent_most_in_its_middle() {
        assertThat(feature("Sluice spindle", 0, "spindle", "lower journal")
                        .path("form")
                        .path("story")
                        .asString())
                .contains("since its last inspection");
        assertThat(feature("Stop-log hoist", 0, "drum shaft", "runout")
                        .path("runout")
                        .asString())
                .startsWith("It runs out by 0.034 mm at middle, where its axis is bent most: by 0.017 mm");
        assertThat(feature("Stop-log hoist", 0, "drum shaft", "drum seat")
                        .path("form")
                        .path("story")
                        .asString())
                .startsWith("Oval by 0.011");
    }
}
