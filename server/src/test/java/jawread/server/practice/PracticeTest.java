package jawread.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A class is run from a script: sets begun, answered rightly and by each slip, and what the learner's page says of it. */
@ExtendWith(RunningServer.class)
class PracticeTest {
    private final Server server;

    PracticeTest(Server server) {
        this.server = server;
    }

    private Answer mine(String path) {
        return server.send(server.ansasRequest(path));
    }

    private Map<String, Object> set(String scale, String level, int items, long seed) {
        var body = new LinkedHashMap<String, Object>();
        body.put("scale", scale);
        body.put("level", level);
        body.put("items", items);
        body.put("seed", seed);
        return body;
    }

    private JsonNode begin(UUID id, Map<String, Object> body) {
        Answer begun = server.put("/api/v1/practice/sets/" + id, body);
        assertThat(begun.status()).as(begun.text()).isEqualTo(200);
        return begun.json();
    }

    private JsonNode begin(String scale, String level, int items, long seed) {
        return begin(UUID.randomUUID(), set(scale, level, items, seed));
    }

    private Answer answer(UUID id, JsonNode set, String typed) {
        var body = new LinkedHashMap<String, Object>();
        body.put("set", set.path("id").asString());
        body.put("number", set.at("/item/number").asInt());
        body.put("typed", typed);
        body.put("tookMs", 4000);
        return server.put("/api/v1/practice/answers/" + id, body);
    }

    private Answer answer(JsonNode set, String typed) {
        return answer(UUID.randomUUID(), set, typed);
    }

    /** What the item really reads, by the reader of scales. */
    private JsonNode reading(JsonNode item) {
        String parts = item.path("counts").properties().stream()
                .map(part -> part.getKey() + "="
                        + (part.getKey().equals("sense") && part.getValue().asInt() > 0 ? "%2B" : "")
                        + part.getValue().asString())
                .collect(Collectors.joining(";"));
        return server.get("/api/v1/scales/" + item.path("scale").asString() + "/reading?base="
                        + item.path("base").asString().replace(" ", "%20") + "&parts=" + parts)
                .json();
    }

    @Test
    void a_set_is_answered_repeated_from_its_seed_and_taken_up_again() {
        JsonNode set = begin("mic-mm-001", "traps", 3, 12);
        JsonNode first = set.path("item");
        JsonNode right = reading(first);
        UUID id = UUID.randomUUID();
        JsonNode answered = answer(id, set, right.at("/size/text").asString()).json();
        assertThat(answered.path("outcome").asString()).isEqualTo("right");
        assertThat(answered.at("/set/item/number").asInt()).isEqualTo(2);
        // Sent once more, as after a lost server, it is the same; the item before is not answered twice.
        assertThat(answer(id, set, right.at("/size/text").asString())
                        .json()
                        .path("outcome")
                        .asString())
                .isEqualTo("right");
        assertThat(answer(set, "1").code()).isEqualTo("not-the-next-item");
        JsonNode again =
                mine("/api/v1/practice/sets/" + set.path("id").asString()).json();
        assertThat(again.path("item")).isEqualTo(answered.at("/set/item"));
        assertThat(mine("/api/v1/practice").json().path("open").asString())
                .isEqualTo(set.path("id").asString());

        String second = reading(again.path("item")).at("/size/text").asString();
        JsonNode last = answer(again, second).json().path("set");
        JsonNode done = answer(last, reading(last.path("item")).at("/size/text").asString())
                .json();
        assertThat(done.at("/set/item").isNull() || done.at("/set/item").isMissingNode())
                .isTrue();
        assertThat(done.at("/set/done/says").asString()).isEqualTo("All 3 right, in 12 seconds.");
    }

    @Test
    void each_usual_slip_is_named_when_its_very_figure_is_typed() {
        for (String scale :
                List.of("mic-in-0001", "vernier-mm-005", "depth-in-001", "bore-dial-mm-001", "dial-mm-001")) {
            JsonNode set = begin(scale, "base", 5, 31);
            for (int i = 0; i < 5; i++) {
                JsonNode item = set.path("item");
                JsonNode misread = StreamSupport.stream(
                                reading(item).path("misreads").spliterator(), false)
                        .filter(each -> !each.path("slip").asString().equals("neighbour"))
                        .findFirst()
                        .orElseThrow();
                JsonNode answered =
                        answer(set, misread.at("/size/text").asString()).json();
                assertThat(answered.path("outcome").asString())
                        .as(scale + " " + item)
                        .isEqualTo("wrong");
                assertThat(answered.at("/slips/0/name").asString()).isNotEmpty();
                assertThat(answered.path("says").asString())
                        .contains(answered.at("/slips/0/name").asString());
                set = answered.path("set");
            }
            assertThat(set.at("/done/fallen").size()).isPositive();
        }
        JsonNode page = mine("/api/v1/practice").json();
        assertThat(page.at("/next/only").asString()).isNotEmpty();
        // What slipped at work goes first, where somebody has owned to it.
        assertThat(page.at("/next/sentence").asString())
                .matches("Practise .*: (missed \\d+ of \\d+|it slipped at work .*)\\.");
    }

