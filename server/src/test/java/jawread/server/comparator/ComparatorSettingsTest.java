package jawread.server.comparator;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Bore gauges as they are set, read from and put back. */
@ExtendWith(RunningServer.class)
class ComparatorSettingsTest {
    private static final long TENTH_PM = 2_540_000;
    private final Server server;

    ComparatorSettingsTest(Server server) {
        this.server = server;
    }

    private long gauge(String number) {
        return new Walk(server, "shaft 3", "bore 16 H7").gauge(number);
    }

    private JsonNode settingUp(long gauge, String wanted) {
        return server.get("/api/v1/comparators/" + gauge + "?wanted=" + wanted).json();
    }

    private JsonNode master(JsonNode settingUp, String kind) {
        for (JsonNode each : settingUp.path("masters")) {
            if (each.path("kind").asString().equals(kind)) {
                return each;
            }
        }
        throw new AssertionError("No " + kind + " in " + settingUp);
    }

    private Map<String, Object> typed(String wanted, String master) {
        return new HashMap<>(Map.of(
                "wanted", wanted,
                "master", master,
                "temperature", "",
                "graduation", "0.0001",
                "pressed", "fall",
                "rocked", "rise",
                "returned", "0.5"));
    }

    private Answer set(long gauge, Map<String, Object> typed) {
        return server.put("/api/v1/comparators/" + gauge + "/settings/" + UUID.randomUUID(), typed);
    }

    private Answer putBack(long gauge, String needle, String done, String after) {
        return server.put(
                "/api/v1/comparators/" + gauge + "/checks/" + UUID.randomUUID(),
                Map.of("needle", needle, "done", done, "after", after));
    }

    @ParameterizedTest
    @CsvSource({"stack, 3.2509", "ring, 3.2500", "micrometer, 3.2509"})
    void it_is_set_on_what_the_drawer_has_and_stands_at_that_masters_real_size(String kind, String size) {
        long b1 = gauge("B1");
        JsonNode on = master(settingUp(b1, "3.2509"), kind);

        JsonNode now =
                set(b1, typed("3.2509", on.path("key").asString())).json().path("now");

        assertThat(now.path("size").path("text").asString()).isEqualTo(size);
        assertThat(now.path("sense").asInt()).isEqualTo(1);
        assertThat(now.path("old").isMissingNode()).isTrue();
        assertThat(server.get("/api/v1/comparators")
                        .json()
                        .findValuesAsString("sentence")
                        .get(0))
                .contains("It stands at");
    }

    @Test
    void a_stack_is_named_block_by_block_and_a_micrometer_with_what_it_must_show() {
        JsonNode settingUp = settingUp(gauge("B1"), "3.2509");
        assertThat(master(settingUp, "stack").path("blocks").findValuesAsString("text"))
                .containsExactly("0.1009", "0.15", "3");
        JsonNode locked = master(settingUp, "micrometer").path("micrometer");
        assertThat(locked.path("wanted").asString()).isEqualTo("3.2509");
        assertThat(locked.path("base").asString()).isEqualTo("3");
    }

