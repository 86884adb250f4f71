package jawread.server.judgement;

import static jawread.server.Drafting.gauge;
import static jawread.server.Drafting.typed;
import static jawread.server.judgement.OneFeature.journal;
import static jawread.server.judgement.OneFeature.onePlace;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The walk through the places of a feature, what each size comes to, and what is said of places and parts. */
@ExtendWith(RunningServer.class)
class WalkTest {
    private final Server server;
    private final Drafting drafting;

    WalkTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    private OneFeature feature(Map<String, Object> typed) {
        return new OneFeature(server, typed);
    }

    private static String mark(JsonNode node) {
        return node.path("verdict").path("mark").asString();
    }

    @Test
    void the_walk_goes_from_place_to_place_in_the_plans_order_and_says_how_much_is_left() {
        var one = feature(journal("in order"));
        List<String> order = one.round().path("places").findValuesAsString("name");
        assertThat(order).hasSize(4);
        assertThat(one.sheet().path("left").asString()).startsWith("8 readings left");
        for (String name : order) {
            assertThat(one.at()).isEqualTo(name);
            one.read("31.970", "31.971");
        }
        assertThat(one.at()).as("where it was read last").isEqualTo(order.get(3));
        assertThat(mark(one.round())).isEqualTo("in");
        assertThat(one.sheet().has("left")).isFalse();
        assertThat(one.sheet().has("next")).isFalse();
    }

    @Test
    void a_place_is_passed_over_for_a_reason_noted_and_taken_up_again() {
        var one = feature(journal("passed over"));
        String first = one.at();
        assertThat(one.mark(first, "SKIP", " ").code()).isEqualTo("no-reason");
        UUID id = UUID.randomUUID();
        assertThat(one.mark(id, first, "SKIP", "under the key").status()).isEqualTo(200);
        assertThat(one.mark(id, first, "SKIP", "under the key").status())
                .as("sent again")
                .isEqualTo(200);
        assertThat(one.mark(id, first, "SKIP", "another reason").code()).isEqualTo("kept-otherwise");
        assertThat(one.at()).isNotEqualTo(first);
        assertThat(one.place(first).path("skip").path("reason").asString()).isEqualTo("under the key");
        assertThat(mark(one.place(first))).as("passed over is not measured").isEqualTo("not-measured");
        one.mark(first, "NOTE", "a stripe there");
        assertThat(one.place(first).path("notes").findValuesAsString("reason")).containsExactly("a stripe there");
        assertThat(one.place(first).has("skip")).as("a note takes nothing up").isTrue();
        one.mark(first, "TAKE_UP", "");
        assertThat(one.at()).isEqualTo(first);
    }

    @Test
    void two_readings_taken_at_each_others_place_are_put_right_and_back() {
        var one = feature(journal("swapped"));
        List<String> order = one.round().path("places").findValuesAsString("name");
        one.read("31.950", "31.951");
        one.read("31.990", "31.991");
        String here = one.place(order.get(0)).path("readings").get(0).path("id").asString();
        String there =
                one.place(order.get(1)).path("readings").get(0).path("id").asString();
        assertThat(swap(here, here).code()).isEqualTo("cannot-swap");
        assertThat(swap(here, there).status()).isEqualTo(200);
        assertThat(sizes(one, order.get(0))).containsExactly("31.951", "31.990");
        assertThat(one.place(order.get(0)).path("state").asString()).isEqualTo("more");
        assertThat(one.place(order.get(0)).path("readings").findValuesAsString("reason"))
                .singleElement()
                .asString()
                .contains("taken down at " + order.get(1));
        assertThat(swap(here, there).status()).isEqualTo(200);
        assertThat(sizes(one, order.get(0))).containsExactly("31.950", "31.951");
    }

    private static List<String> sizes(OneFeature of, String place) {
        return StreamSupport.stream(of.place(place).path("readings").spliterator(), false)
                .map(reading -> reading.path("size").path("text").asString())
                .sorted()
                .toList();
    }

    private Answer swap(String one, String other) {
        return server.put(
                "/api/v1/reading-swaps/" + UUID.randomUUID(),
                Map.of("one", one, "other", other, "reason", "swapped", "person", 1));
    }

    @Test
    void a_value_bears_what_the_gauge_cannot_tell_and_is_judged_with_it() {
        Map<String, Object> typed = onePlace("near the limit", "outside", "32 h9");
        var one = feature(typed);
        JsonNode near = one.round(one.read("31.999", "31.999")).path("places").get(0);
        assertThat(near.path("known").asString()).startsWith("31.9990 ± 0.00");
        assertThat(mark(near)).isEqualTo("too-close");
        assertThat(near.path("verdict").path("side").asString()).isEqualTo("high");
        assertThat(near.path("risk").asString()).contains("%");
        assertThat(near.path("guardPm").asLong())
                .as("farther from its limit than it lies")
                .isGreaterThan(1_000_000);
        assertThat(near.path("wants").asBoolean()).as("the walk goes on").isFalse();
        JsonNode step = one.judgement().path("step");
        assertThat(step.path("code").asString()).isIn("better-method", "person-decides");
        JsonNode place = one.judgement()
                .path("features")
                .get(0)
                .path("inFull")
                .path("places")
                .get(0);
        assertThat(place.path("rule").asString()).contains("1.645 u");
        assertThat(place.path("known").path("contributions").size()).isGreaterThan(2);
    }

