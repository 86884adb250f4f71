package jawread.server.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is asked of the card with no job. */
@ExtendWith(RunningServer.class)
class CardTest {
    private final Server server;

    CardTest(Server server) {
        this.server = server;
    }

    private Answer stack(String set, String unit, String size, String missing, String wear) {
        return server.post(
                "/api/v1/card/stack", Map.of("set", set, "unit", unit, "size", size, "missing", missing, "wear", wear));
    }

    private Answer feelers(String leaves, String gap) {
        return server.post("/api/v1/card/feelers", Map.of("unit", "mm", "leaves", leaves, "gap", gap));
    }

    private Answer twenty(Map<String, String> more) {
        var body = new HashMap<String, Object>(Map.of(
                "unit", "mm",
                "size", "100",
                "deviation", "",
                "scaleMaterial", "steel",
                "scaleTemperature", "20",
                "partMaterial", "aluminium-alloy",
                "partTemperature", "32",
                "tolerance", "0.1",
                "section", "40",
                "on", "metal-plate"));
        body.putAll(more);
        return server.post("/api/v1/card/twenty", body);
    }

    @Test
    void a_stack_is_the_fewest_blocks_with_the_wear_blocks_beside_them() {
        JsonNode stack = stack("mm-88", "mm", "41.125", "", "2").json();
        assertThat(stack.path("blocks").findValuesAsString("text")).containsExactly("1.005", "1.12", "5", "30");
        assertThat(stack.path("wear").path("text").asString()).isEqualTo("2");
        assertThat(stack.path("sentence").asString()).startsWith("4 blocks");
    }

    @ParameterizedTest
    @CsvSource({
        "mm-88, 3.14159, '',      'nearest below is 3.1415 mm, the nearest above 3.142 mm'",
        "mm-47, 0.5,     '',      'The smallest that can be wrung is 1 mm'",
        "'1; 2; 5', 9,   '',      'The largest that can be wrung is 8 mm'",
        "'1; 2; 5', 7.5, '5',     'The largest that can be wrung is 3 mm'",
    })
    void what_no_stack_comes_to_is_said_with_the_nearest(String set, String size, String missing, String sentence) {
        JsonNode stack = stack(set, "mm", size, missing, "").json();
        assertThat(stack.path("blocks")).isEmpty();
        assertThat(stack.path("sentence").asString()).contains(sentence);
    }

