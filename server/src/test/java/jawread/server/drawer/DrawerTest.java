package jawread.server.drawer;

import static jawread.server.Drafting.gauge;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Gauges, masters and checks as a person keeps them. */
@ExtendWith(RunningServer.class)
class DrawerTest {
    private final Server server;

    DrawerTest(Server server) {
        this.server = server;
    }

    private Answer add(Map<String, Object> gauge) {
        return server.send(
                Server.json(server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(gauge))));
    }

    /** The server is one for all tests: what this one put into the drawer is out of everybody's way again. */
    @AfterEach
    void retire_what_was_added() {
        for (JsonNode each : server.get("/api/v1/drawer").json().path("gauges")) {
            boolean own = each.path("name").asString().startsWith("a ");
            if (own && !each.path("state").asString().equals("retired")) {
                assertThat(befell(each.path("id").asLong(), "retired", "test").status())
                        .isEqualTo(200);
            }
        }
    }

    private JsonNode row(String number) {
        for (JsonNode each : server.get("/api/v1/drawer").json().path("gauges")) {
            if (each.path("shopNumber").asString().equals(number)) {
                return each;
            }
        }
        throw new AssertionError("No gauge " + number);
    }

    private long newMicrometer() {
        String number = "X" + UUID.randomUUID().toString().substring(0, 8);
        assertThat(add(gauge(number, "outside-micrometer", "mic-mm-0001", "25", "50"))
                        .status())
                .isEqualTo(200);
        return row(number).path("id").asLong();
    }

    private Answer check(long gauge, Map<String, Object> more) {
        var body = new HashMap<String, Object>(
                Map.of("shown", "0", "done", "nothing", "shownAfter", "", "temperature", "", "unitConfirmed", true));
        body.putAll(more);
        return server.put("/api/v1/drawer/gauges/" + gauge + "/checks/" + UUID.randomUUID(), body);
    }

    private Answer befell(long gauge, String kind, String words) {
        return server.put(
                "/api/v1/drawer/gauges/" + gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", kind, "words", words));
    }

    private long master(String number) {
        for (JsonNode each : server.get("/api/v1/drawer").json().path("masters")) {
            if (each.path("shopNumber").asString().equals(number)) {
                return each.path("id").asLong();
            }
        }
        throw new AssertionError("No master " + number);
    }

    @Test
    void the_demonstration_drawer_stands() {
        JsonNode drawer = server.get("/api/v1/drawer").json();
        assertThat(drawer.path("gauges").findValuesAsString("shopNumber"))
                .contains("C1", "C2", "C3", "C4", "M1", "M9", "D1", "I1", "T1", "S1", "B1", "B2", "B3", "F1", "P1");
        assertThat(row("M3").path("state").asString()).isEqualTo("quarantined");
        assertThat(row("C3").path("state").asString()).isEqualTo("due");
        JsonNode bore = server.get(
                        "/api/v1/drawer/gauges/" + row("B1").path("id").asLong())
                .json();
        assertThat(bore.path("drift").asString()).contains("creeps up");
        assertThat(bore.path("checks").size()).isEqualTo(7);
        assertThat(bore.path("checks").get(6).path("good").asBoolean()).isFalse();
    }

    @Test
    void every_gauge_has_its_page_the_transfer_gauge_with_its_readers() {
        for (JsonNode each : server.get("/api/v1/drawer").json().path("gauges")) {
            assertThat(server.get("/api/v1/drawer/gauges/" + each.path("id").asLong())
                            .status())
                    .as(each.path("shopNumber").asString())
                    .isEqualTo(200);
        }
        JsonNode telescope = server.get(
                        "/api/v1/drawer/gauges/" + row("T1").path("id").asLong())
                .json();
        assertThat(telescope.path("readers").findValuesAsString("shopNumber")).contains("M5", "C2");
        assertThat(telescope.path("allowed").isMissingNode()).isTrue();
        long leaves = row("F1").path("id").asLong();
        assertThat(row("F1").path("wanted").isMissingNode()).isTrue();
        assertThat(check(leaves, Map.of()).code()).isEqualTo("no-zero");
    }

    @Test
    void a_set_of_four_is_added_at_once_and_all_or_none() {
        var set = new ArrayList<Map<String, Object>>();
        for (int frame = 0; frame < 4; frame++) {
            set.add(gauge(
                    "set " + frame,
                    "outside-micrometer",
                    "mic-mm-0001",
                    String.valueOf(25 * frame),
                    String.valueOf(25 * (frame + 1))));
        }
        Answer added =
                server.send(Server.json(server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", set)));
        assertThat(added.status()).isEqualTo(200);
        JsonNode largest = server.get(
                        "/api/v1/drawer/gauges/" + row("set 3").path("id").asLong())
                .json();
        assertThat(largest.path("typed").path("base").asString()).isEqualTo("75");
        JsonNode use = largest.path("uses").get(0);
        assertThat(use.path("errorFrom").asString()).isEqualTo("starting");
        assertThat(use.path("error").path("pm").asLong()).isEqualTo(6_000_000);
        Answer again =
                server.send(Server.json(server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", set)));
        assertThat(again.code()).isEqualTo("number-taken");
        assertThat(again.json().path("field").asString()).isEqualTo("shopNumber");
    }

    @ParameterizedTest
    @CsvSource({
        "outside-micrometer, mic-mm-0001, 100, 25, rangeHigh, range-upward",
        "outside-micrometer, vernier-mm-002, 0, 25, scale, scale-of-another-kind",
        "outside-micrometer, nothing, 0, 25, scale, scale-needed",
        "outside-micrometer, depth-mm-001, 0, 25, scale, scale-of-another-kind",
        "depth-micrometer, mic-mm-001, 0, 25, scale, scale-of-another-kind",
        "three-contact-gauge, bore-dial-mm-001, 20, 25, scale, scale-of-another-kind",
        "small-hole-gauge, '', 200, 300, rangeLow, range-not-of-kind",
        "telescoping-gauge, '', 8, 7000, '', ok",
        "pins, '', 1, 10, step, step-needed",
        "weighbridge, '', 1, 10, kind, no-such-gauge-kind",
    })
    void a_gauge_that_cannot_be_is_refused_at_its_field(
            String kind, String scale, String low, String high, String field, String code) {
        Answer answer = add(gauge("Y" + UUID.randomUUID().toString().substring(0, 8), kind, scale, low, high));
        if (code.equals("ok")) {
            assertThat(answer.status()).isEqualTo(200);
        } else {
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.code()).isEqualTo(code);
            assertThat(answer.json().path("field").asString()).isEqualTo(field);
            assertThat(answer.sentence()).isNotBlank();
        }
    }

    @Test
    void a_first_and_a_number_of_frames_stand_for_a_set_with_its_numbers_names_and_ranges() {
        var first = gauge(" M5 ", "outside-micrometer", "mic-mm-0001", "0", "25");
        JsonNode set = server.post("/api/v1/drawer/sets", Map.of("first", first, "frames", 4))
                .json();
        assertThat(set.findValuesAsString("shopNumber")).containsExactly("M5", "M6", "M7", "M8");
        assertThat(set.findValuesAsString("name"))
                .startsWith("Outside micrometer, 0 to 25 mm")
                .endsWith("Outside micrometer, 75 to 100 mm");
        first.put("rangeLow", "0.1 in");
        first.put("rangeHigh", "0.2 in");
        first.put("shopNumber", "set");
        first.put("scale", "mic-in-0001");
        JsonNode tenths = server.post("/api/v1/drawer/sets", Map.of("first", first, "frames", 3))
                .json();
        assertThat(tenths.findValuesAsString("rangeHigh")).containsExactly("0.2", "0.3", "0.4");
        assertThat(tenths.findValuesAsString("shopNumber")).containsExactly("set1", "set2", "set3");
        first.put("rangeHigh", "wide");
        assertThat(server.post("/api/v1/drawer/sets", Map.of("first", first, "frames", 3))
                        .code())
                .isEqualTo("no-number");
        var caliper = gauge("C9", "vernier-caliper", "vernier-mm-002", "0", "150");
        assertThat(server.post("/api/v1/drawer/sets", Map.of("first", caliper, "frames", 2))
                        .code())
                .isEqualTo("bad-frames");
        JsonNode alone = server.post("/api/v1/drawer/sets", Map.of("first", caliper, "frames", 1))
                .json();
        assertThat(alone.get(0).path("shopNumber").asString()).isEqualTo("C9");
        assertThat(alone.get(0).path("name").asString()).isEqualTo("Vernier caliper, 0 to 150 mm");
    }

    @Test
    void every_gauge_says_how_it_would_be_typed_and_typed_so_again_nothing_changes() {
        for (JsonNode each : server.get("/api/v1/drawer").json().path("gauges")) {
            if (each.path("state").asString().equals("retired")) {
                continue;
            }
            String at = "/api/v1/drawer/gauges/" + each.path("id").asLong();
            JsonNode before = server.get(at).json();
            Answer again = server.send(Server.json(
                    server.ansasRequest(at)
                            .header("If-Match", "\"" + before.path("edition").asLong() + "\""),
                    "PUT",
                    before.path("typed")));
            assertThat(again.status()).as(each.path("shopNumber").asString()).isEqualTo(200);
            assertThat(again.json().path("typed")).isEqualTo(before.path("typed"));
        }
    }

    @Test
    void a_figure_in_the_other_unit_keeps_all_its_digits() {
        var inch = gauge(
                "I" + UUID.randomUUID().toString().substring(0, 8), "outside-micrometer", "mic-in-0001", "0", "1");
        inch.put("spread", "1 um");
        assertThat(add(inch).status()).isEqualTo(200);
        JsonNode page = page(row(inch.get("shopNumber").toString()).path("id").asLong());
        assertThat(page.path("typed").path("spread").asString()).isEqualTo("0.001 mm");
    }

    @Test
    void a_range_that_its_scale_never_comes_to_and_a_negative_spread_are_refused() {
        var elsewhere = gauge("Z1", "outside-micrometer", "mic-mm-0001", "100", "125");
        elsewhere.put("base", "25");
        Answer answer = add(elsewhere);
        assertThat(answer.code()).isEqualTo("range-overlaps-nothing");
        assertThat(answer.sentence()).contains("25 mm").contains("50 mm");
        var negative = gauge("Z2", "outside-micrometer", "mic-mm-0001", "0", "25");
        negative.put("spread", "-0.001");
        assertThat(add(negative).code()).isEqualTo("negative-size");
    }

    @Test
    void a_transfer_gauge_needs_something_that_can_measure_it() {
        var large = gauge("Z3", "telescoping-gauge", "", "20", "30");
        large.put("readers", List.of(row("B1").path("id").asLong()));
        assertThat(add(large).code()).isEqualTo("no-such-reader");
        large.put("readers", List.of(row("M8").path("id").asLong()));
        Answer answer = add(large);
        assertThat(answer.code()).isEqualTo("no-reader");
        assertThat(answer.json().path("field").asString()).isEqualTo("readers");
    }

    @Test
    void a_known_error_that_is_left_is_said_and_taken_off() {
        long gauge = newMicrometer();
        assertThat(check(gauge, Map.of("shown", "0.001"))
                        .json()
                        .path("correction")
                        .asString())
                .contains("0.001 mm")
                .contains("taken off");
        JsonNode off = check(gauge, Map.of("shown", "0.003")).json();
        assertThat(off.path("correction").asString()).contains("0.003 mm").contains("taken off");
        JsonNode set = check(gauge, Map.of("shown", "0.003", "done", "set-to-zero", "shownAfter", "0"))
                .json();
        assertThat(set.path("correction").isMissingNode()).isTrue();
        assertThat(set.path("checks").size()).isEqualTo(3);
        assertThat(check(gauge, Map.of("shown", "0.003", "done", "set-to-zero")).code())
                .isEqualTo("check-again");
        assertThat(check(gauge, Map.of("shown", "half")).code()).isEqualTo("no-number");
        assertThat(check(gauge, Map.of("temperature", "-300")).code()).isEqualTo("bad-temperature");
    }

    @Test
    void a_check_on_a_master_compares_with_its_size_and_refuses_one_outside_the_range() {
        long gauge = newMicrometer();
        JsonNode checked = check(gauge, Map.of("master", master("bar 25"), "shown", "25.002"))
                .json();
        assertThat(checked.path("checks").get(0).path("found").path("pm").asLong())
                .isEqualTo(2_000_000);
        Answer outside = check(gauge, Map.of("master", master("bar 75"), "shown", "75"));
        assertThat(outside.code()).isEqualTo("master-outside-range");
        assertThat(outside.sentence()).contains("bar 75").contains("25 mm").contains("50 mm");
    }

    @Test
    void a_quarantined_gauge_is_neither_checked_nor_tried_until_it_is_back() {
        long gauge = newMicrometer();
        assertThat(befell(gauge, "quarantined", "").code()).isEqualTo("reason-needed");
        assertThat(befell(gauge, "back-in-use", "").code()).isEqualTo("already-so");
        assertThat(befell(gauge, "quarantined", "anvil chipped").status()).isEqualTo(200);
        assertThat(check(gauge, Map.of()).code()).isEqualTo("check-not-fit");
        Answer trial = server.post(
                "/api/v1/trials/understood", Map.of("gauge", gauge, "master", master("bar 25"), "readings", List.of()));
        assertThat(trial.code()).isEqualTo("trial-not-fit");
        JsonNode back = befell(gauge, "back-in-use", "faces lapped").json();
        assertThat(back.path("gauge").path("state").asString()).isEqualTo("in-use");
        assertThat(back.path("events").findValuesAsString("kind"))
                .containsExactly("added", "quarantined", "back-in-use");
        assertThat(back.path("gauge").path("wanted").asString()).contains("never been checked");
    }

    @Test
    void three_kelvin_between_two_checks_ask_for_the_first_gauge_again() {
        long gauge = newMicrometer();
        check(gauge, Map.of("temperature", "20.0"));
        check(newMicrometer(), Map.of("temperature", "22.9"));
        assertThat(page(gauge).path("gauge").path("wanted").isMissingNode()).isTrue();
        check(newMicrometer(), Map.of("temperature", "23,0"));
        assertThat(page(gauge).path("gauge").path("wanted").asString()).contains("3 K");
    }

    private JsonNode page(long gauge) {
        return server.get("/api/v1/drawer/gauges/" + gauge).json();
    }

    @Test
    void pins_say_how_far_apart_they_are_and_how_much_they_may_be_out() {
        var pins = gauge("P" + UUID.randomUUID().toString().substring(0, 8), "pins", "", "1", "10");
        pins.put("step", "0.01");
        assertThat(add(pins).code()).isEqualTo("set-error-needed");
        pins.put("error", "0.001");
        assertThat(add(pins).status()).isEqualTo(200);
        JsonNode use = page(row(pins.get("shopNumber").toString()).path("id").asLong())
                .path("uses")
                .get(0);
        assertThat(use.path("spread").isMissingNode()).isTrue();
        assertThat(use.path("errorFrom").asString()).isEqualTo("own");
    }

    @Test
    void what_is_sent_away_by_a_check_is_quarantined() {
        long gauge = newMicrometer();
        JsonNode away =
                check(gauge, Map.of("shown", "0.02", "done", "sent-away")).json();
        assertThat(away.path("gauge").path("state").asString()).isEqualTo("quarantined");
    }

    @Test
    void a_dropped_gauge_wants_its_zero_looked_at() {
        long gauge = newMicrometer();
        assertThat(check(gauge, Map.of()).json().path("gauge").path("wanted").isMissingNode())
                .isTrue();
        assertThat(befell(gauge, "dropped", "")
                        .json()
                        .path("gauge")
                        .path("wanted")
                        .asString())
                .contains("dropped");
        assertThat(check(gauge, Map.of()).json().path("gauge").path("wanted").isMissingNode())
                .isTrue();
    }

    @Test
    void a_display_that_shows_either_unit_is_confirmed() {
        long gauge = row("C3").path("id").asLong();
        assertThat(check(gauge, Map.of("unitConfirmed", false)).code()).isEqualTo("unit-unconfirmed");
        assertThat(check(gauge, Map.of("unitConfirmed", true)).status()).isEqualTo(200);
    }

    @Test
    void a_calibration_is_not_of_tomorrow_and_its_uncertainty_not_negative() {
        long gauge = newMicrometer();
        assertThat(calibrated(gauge, "2030-01-01", "0", "0.001").code()).isEqualTo("calibration-in-future");
        assertThat(calibrated(gauge, "2026-01-01", "0", "-0.001").code()).isEqualTo("negative-uncertainty");
        assertThat(calibrated(gauge, "yesterday", "0", "0.001").code()).isEqualTo("bad-date");
        JsonNode done = calibrated(gauge, "2026-01-01", "0.02", "0.001").json();
        assertThat(done.path("uses").get(0).path("errorFrom").asString()).isEqualTo("calibration");
        assertThat(done.path("calibration").asString()).contains("1 January 2026");
        assertThat(done.path("events").get(1).path("words").asString()).contains("more than the 0.005 mm");
        Answer stale = calibrated(gauge, "2026-01-01", "0", "0.001", 0);
        assertThat(stale.status()).isEqualTo(412);
    }

    private Answer calibrated(long gauge, String on, String error, String expanded) {
        long edition = server.get("/api/v1/drawer/gauges/" + gauge)
                .json()
                .path("edition")
                .asLong();
        return calibrated(gauge, on, error, expanded, edition);
    }

    private Answer calibrated(long gauge, String on, String error, String expanded, long edition) {
        return server.send(Server.json(
                server.ansasRequest("/api/v1/drawer/gauges/" + gauge + "/calibration")
                        .header("If-Match", "\"" + edition + "\""),
                "PUT",
                Map.of("on", on, "error", error, "expanded", expanded, "due", "")));
    }

    @Test
    void a_trial_says_what_somebody_holds_once_there_are_ten_readings() {
        long gauge = newMicrometer();
        var readings = new ArrayList<String>();
        for (int i = 0; i < 9; i++) {
            readings.add(i % 2 == 0 ? "25.002" : "25.004");
        }
        Map<String, Object> body = Map.of("gauge", gauge, "master", master("bar 25"), "readings", readings);
        JsonNode early = server.post("/api/v1/trials/understood", body).json();
        assertThat(early.path("result").isMissingNode()).isTrue();
        assertThat(early.path("wanting").asString()).contains("9 of 10");
        readings.add("25.004");
        JsonNode result = server.post("/api/v1/trials/understood", body).json().path("result");
        assertThat(result.path("bias").path("pm").asLong()).isEqualTo(3_000_000);
        assertThat(result.path("biased").asBoolean()).isTrue();
        JsonNode kept = server.put("/api/v1/trials/" + UUID.randomUUID(), body).json();
        assertThat(kept.path("trials").get(0).path("holds").asString())
                .startsWith("holds ±0.0051 mm")
                .contains("too large");
        readings.add("oops");
        assertThat(server.post("/api/v1/trials/understood", body).code()).isEqualTo("no-number");
    }

    @Test
    void a_study_says_what_is_still_missing_and_refuses_what_is_too_large() {
        var cell = List.of("25.000", "25.001");
        var body = new HashMap<String, Object>(Map.of(
                "name", "bars",
                "gauge", row("M6").path("id").asLong(),
                "tolerance", "0.05",
                "people", List.of("Ansa", "Bero"),
                "readings", List.of(List.of(cell, cell), List.of(cell, List.of("25.000")))));
        JsonNode uneven = server.post("/api/v1/studies/understood", body).json();
        assertThat(uneven.path("complete").asBoolean()).isFalse();
        assertThat(uneven.path("sentence").asString()).contains("still missing");
        body.put("tolerance", "0");
        assertThat(server.post("/api/v1/studies/understood", body).code()).isEqualTo("tolerance-zero");
        body.put("readings", List.of(List.of(Collections.nCopies(601, "25.000"))));
        assertThat(server.post("/api/v1/studies/understood", body).code()).isEqualTo("study-too-large");
    }

    private static Map<String, Object> ring(String number) {
        Map<String, Object> ring = new HashMap<>(Map.of("blocks", "", "missing", "", "wear", ""));
        ring.putAll(Map.of(
                "shopNumber", number,
                "kind", "ring",
                "unit", "mm",
                "size", "30",
                "certified", "30.00012",
                "expanded", "0.00093",
                "material", "steel",
                "due", "2026-12-01",
                "retired", false));
        return ring;
    }

    private Answer addMaster(Map<String, Object> typed) {
        return server.send(Server.json(server.ansasRequest("/api/v1/drawer/masters"), "POST", typed));
    }

    private JsonNode masterCalled(String number) {
        for (JsonNode each : server.get("/api/v1/drawer").json().path("masters")) {
            if (each.path("shopNumber").asString().equals(number)) {
                return each;
            }
        }
        throw new AssertionError("No master " + number);
    }

    @Test
    void a_master_is_added_and_typed_once_more_it_is_just_what_it_was() {
        assertThat(addMaster(ring("ring 30")).status()).isEqualTo(200);
        JsonNode before = masterCalled("ring 30");
        assertThat(before.path("typed").path("certified").asString()).isEqualTo("30.00012");
        assertThat(before.path("typed").path("expanded").asString()).isEqualTo("0.00093");
        assertThat(before.path("typed").path("due").asString()).isEqualTo("2026-12-01");
        String at = "/api/v1/drawer/masters/" + before.path("id").asLong();
        Answer again = server.send(Server.json(
                server.ansasRequest(at)
                        .header("If-Match", "\"" + before.path("edition").asLong() + "\""),
                "PUT",
                before.path("typed")));
        assertThat(again.status()).isEqualTo(200);
        assertThat(masterCalled("ring 30").path("typed")).isEqualTo(before.path("typed"));
        assertThat(server.send(Server.json(
                                server.ansasRequest(at).header("If-Match", "\"17\""), "PUT", before.path("typed")))
                        .status())
                .isEqualTo(412);
        var retired = ring("ring 30");
        retired.put("retired", true);
        assertThat(server.send(Server.json(
                                server.ansasRequest(at)
                                        .header(
                                                "If-Match",
                                                "\""
                                                        + masterCalled("ring 30")
                                                                .path("edition")
                                                                .asLong() + "\""),
                                "PUT",
                                retired))
                        .status())
                .isEqualTo(200);
        Answer onRetired = server.post(
                "/api/v1/trials/understood",
                Map.of(
                        "gauge", row("B3").path("id").asLong(),
                        "master", masterCalled("ring 30").path("id").asLong(),
                        "readings", List.of()));
        assertThat(onRetired.code()).isEqualTo("master-not-fit");
    }

    @ParameterizedTest
    @CsvSource({
        "certified, 3.1, certified, certified-far-off",
        "certified, 0, certified, size-needed",
        "size, 0, size, size-needed",
        "size, '', size, size-needed",
        "expanded, -0.001, expanded, negative-uncertainty",
        "unit, thou, unit, bad-unit",
        "kind, brick, kind, no-such-master-kind",
        "material, cheese, material, no-such-material",
        "due, soon, due, bad-date",
        "shopNumber, '', shopNumber, bad-shop-number",
        "shopNumber, M6, shopNumber, number-taken",
    })
    void a_master_that_cannot_be_is_refused_at_its_field(String typed, String text, String field, String code) {
        Map<String, Object> ring = ring("ring 31");
        ring.put(typed, text);
        Answer refused = addMaster(ring);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.code()).isEqualTo(code);
        assertThat(refused.json().path("field").asString()).isEqualTo(field);
    }

    @Test
    void the_uncertainty_at_a_size_says_what_it_comes_of() {
        JsonNode said = server.get("/api/v1/drawer/gauges/" + newMicrometer() + "/uncertainty?kind=outside&size=32")
                .json();
        assertThat(said.path("expanded").path("pm").asLong()).isBetween(5_000_000L, 8_000_000L);
        assertThat(said.path("contributions").get(0).path("source").asString()).isEqualTo("gauge");
        assertThat(said.path("contributions").findValuesAsString("source")).doesNotContain("master");
        Answer outside = server.get("/api/v1/drawer/gauges/" + newMicrometer() + "/uncertainty?kind=outside&size=80");
        assertThat(outside.code()).isEqualTo("size-outside-range");
    }
}