    @Test
    void scattered_readings_have_a_median_and_a_wider_doubt_and_the_walk_waits() {
        var one = feature(onePlace("scattered", "outside", "32 h9"));
        double usual = one.round(one.read("31.970", "31.971"))
                .path("places")
                .get(0)
                .path("expanded")
                .path("pm")
                .asDouble();
        JsonNode third = one.round(one.read("31.950")).path("places").get(0);
        assertThat(third.path("state").asString()).isEqualTo("scattered");
        assertThat(third.path("value").path("pm").asLong()).isEqualTo(31_970_000_000L);
        assertThat(third.path("expanded").path("pm").asDouble()).isGreaterThan(1.5 * usual);
        assertThat(third.path("wants").asBoolean()).isTrue();
        assertThat(third.path("next").asString()).startsWith("One of these slipped: strike the one");
    }

    @Test
    void a_worn_part_stands_on_the_ladder_and_one_larger_than_new_is_stopped() {
        Map<String, Object> typed = onePlace("worn journal", "outside", "44 h8");
        typed.put("service", "43.90");
        var worn = feature(typed);
        JsonNode place =
                worn.round(worn.read("43.930", "43.930")).path("places").get(0);
        assertThat(mark(place)).isEqualTo("worn");
        assertThat(place.path("verdict").path("used").asString()).isEqualTo("51");
        assertThat(worn.judgement().path("step").path("code").asString()).isEqualTo("use");
        typed.put("name", "grown journal");
        var grown = feature(typed);
        JsonNode larger =
                grown.round(grown.read("44.030", "44.030")).path("places").get(0);
        assertThat(mark(larger)).isEqualTo("wrong-way");
        assertThat(larger.path("wants").asBoolean()).isTrue();
        assertThat(larger.path("verdict").path("sentence").asString()).contains("larger than a new one can be");
        assertThat(grown.judgement().path("step").path("code").asString()).isEqualTo("measure-again");
    }

    @Test
    void past_its_service_limit_the_next_size_listed_is_named_else_it_is_replaced() {
        Map<String, Object> typed = onePlace("a bore past service", "bore", "82.00 +0.05/0");
        typed.put("service", "82.20");
        typed.put("steps", "+0.25 +0.50");
        String bore = new Drafting(server).addGauge("dial-bore-gauge", "bore-dial-mm-0001", "50", "160");
        var listed = feature(typed).withSet(bore, "82.2");
        listed.read("82.300", "82.300");
        JsonNode step = listed.judgement().path("step");
        assertThat(step.path("code").asString()).isEqualTo("next-size");
        assertThat(step.path("sentence").asString()).contains("+0.50 mm");
        typed.put("name", "another past service");
        typed.put("steps", "");
        var unlisted = feature(typed).withSet(bore, "82.2");
        unlisted.read("82.300", "82.300");
        assertThat(unlisted.judgement().path("step").path("code").asString()).isEqualTo("replace");
    }

    @Test
    void the_envelope_is_said_where_the_drawing_demands_it() {
        Map<String, Object> typed = journal("enveloped");
        typed.put("envelope", true);
        var one = feature(typed);
        for (int i = 0; i < 4; i++) {
            one.read("31.960", "31.960");
        }
        assertThat(one.round().path("envelope").asString())
                .as("a bent shaft is the same everywhere across")
                .contains("not proven");
        Map<String, Object> mark = one.straight("0.01x");
        assertThat(server.put("/api/v1/place-marks/" + UUID.randomUUID(), mark).code())
                .isEqualTo("unknown-unit");
        mark.put("size", "0.060");
        assertThat(server.put("/api/v1/place-marks/" + UUID.randomUUID(), mark).status())
                .isEqualTo(200);
        assertThat(one.round().path("envelope").asString()).contains("not proven");
        mark.put("size", "0.010");
        assertThat(server.put("/api/v1/place-marks/" + UUID.randomUUID(), mark).status())
                .isEqualTo(200);
        assertThat(one.round().path("envelope").asString()).startsWith("The envelope holds");
        assertThat(one.judgement()
                        .path("features")
                        .get(0)
                        .path("straightness")
                        .path("said")
                        .asString())
                .isEqualTo("Ansa found it straight within 0.01 mm: feelers under a straight edge");
    }