    @ParameterizedTest
    @CsvSource({
        "mm-88, 25,  0.7,  block-not-in-set, missing",
        "mm-88, 0,   '',   size-needed,      size",
        "mm-88, big, '',   no-number,        size",
        "'1; 1', 25, '',   block-twice,      set",
        "'one',  25, '',   bad-block,        set",
        "'1-9 by 0', 25, '', bad-block,      set",
        "'1; 1.000000001', 25, '', too-many-blocks, set",
    })
    void what_cannot_be_is_refused_at_its_field(String set, String size, String missing, String code, String field) {
        Answer answer = stack(set, "mm", size, missing, "");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.json().path("field").asString()).isEqualTo(field);
    }

    @Test
    void the_sets_of_the_drawer_come_first() {
        JsonNode sets = server.get("/api/v1/card/block-sets").json();
        assertThat(sets.findValuesAsString("name"))
                .startsWith("in-81, of the drawer", "mm-88, of the drawer")
                .endsWith("mm-47");
        JsonNode own = stack(sets.get(0).path("key").asString(), "in", "2.3689", "", "")
                .json();
        assertThat(own.path("blocks").findValuesAsString("text")).containsExactly("0.1009", "0.133", "0.135", "2");
    }

    @Test
    void leaves_that_go_and_leaves_that_do_not() {
        JsonNode gap = feelers("0.05; 0.1; 0.2; 0.3; 0.5; 1", "0.45").json();
        assertThat(gap.path("go").path("leaves").findValuesAsString("text")).hasSize(3);
        assertThat(gap.path("noGo").path("sum").path("text").asString()).isEqualTo("0.5");
        assertThat(gap.path("go").path("warning").isMissingNode()).isTrue();
        JsonNode many = feelers("0.05; 0.1; 0.2; 0.3; 0.5; 1", "2.15").json();
        assertThat(many.path("go").path("warning").asString()).startsWith("6 leaves");
        assertThat(many.path("noGo").isMissingNode()).isTrue();
        assertThat(feelers("0.05; 0.1", "0.01").json().path("sentence").asString())
                .contains("even 0.05 mm does not go");
    }

    @Test
    void a_part_twelve_kelvin_warm_is_corrected_and_it_is_said_how_long_to_wait() {
        JsonNode warm = twenty(Map.of()).json();
        assertThat(warm.path("size").path("text").asString()).isEqualTo("99.9724");
        assertThat(warm.path("mustWait").asBoolean()).isTrue();
        assertThat(warm.path("soak").asInt()).isEqualTo(96);
        assertThat(warm.path("doubt").path("expanded").path("pm").asLong()).isPositive();
        assertThat(twenty(Map.of("on", "surface-plate")).json().path("soak").asInt())
                .isEqualTo(48);
        JsonNode alike = twenty(Map.of("partMaterial", "steel", "partTemperature", "27", "scaleTemperature", "27"))
                .json();
        assertThat(alike.path("sentence").asString()).contains("comes to nothing");
        assertThat(alike.path("mustWait").asBoolean()).isFalse();
        JsonNode fromMaster = twenty(Map.of("deviation", "-0.012")).json();
        assertThat(fromMaster.path("size").path("text").asString()).isEqualTo("99.9604");
    }

    @ParameterizedTest
    @CsvSource({
        "partTemperature,  -300, bad-temperature",
        "partTemperature,  '',   temperature-needed",
        "scaleTemperature, warm, bad-temperature",
        "partMaterial,     wood, no-such-material",
        "size,             '',   size-needed",
    })
    void what_cannot_be_warm_is_refused(String field, String text, String code) {
        Answer answer = twenty(Map.of(field, text));
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.json().path("field").asString()).isEqualTo(field);
    }

    private Answer inch(String unit, String text) {
        return server.post("/api/v1/card/inch", Map.of("unit", unit, "text", text));
    }

    @ParameterizedTest
    @CsvSource({
        "mm, 17/32,    13.49375,   0.53125,   531.25,   17/32,   ''",
        "in, 0.53125,  13.49375,   0.53125,   531.25,   17/32,   0.53125",
        "mm, 13.49375, 13.49375,   0.53125,   531.25,   17/32,   342.74125",
        "mm, 1/128 in, 0.1984375,  0.0078125, 7.8125,   0,       ''",
        "mm, 13.5,     13.5,       0.531496,  531.496,  17/32,   342.9",
        "mm, 2000,     2000,       78.740157, 78740.157, 78 47/64, ''",
        "in, 2 43/64,  67.865625,  2.671875,  2671.875, 2 43/64, ''"
    })
    void a_size_is_told_in_inches_fractions_and_millimetres(
            String unit, String text, String millimetres, String inches, String thou, String fraction, String other) {
        JsonNode found = inch(unit, text).json();
        JsonNode meant = found.path("meant");
        assertThat(meant.path("millimetres").asString()).isEqualTo(millimetres);
        assertThat(meant.path("inches").asString()).isEqualTo(inches);
        assertThat(meant.path("thou").asString()).isEqualTo(thou);
        assertThat(meant.path("sixtyFourth").path("text").asString()).isEqualTo(fraction);
        assertThat(found.path("other").path("millimetres").asString("")).isEqualTo(other);
    }

    @Test
    void a_fraction_says_how_far_it_is_from_the_size() {
        JsonNode meant = inch("mm", "13.5").json().path("meant");
        assertThat(meant.path("sixtyFourth").path("error").path("pm").asLong()).isEqualTo(6_250_000);
        assertThat(meant.path("sixtyFourth").path("sentence").asString())
                .isEqualTo("17/32 in is the nearest of all 64ths, and 0.0062 mm (0.00025 in) smaller.");
        assertThat(inch("mm", "0.3 in")
                        .json()
                        .path("meant")
                        .path("hundredTwentyEighth")
                        .path("text")
                        .asString())
                .isEqualTo("19/64");
    }

    private Answer thread(String text) {
        return server.post("/api/v1/card/thread", Map.of("unit", "mm", "text", text, "engagement", ""));
    }

    @Test
    void a_thread_names_its_drill_and_those_on_either_side() {
        JsonNode found = thread("M3").json();
        // tapping-001
        assertThat(found.path("drill").path("pm").asLong()).isEqualTo(2_512_875_000L);
        assertThat(found.path("best").path("name").asString()).isEqualTo("2.5");
        assertThat(found.path("best").path("error").path("pm").asLong()).isEqualTo(-12_875_000);
        assertThat(found.path("sets").findValuesAsString("kind")).containsExactly("metric", "fraction", "named");
        assertThat(found.path("sets").get(2).path("drills").findValuesAsString("name"))
                .containsExactly("40", "39");
        assertThat(found.path("clearance").get(1).path("size").path("text").asString())
                .isEqualTo("3.4");
        assertThat(found.path("sentence").asString())
                .isEqualTo("M3: drill 2.5 mm (0.09843 in), which leaves 77 % of the thread\u2019s height.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            thread | M8 x 0  | A pitch of 0 is none.
            thread | M7.3    | M7.3 stands in no table. Nearest are M7, M8, M6;
            thread | 3/8     | 3/8 may be 3/8-16, 3/8-24: say which.
            inch   | 1/3     | A scale does not divide into 3 parts
            inch   | -3      | below zero
            fit    | 40 zc6  | The letter zc is not in the tables
            fit    | 40 H3   | Grade IT3 is not in the tables
            fit    | forty   | is no class and no fit. Right would be 25 g6, 40 H7 or 40 H7/g6
            """)
    void what_cannot_be_is_refused_with_what_would_be_right(String part, String text, String said) {
        Answer refused = server.post(
                "/api/v1/card/" + part,
                switch (part) {
                    case "thread" -> Map.of("unit", "mm", "text", text, "engagement", "");
                    case "fit" -> Map.of("unit", "mm", "text", text, "hole", "", "shaft", "");
                    default -> Map.of("unit", "mm", "text", text);
                });
        assertThat(refused.status()).as(refused.json().toString()).isEqualTo(422);
        assertThat(refused.json().path("field").asString()).isEqualTo("text");
        assertThat(refused.json().path("detail").asString()).contains(said);
    }

    private JsonNode fit(String text, String hole, String shaft) {
        return server.post("/api/v1/card/fit", Map.of("unit", "mm", "text", text, "hole", hole, "shaft", shaft))
                .json();
    }

    @Test
    void a_fit_shows_both_zones_and_what_lies_between_them() {
        JsonNode found = fit("40 H7/g6", "", "");
        // fits-001
        assertThat(found.path("hole").path("high").path("pm").asLong()).isEqualTo(40_025_000_000L);
        assertThat(found.path("shaft").path("low").path("pm").asLong()).isEqualTo(39_975_000_000L);
        assertThat(found.path("gap").path("smallest").path("pm").asLong()).isEqualTo(9_000_000);
        assertThat(found.path("gap").path("sentence").asString())
                .isEqualTo("Clearance from 0.009 mm to 0.05 mm: the shaft always goes in free.");
        assertThat(found.path("general").findValuesAsString("limits"))
                .containsExactly("40 \u00b1 0.15", "40 \u00b1 0.3", "40 \u00b1 0.8", "40 \u00b1 1.5");
        assertThat(found.path("hole").path("limits").asString()).isEqualTo("40 H7");
    }

    @Test
    void a_class_that_is_not_used_so_small_and_an_exact_half_are_remarked() {
        assertThat(fit("0.8 N9", "", "").path("remarks").toString()).contains("does not use N9 up to 1 mm");
        assertThat(fit("0.8 H14", "", "").path("remarks").toString()).contains("does not use H14 up to 1 mm");
        assertThat(fit("0.8 H9", "", "").path("remarks")).isEmpty();
        assertThat(fit("40 js6", "", "").path("remarks").toString()).contains("js6 is given exactly");
        assertThat(fit("40", "", "").path("hole").isMissingNode()).isTrue();
    }

    @Test
    void measured_parts_say_what_they_make() {
        JsonNode one = fit("40 H7/k6", "40.010", "");
        assertThat(one.path("measured").path("sentence").asString())
                .isEqualTo("With this one: from 0.008 mm tight to 0.008 mm free, as its partner is.");
        JsonNode both = fit("40 H7/k6", "40.010", "40.015");
        assertThat(both.path("measured").path("sentence").asString())
                .isEqualTo("These two overlap by 0.005 mm: pressed or shrunk together.");
        assertThat(fit("40 H7/k6", "40.030", "").path("hole").path("told").asString())
                .isEqualTo("40.03 mm is larger than its class, by the figure alone.");
    }

    @Test
    void every_usual_fit_is_what_its_word_says() {
        JsonNode classes = server.get("/api/v1/card/classes").json();
        assertThat(classes.path("usual"))
                .allSatisfy(usual -> assertThat(
                                fit("40 " + usual.path("classes").asString(), "", "")
                                        .path("gap")
                                        .path("word")
                                        .asString())
                        .isEqualTo(usual.path("word").asString()));
        assertThat(classes.path("holes").size()).isEqualTo(15);
    }

    @Test
    void centres_are_found_from_edges() {
        // centre-distance-001
        Answer found = server.post(
                "/api/v1/card/centres",
                Map.of("unit", "mm", "kind", "equal", "figures", List.of("50.000000001", "30")));
        assertThat(found.json().path("distance").path("pm").asLong()).isEqualTo(40_000_000_000L);
        Answer swapped = server.post(
                "/api/v1/card/centres", Map.of("unit", "mm", "kind", "equal", "figures", List.of("30", "50")));
        assertThat(swapped.json().path("detail").asString()).startsWith("These edges cannot be");
    }

    private Answer lobes(String lobes, String angle, String spread) {
        return server.post(
                "/api/v1/card/lobes", Map.of("unit", "mm", "lobes", lobes, "angle", angle, "spread", spread));
    }

    @Test
    void lobes_are_as_high_as_the_v_shows_them() {
        JsonNode found = lobes("3", "60", "0.006").json();
        assertThat(found.path("height").path("pm").asLong()).isEqualTo(2_000_000);
        assertThat(lobes("5", "60", "0.006").json().path("sentence").asString())
                .endsWith("A V that sees them: 108\u00b0, 90\u00b0, 120\u00b0.");
        assertThat(lobes("1", "60", "0.006").json().path("detail").asString()).contains("2 to 12");
        assertThat(lobes("3", "45", "0.006").json().path("detail").asString()).contains("from 60\u00b0 to 120\u00b0");
    }
}
