package jawread.server.tables;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.erdtman.jcs.JsonCanonicalizer;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** RFC 8785, to the byte. */
class CanonicalJsonTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** The example of the standard, section 3.2.2, with its number as a text. */
    @Test
    void the_example_of_the_standard() {
        var value = new LinkedHashMap<String, Object>();
        value.put("string", "\u20ac$" + (char) 0x0f + "\nA'B\"\\\\\"/");
        value.put("literals", java.util.Arrays.asList(null, true, false));
        value.put("numbers", List.of(4, 0, -1));
        assertThat(CanonicalJson.of(value))
                .isEqualTo("{\"literals\":[null,true,false],\"numbers\":[4,0,-1],"
                        + "\"string\":\"\u20ac$\\u000f\\nA'B\\\"\\\\\\\\\\\"/\"}");
    }

    @Test
    void every_character_by_itself_is_written_as_the_standard_wants_it() throws Exception {
        for (char each = 0; each < 0xd800; each++) {
            same(Map.of("b", String.valueOf(each), "a", "x" + each + "\\u00"));
        }
    }

    @Test
    void texts_of_any_characters_and_keys_in_any_order() throws Exception {
        var random = new Random(8785);
        for (int i = 0; i < 2000; i++) {
            var value = new LinkedHashMap<String, Object>();
            for (int key = 0; key < 6; key++) {
                value.put(
                        text(random, 3),
                        Map.of("z", text(random, 12), "a", List.of(text(random, 4), random.nextInt())));
            }
            same(value);
        }
    }

    private static String text(Random random, int most) {
        return random.ints(random.nextInt(most) + 1, 0, 0x2100)
                .mapToObj(Character::toString)
                .collect(java.util.stream.Collectors.joining());
    }

    private static void same(Map<String, ?> value) throws Exception {
        assertThat(CanonicalJson.of(value))
                .isEqualTo(new JsonCanonicalizer(JSON.writeValueAsString(value)).getEncodedString());
        assertThat(CanonicalJson.of(Map.of("of", CanonicalJson.part(value))))
                .isEqualTo(CanonicalJson.of(Map.of("of", value)));
    }
}