    @ParameterizedTest
    @CsvSource({
        "'', empty",
        "12.3.4, group-separator",
        "abc, no-number",
        "6 2, looks-other-count",
    })
    void what_is_no_answer_is_asked_for_again_and_not_counted(String typed, String code) {
        JsonNode set = begin("mic-in-0001", "vernier", 2, 5);
        assertThat(answer(set, typed).code()).isEqualTo(code);
        assertThat(mine("/api/v1/practice/sets/" + set.path("id").asString())
                        .json()
                        .at("/item/number")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void it_is_answered_look_by_look_or_in_the_other_unit_where_that_is_said() {
        JsonNode set = begin("mic-in-001", "fine", 3, 8);
        JsonNode right = reading(set.path("item"));
        String millimetres = right.at("/size/other").asString();
        assertThat(millimetres).endsWith(" mm");
        JsonNode answered = answer(set, millimetres).json();
        assertThat(answered.path("outcome").asString()).as(answered.toString()).isEqualTo("right");
        JsonNode next = answered.path("set");
        String bare = reading(next.path("item")).at("/size/other").asString().replace(" mm", "");
        JsonNode untold = answer(next, bare).json();
        assertThat(untold.at("/slips/0/code").asString()).as(untold.toString()).isEqualTo("unit");
        JsonNode third = untold.path("set");
        int sleeve = third.at("/item/counts/sleeve").asInt();
        String looks = sleeve / 4 + " " + sleeve % 4 + " "
                + third.at("/item/counts/thimble").asInt();
        assertThat(answer(third, looks).json().path("outcome").asString()).isEqualTo("right");
    }

    @Test
    void practice_by_ear_speaks_the_parts_and_earns_no_ticket() {
        var body = set("mic-in-0001", "base", 20, 3);
        body.put("heard", true);
        JsonNode set = begin(UUID.randomUUID(), body);
        assertThat(set.at("/item/heard").asString()).contains("thimble").contains("frame");
        for (int i = 0; i < 20; i++) {
            set = answer(set, reading(set.path("item")).at("/size/text").asString())
                    .json()
                    .path("set");
        }
        JsonNode learned = StreamSupport.stream(
                        mine("/api/v1/practice").json().path("scales").spliterator(), false)
                .filter(each -> each.path("scale").asString().equals("mic-in-0001"))
                .findFirst()
                .orElseThrow();
        assertThat(learned.path("ticket").asString()).isEqualTo("none");
    }

    @Test
    void a_scale_is_set_to_a_size_and_half_a_turn_off_is_told() {
        var body = set("mic-mm-001", "traps", 2, 4);
        body.put("toSet", true);
        JsonNode set = begin(UUID.randomUUID(), body);
        assertThat(set.at("/item/wanted/text").asString()).isNotEmpty();
        var parts = new LinkedHashMap<String, Object>();
        set.at("/item/counts")
                .properties()
                .forEach(part -> parts.put(part.getKey(), part.getValue().asInt()));
        var answer = new LinkedHashMap<String, Object>();
        answer.put("set", set.path("id").asString());
        answer.put("number", 1);
        answer.put("parts", parts);
        answer.put("tookMs", 100);
        assertThat(server.put("/api/v1/practice/answers/" + UUID.randomUUID(), answer)
                        .json()
                        .path("outcome")
                        .asString())
                .isEqualTo("right");
    }

    @Test
    void the_first_lesson_is_taken_up_where_it_was_left() {
        assertThat(server.put("/api/v1/practice/lesson/" + UUID.randomUUID(), Map.of("unit", "mm", "step", 4))
                        .status())
                .isEqualTo(200);
        assertThat(mine("/api/v1/practice").json().at("/lesson/step").asInt()).isEqualTo(4);
        assertThat(server.put("/api/v1/practice/lesson/" + UUID.randomUUID(), Map.of("unit", "ells", "step", 4))
                        .code())
                .isEqualTo("no-such-unit");
    }

    @Test
    void what_cannot_be_practised_is_refused() {
        String path = "/api/v1/practice/sets/" + UUID.randomUUID();
        assertThat(server.put(path, set("mic-mm-001", "hardest", 3, 1)).code()).isEqualTo("no-such-level");
        assertThat(server.put(path, set("mic-mm-001", "traps", 500, 1)).code()).isEqualTo("bad-item-count");
        assertThat(server.put(path, set("no-such", "traps", 5, 1)).status()).isEqualTo(404);
        var only = set("mic-in-001", "traps", 5, 1);
        only.put("only", "fine-figure");
        assertThat(server.put(path, only).code()).isEqualTo("slip-not-on-scale");
    }
}