    @Test
    void a_person_decides_against_the_rule_and_both_stay_until_the_rule_says_something_else() {
        var one = feature(onePlace("decided", "outside", "32 h9"));
        one.read("32.100", "32.100");
        assertThat(one.judgement().path("step").path("code").asString()).isEqualTo("finish");
        assertThat(decide(one, "use", " ").code()).isEqualTo("decision-reason");
        assertThat(decide(one, "person-decides", "why not").code()).isEqualTo("no-such-step");
        JsonNode decided = decide(one, "use", "the mating bush is bored to it").shown();
        assertThat(decided.path("decided").path("person").asString()).isEqualTo("Ansa");
        assertThat(decided.path("decided").path("said").asString()).isEqualTo("finish");
        assertThat(decided.path("step").path("code").asString())
                .as("the rule stays")
                .isEqualTo("finish");
        server.put(
                "/api/v1/rounds/" + UUID.randomUUID(),
                Map.of("part", one.part, "feature", one.feature, "number", 1, "asked", "", "person", 1));
        JsonNode after = one.judgement();
        assertThat(after.path("step").path("code").asString()).isEqualTo("better-method");
        assertThat(after.has("decided")).isFalse();
        assertThat(after.path("decisions")).hasSize(1);
    }

    private Answer decide(OneFeature of, String step, String reason) {
        return server.put(
                "/api/v1/parts/" + of.part + "/decisions/" + UUID.randomUUID(),
                Map.of("decided", step, "reason", reason));
    }

    /** What is kept between readings gives way at once to what changes under it. */
    @Test
    void a_change_of_the_head_the_schools_the_parts_or_the_plan_is_seen_on_the_next_sheet() {
        var one = feature(onePlace("changed under it", "outside", "32 h9"));
        assertThat(mark(one.round(one.read("31.999", "31.999")).path("places").get(0)))
                .isEqualTo("too-close");
        long job = one.sheet().path("job").path("id").asLong();
        JsonNode planned = server.get("/api/v1/jobs/" + job + "/plan").json();
        var head = new LinkedHashMap<String, Object>();
        for (String text : List.of("about", "customerReference", "temperature", "decider", "material")) {
            head.put(text, "");
        }
        head.put("name", "renamed meanwhile");
        head.put("limitsSource", "drawing 2");
        head.put("unit", "mm");
        head.put("livesHangOnIt", false);
        head.put("choices", Map.of("near-limit", "plain"));
        assertThat(put("/api/v1/jobs/" + job, planned.path("edition").asLong(), head)
                        .status())
                .isEqualTo(200);
        assertThat(one.sheet().path("job").path("name").asString()).isEqualTo("renamed meanwhile");
        assertThat(mark(one.round().path("places").get(0)))
                .as("the limit as it stands")
                .isEqualTo("in");
        assertThat(one.judgement().path("rule").asString()).contains("as they stand");

        JsonNode plan =
                server.get("/api/v1/jobs/" + job + "/plan").json().path("plans").get(0);
        assertThat(put(
                                "/api/v1/plans/" + plan.path("id").asLong() + "/parts",
                                plan.path("edition").asLong(),
                                Map.of(
                                        "parts",
                                        List.of(
                                                Map.of("id", one.part, "name", "first", "mark", "A", "hours", ""),
                                                Map.of("name", "second", "mark", "B", "hours", ""))))
                        .status())
                .isEqualTo(200);
        assertThat(one.sheet().path("parts").findValuesAsString("mark")).contains("A", "B");
        assertThat(one.sheet().path("left").asString()).startsWith("nothing left here; 2 readings on the other parts");

        drafting.add(plan, onePlace("a further one", "outside", "20 h9"));
        assertThat(one.sheet().has("changed"))
                .as("this feature stayed as it was")
                .isFalse();
        assertThat(one.sheet().path("features").findValuesAsString("name")).contains("a further one");
        assertThat(one.judgement().path("drawn").findValuesAsString("name")).contains("a further one");
    }

    private Answer put(String path, long edition, Object body) {
        return server.send(
                Server.json(server.ansasRequest(path).header("If-Match", "\"" + edition + "\""), "PUT", body));
    }

