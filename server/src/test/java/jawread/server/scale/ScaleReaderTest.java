package jawread.server.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class ScaleReaderTest {
    private final Server server;

    ScaleReaderTest(Server server) {
        this.server = server;
    }

    static Stream<String> ids() {
        return Scales.all().stream().map(Scale::id);
    }

    private JsonNode reading(String id, String base, String parts) {
        return server.get("/api/v1/scales/" + id + "/reading?base=" + encoded(base) + "&parts=" + encoded(parts))
                .json();
    }

    private JsonNode setting(String id, String base, String sense, String wanted) {
        return server.get("/api/v1/scales/" + id + "/setting?base=" + encoded(base) + "&sense=" + encoded(sense)
                        + "&wanted=" + encoded(wanted))
                .json();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    @Test
    void a_reading_brings_its_sum_both_units_the_nearest_fraction_and_a_sentence() {
        JsonNode said = reading("mic-in-0001", "2", "sleeve=31;thimble=22;vernier=3");
        assertThat(said.at("/size/text").asString()).isEqualTo("2.7973");
        assertThat(said.at("/size/other").asString()).isEqualTo("71.0514 mm");
        assertThat(texts(said.path("steps"), "label"))
                .containsExactly("frame", "figure, 7", "lines, 3", "thimble, 22", "vernier, 3");
        assertThat(texts(said.path("steps"), "figure"))
                .containsExactly("2.0000", "0.7000", "0.0750", "0.0220", "0.0003");
        assertThat(said.at("/fraction/text").asString()).isEqualTo("2 51/64 in");
        assertThat(said.at("/fraction/error").asString()).isEqualTo("0.0004 in under");
        assertThat(said.path("say").asString())
                .isEqualTo("2.7973 inches: frame 2, figure 7, lines 3, thimble 22, vernier 3.");
    }

    @Test
    void a_fraction_is_said_where_the_scale_is_divided_so_and_a_sleeve_bears_its_own_figures() {
        JsonNode said = reading("vernier-in-128", "0", "main=59;line=5");
        assertThat(said.at("/size/text").asString()).isEqualTo("3 93/128");
        assertThat(said.at("/size/other").asString()).isEqualTo("94.6546875 mm");
        assertThat(reading("rule-in-64", "0", "mark=25").path("say").asString())
                .isEqualTo("25/64 inches: inches 0, 64ths 25/64.");
        assertThat(texts(reading("bore3-mm-0005", "20", "sleeve=5;thimble=63").path("steps"), "label"))
                .containsExactly("millimetres, 22", "half line", "thimble, 63");
        assertThat(server.get("/api/v1/scales/bore3-mm-0005?base=20")
                        .json()
                        .at("/figures")
                        .toString())
                .startsWith("[\"20\",\"25\"");
    }

    @Test
    void usual_slips_are_told_with_what_they_would_read_and_how_to_find_out_the_nearest_trap_first() {
        JsonNode misreads =
                reading("mic-in-0001", "2", "sleeve=31;thimble=22;vernier=3").path("misreads");
        JsonNode first = misreads.get(0);
        assertThat(first.path("slip").asString()).isEqualTo("next-line");
        assertThat(first.at("/size/text").asString()).isEqualTo("2.8223");
        assertThat(first.path("words").asString()).isEqualTo("a line too many on the sleeve");
        assertThat(first.path("tell").asString()).isEqualTo("A caliper says 2.797 in.");
        assertThat(texts(misreads, "words"))
                .contains(
                        "the 6 taken for the 7", "the 8 taken for the 7", "the frame left out", "the vernier left out");
    }

    @Test
    void a_lost_turn_of_a_comparator_is_found_by_its_needle_and_not_by_a_rule() {
        JsonNode misreads =
                reading("bore-dial-mm-0001", "120", "needle=-60;sense=-1").path("misreads");
        assertThat(misreads.get(0).path("slip").asString()).isEqualTo("lost-turn");
        assertThat(misreads.get(0).path("tell").asString()).contains("count its turns");
    }

    @ParameterizedTest
    @MethodSource("ids")
    void every_scale_is_set_read_and_put_into_words(String id) {
        String wanted = id.startsWith("feeler") ? "0.02" : id.contains("in") ? "0.3437 in" : "8.73 mm";
        JsonNode set = setting(id, "0", id.startsWith("bore-dial") ? "-1" : "", wanted);
        assertThat(set.at("/shown/say").asString())
                .as(set.toString())
                .endsWith(".")
                .doesNotContain("{");
        var parts = new ArrayList<String>();
        set.at("/shown/parts").properties().forEach(part -> parts.add(part.getKey() + "=" + part.getValue()));
        JsonNode read = reading(id, "0", String.join(";", parts));
        assertThat(read.at("/size/pm").asLong())
                .isEqualTo(set.at("/shown/size/pm").asLong());
        assertThat(read.path("say").asString()).endsWith(".").doesNotContain("{");
        read.path("misreads").forEach(slip -> {
            assertThat(slip.at("/size/pm").asLong())
                    .isNotEqualTo(read.at("/size/pm").asLong());
            assertThat(slip.path("tell").asString()).endsWith(".").doesNotContain("{");
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "mic-in-0001 | 2 | 2.3686 | Pass 2.3 (the sleeve’s 3), two more lines, thimble 18, vernier 6 lined up.",
                "mic-mm-0001 | 25 | 43.916 | Pass 40 (the sleeve’s 15), three millimetres and the half, thimble 41, vernier 6 lined up.",
                "depth-in-001 | 2 | 2.332 | Cover 2.3 (hide the sleeve’s 3), one more line, thimble 7.",
                "vernier-in-001 | 0 | 1.443 | Vernier’s zero past 1.4 (the figure 4), one more line, line 18 of the vernier lined up.",
                "dial-in-001 | 0 | 2.342 | Slide’s edge past 2.3 (the figure 3), needle at 42.",
                "bore-dial-mm-001 | 28 | 28.05 | Needle at 5, clockwise of zero: 28.05 mm.",
                "digital-mm-001 | 0 | 12.34 | Until it shows 12.34.",
                "rule-mm-05 | 0 | 83.5 | Graduation 83.5.",
                "rule-in-64 | 0 | 1 3/64 | Graduation 1 3/64.",
                "feeler | 0 | 0.03 | Together: 0.03."
            })
    void the_parts_are_said_in_the_order_in_which_they_are_set(String id, String base, String wanted, String say) {
        JsonNode set = setting(id, base, id.startsWith("bore-dial") ? "+1" : "", wanted);
        assertThat(set.at("/shown/say").asString()).isEqualTo(say);
    }

    @Test
    void a_size_between_two_lines_is_given_with_both_neighbours_and_their_errors() {
        JsonNode set = setting("vernier-in-001", "0", "", "0.100125");
        assertThat(set.path("exact").asBoolean()).isFalse();
        assertThat(set.path("sentence").asString())
                .isEqualTo(
                        "0.100125 in lies between two lines: 0.100 in is 0.000125 in under, 0.101 in is 0.000875 in over. Set to the nearer.");
        JsonNode converted = setting("mic-in-0001", "2", "", "66.5199 mm");
        assertThat(converted.at("/shown/size/text").asString()).isEqualTo("2.6189");
        assertThat(converted.at("/other/size/text").asString()).isEqualTo("2.6188");
        assertThat(converted.path("sentence").asString())
                .isEqualTo(
                        "2.618894 in lies between two lines: 2.6188 in is 0.000094 in under, 2.6189 in is 0.000006 in over. Set to the nearer.");
    }

    @Test
    void a_metric_size_is_set_on_an_inch_scale_by_its_suffix() {
        assertThat(setting("mic-in-001", "0", "", "12.7mm")
                        .at("/shown/size/text")
                        .asString())
                .isEqualTo("0.500");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/v1/scales/mic-mm-001/reading?parts=sleeve%3D3 | missing-part | thimble",
                "/api/v1/scales/mic-mm-001/reading?parts=sleeve | bad-value | sleeve",
                "/api/v1/scales/mic-mm-001/reading?base=x&parts=sleeve%3D3;thimble%3D1 | no-number | x",
                "/api/v1/scales/dial-mm-002/reading?parts=beam%3D31;dial%3D10 | beam-needle-disagree | 32, 30",
                "/api/v1/scales/digital-mm-001/reading?parts=shown%3D1.234 | not-on-scale | 0.01 mm",
                "/api/v1/scales/mic-mm-001/setting?base=25&wanted=20 | below-range | 25 mm",
                "/api/v1/scales/mic-mm-001/setting?base=25&wanted=51 | above-range | 50 mm",
                "/api/v1/scales/bore-dial-mm-001/setting?base=25&wanted=25 | missing-part | sense",
                "/api/v1/scales/bore-dial-mm-001/setting?base=25&wanted=25&sense=2 | bad-value | +1, -1",
                "/api/v1/scales/mic-mm-7/reading?parts=sleeve%3D3 | no-such-scale | mic-mm-7"
            })
    void what_cannot_be_is_refused_in_a_sentence_that_names_it(String path, String code, String named) {
        var answer = server.get(path);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.sentence()).contains(named).endsWith(".");
    }

    @Test
    void the_catalogue_shows_each_scale_as_one_without_a_base() {
        JsonNode scales = server.get("/api/v1/scales").json();
        assertThat(scales.size()).isEqualTo(Scales.all().size());
        scales.forEach(scale -> assertThat(texts(scale.path("traps"), "kind")).doesNotContain("base-unconfirmed"));
    }

    private static List<String> texts(JsonNode list, String field) {
        var texts = new ArrayList<String>();
        list.forEach(item -> texts.add(item.path(field).asString()));
        return texts;
    }
}
