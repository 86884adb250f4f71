package jawread.server.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
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
}