    @Test
    void what_a_gauge_cannot_tell_follows_its_calibration() {
        var one = feature(onePlace("calibrated meanwhile", "outside", "80 h9"));
        var typed = new LinkedHashMap<>(gauge(
                "K" + UUID.randomUUID().toString().substring(0, 8), "outside-micrometer", "mic-mm-0001", "75", "100"));
        assertThat(server.send(Server.json(
                                server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(typed))))
                        .status())
                .isEqualTo(200);
        one.with(typed.get("shopNumber").toString());
        one.read("79.970", "79.970");
        long before = expanded(one);
        long edition = server.get("/api/v1/drawer/gauges/" + one.gauge)
                .json()
                .path("edition")
                .asLong();
        assertThat(put(
                                "/api/v1/drawer/gauges/" + one.gauge + "/calibration",
                                edition,
                                Map.of("on", "2026-03-01", "error", "0", "expanded", "0.012", "due", "2027-03-01"))
                        .status())
                .isEqualTo(200);
        assertThat(expanded(one)).isGreaterThan(before);
        server.put(
                "/api/v1/drawer/gauges/" + one.gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", "retired", "words", "test"));
    }

    private static long expanded(OneFeature of) {
        return of.round().path("places").get(0).path("expanded").path("pm").asLong();
    }

    @Test
    void where_the_readings_never_agree_a_better_method_is_named_and_never_the_one_that_was_used() {
        var one = feature(onePlace("never alike", "outside", "32 h9")).with("C2");
        one.read("31.90", "31.96", "31.92");
        JsonNode step = one.judgement().path("step");
        assertThat(step.path("code").asString()).isEqualTo("better-method");
        assertThat(step.path("sentence").asString())
                .contains("never alike")
                .contains("M")
                .doesNotContain("C2");
    }

    @Test
    void two_people_at_one_place_are_both_kept_and_both_shown_whatever_their_clocks_say() {
        var one = feature(onePlace("two people", "outside", "32 h9"));
        one.read("31.970");
        Map<String, Object> bero = one.body(one.round().path("at").asLong(), "31.971");
        bero.put("person", 2);
        // Behind the first by the clock of his screen, and kept after it.
        bero.put("takenAt", server.get("/api/v1/shop").json().path("now").asString());
        assertThat(server.put(2, "/api/v1/readings/" + UUID.randomUUID(), bero).status())
                .isEqualTo(201);
        JsonNode place = one.round().path("places").get(0);
        assertThat(place.path("readings").findValuesAsString("person")).containsExactly("Ansa", "Bero");
        assertThat(place.path("state").asString()).as("both count").isEqualTo("done");
        assertThat(one.sheet().path("say").asString())
                .as("told by what was kept last, not by whose clock is behind")
                .contains("31.971");
    }

    @Test
    void a_hole_between_two_pins_is_judged_by_what_goes_and_what_does_not() {
        Map<String, Object> pins = gauge("P" + UUID.randomUUID().toString().substring(0, 8), "pins", "", "1", "10");
        pins.put("step", "0.01");
        pins.put("error", "0.001");
        assertThat(server.send(Server.json(
                                server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(pins))))
                        .status())
                .isEqualTo(200);
        var one = feature(onePlace("between pins", "bore", "6 H9"))
                .with(pins.get("shopNumber").toString());
        Map<String, Object> body = one.body(one.round().path("at").asLong(), "6.00");
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).code())
                .isEqualTo("two-pins");
        body.put("stops", "5.99");
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).code())
                .isEqualTo("pins-other-way");
        body.put("stops", "6.01");
        JsonNode place = one.round(server.put("/api/v1/readings/" + UUID.randomUUID(), body)
                        .shown())
                .path("places")
                .get(0);
        assertThat(mark(place)).isEqualTo("in");
        assertThat(place.path("state").asString()).as("tried once").isEqualTo("done");
        assertThat(place.path("value").path("pm").asLong()).isEqualTo(6_005_000_000L);
        assertThat(place.path("readings").get(0).path("pins").asString())
                .isEqualTo("The pin of 6 mm goes, that of 6.01 mm does not.");
        body.put("typed", "6.02");
        body.put("stops", "6.03");
        JsonNode against = one.round(server.put("/api/v1/readings/" + UUID.randomUUID(), body)
                        .shown())
                .path("places")
                .get(0);
        assertThat(mark(against)).as("what goes once goes always").isEqualTo("unsettled");
        server.put(
                "/api/v1/drawer/gauges/" + one.gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", "retired", "words", "test"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update place_mark set reason = 'other'",
                "delete from place_mark",
                "update reading_swap set reason = 'other'",
                "delete from reading_swap",
                "update part_decision set reason = 'other'",
                "delete from part_decision"
            })
    void nothing_said_is_ever_changed_or_deleted(String sql) {
        var one = feature(journal("for ever"));
        one.mark(one.at(), "NOTE", "a note");
        one.read("31.950", "31.951");
        one.read("31.950", "31.951");
        List<String> order = one.round().path("places").findValuesAsString("name");
        swap(
                one.place(order.get(0)).path("readings").get(0).path("id").asString(),
                one.place(order.get(1)).path("readings").get(0).path("id").asString());
        decide(one, "replace", "a reason");
        assertThatThrownBy(() -> server.bean(JdbcTemplate.class).update(sql)).hasMessageContaining("insert");
    }
}