    @ParameterizedTest
    @CsvSource({
        "pressed,    rise,   sense-differs,      rocked",
        "rocked,     fall,   sense-differs,      rocked",
        "pressed,    up,     rise-or-fall,       pressed",
        "graduation, 0.0005, graduation-differs, graduation",
        "returned,   1.5,    not-returned,       returned",
        "returned,   much,   bad-graduations,    returned",
        "wanted,     9,      outside-range,      wanted",
        "master,     m999,   cannot-be-set-on,   master",
        "temperature, -300,  bad-temperature,    temperature",
    })
    void what_was_seen_wrongly_is_refused_at_its_step_and_nothing_is_kept(
            String field, String text, String code, String at) {
        long b1 = gauge("B1");
        int before = settingUp(b1, "").path("before").size();
        Map<String, Object> typed = typed(
                "3.2509", master(settingUp(b1, "3.2509"), "ring").path("key").asString());
        typed.put(field, text);

        Answer answer = set(b1, typed);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.json().path("field").asString()).isEqualTo(at);
        assertThat(settingUp(b1, "").path("before")).hasSize(before);
    }

    @Test
    void a_ring_outside_the_needles_range_is_not_offered_and_it_is_said_what_can_be_done() {
        JsonNode far = settingUp(gauge("B1"), "5.1234");
        assertThat(far.path("masters").findValuesAsString("kind")).doesNotContain("ring");
        assertThat(server.get("/api/v1/comparators/" + gauge("C1")).code()).isEqualTo("no-comparator");
        assertThat(settingUp(gauge("B2"), "159.5").path("nothing").isMissingNode())
                .isTrue();
    }

    @Test
    void a_needle_reads_from_the_setting_and_says_nothing_without_one() {
        var walk = new Walk(server, "shaft 3", "bore 16 H7");
        long b1 = gauge("B1");
        JsonNode ring = master(settingUp(b1, "3.2509"), "ring");
        set(b1, typed("3.2509", ring.path("key").asString()));
        Map<String, Object> reading = walk.byScale(0, Map.of("needle", 7, "sense", 1), 0);
        reading.put("gauge", b1);
        reading.put("base", ring.path("size").path("pm").asLong());
        reading.put("pm", ring.path("size").path("pm").asLong() + 7 * TENTH_PM);
        reading.put("takenAt", "2026-03-10T09:00:00Z");

        JsonNode kept = Walk.placeNow(walk.keep(reading).shown());
        JsonNode last = kept.path("readings").get(kept.path("readings").size() - 1);
        assertThat(last.path("size").path("text").asString()).isEqualTo("3.2507");
        assertThat(last.path("setting").asString())
                .isEqualTo("Its gauge stood at 3.25 in on ring 3.25 in, set by Ansa.");
        // The page asked once more shows the same, from what is kept in memory.
        assertThat(walk.sheet().toString()).contains("stood at 3.25 in on ring 3.25 in");

        Map<String, Object> otherSense = new HashMap<>(reading);
        otherSense.put("parts", Map.of("needle", 7, "sense", -1));
        assertThat(walk.keep(otherSense).code()).isEqualTo("set-anew");
        Map<String, Object> otherBase = new HashMap<>(reading);
        otherBase.put("base", 3 * TENTH_PM);
        assertThat(walk.keep(otherBase).code()).isEqualTo("set-anew");
        Map<String, Object> neverSet = new HashMap<>(reading);
        neverSet.put("gauge", gauge("B2"));
        assertThat(walk.keep(neverSet).code()).isEqualTo("not-set");
        walk.strike(UUID.randomUUID(), last.path("id").asString(), "test");
    }

    @Test
    void put_back_it_goes_on_or_is_set_to_zero_and_looked_at_again() {
        long b1 = gauge("B1");
        set(
                b1,
                typed(
                        "3.2509",
                        master(settingUp(b1, "3.2509"), "ring").path("key").asString()));
        assertThat(putBack(b1, "0.5", "nothing", "").status()).isEqualTo(200);
        assertThat(putBack(b1, "3", "set-to-zero", "").code()).isEqualTo("check-again");
        assertThat(putBack(b1, "3", "set-to-zero", "0").status()).isEqualTo(200);
        JsonNode checks = server.get("/api/v1/drawer/gauges/" + b1).json().path("checks");
        JsonNode last = checks.get(checks.size() - 1);
        assertThat(last.path("good").asBoolean()).isFalse();
        assertThat(last.path("found").path("pm").asLong()).isEqualTo(3 * TENTH_PM);
        assertThat(last.path("left").path("pm").asLong()).isZero();
    }

    @Test
    void a_setting_takes_the_place_of_a_known_error_that_was_left() {
        long b1 = gauge("B1");
        set(
                b1,
                typed(
                        "3.2509",
                        master(settingUp(b1, "3.2509"), "ring").path("key").asString()));
        putBack(b1, "-2", "nothing", "");
        assertThat(server.get("/api/v1/drawer/gauges/" + b1)
                        .json()
                        .path("correction")
                        .asString())
                .contains("0.0002");
        set(
                b1,
                typed(
                        "3.2509",
                        master(settingUp(b1, "3.2509"), "ring").path("key").asString()));
        assertThat(server.get("/api/v1/drawer/gauges/" + b1)
                        .json()
                        .path("correction")
                        .isMissingNode())
                .isTrue();
    }

    @Test
    void the_same_setting_sent_again_is_kept_once_and_another_gauges_id_is_refused() {
        long b1 = gauge("B1");
        UUID id = UUID.randomUUID();
        Map<String, Object> typed = typed(
                "3.2509", master(settingUp(b1, "3.2509"), "ring").path("key").asString());
        String path = "/api/v1/comparators/" + b1 + "/settings/" + id;
        int before = settingUp(b1, "").path("before").size();
        assertThat(server.put(path, typed).status()).isEqualTo(200);
        assertThat(server.put(path, typed).status()).isEqualTo(200);
        assertThat(settingUp(b1, "").path("before")).hasSize(before + 1);
        assertThat(server.put("/api/v1/comparators/" + gauge("B2") + "/settings/" + id, typed)
                        .status())
                .isEqualTo(409);
    }
}
