package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

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
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Rods, collars and nibs: listed with the gauge, picked at it, each a line of the sum, and another one taken is named. */
@ExtendWith(RunningServer.class)
class PiecesTest {
    private static final long INCH_PM = 25_400_000_000L;
    private final Server server;

    PiecesTest(Server server) {
        this.server = server;
    }

    private Answer add(String number, String kind, String scale, String low, String high, String base, String pieces) {
        Map<String, Object> gauge = Drafting.gauge(number, kind, scale, low, high);
        gauge.put("base", base);
        gauge.put("rods", pieces);
        return server.send(
                Server.json(server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(gauge))));
    }

    private static String number() {
        return "N" + UUID.randomUUID().toString().substring(0, 8);
    }

    private String head(String pieces) {
        String number = number();
        Answer added = add(number, "inside-micrometer", "inside-in-001", "2", "8", "2", pieces);
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        return number;
    }

    private JsonNode inHand(String number) {
        return StreamSupport.stream(server.get("/api/v1/gauges").json().spliterator(), false)
                .filter(each -> each.path("shopNumber").asString().equals(number))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> labels(JsonNode bases) {
        return StreamSupport.stream(bases.spliterator(), false)
                .map(base -> base.path("label").asString())
                .toList();
    }

    private Map<String, Object> byScale(OneFeature one, String base, int sleeve, int thimble) {
        var body = new LinkedHashMap<>(
                one.body(one.round().path("places").get(0).path("id").asLong(), ""));
        body.remove("typed");
        long basePm = Math.round(Double.parseDouble(base) * INCH_PM);
        body.put("base", basePm);
        body.put("parts", Map.of("sleeve", sleeve, "thimble", thimble));
        return body;
    }

    @Test
    void a_head_with_a_rod_and_a_collar_is_a_line_each() {
        String number = head("rod +1; rod +2; collar +0.5");
        assertThat(labels(inHand(number).path("bases")))
                .containsExactly(
                        "own",
                        "collar 0.5 in",
                        "rod 1 in",
                        "rod 1 in + collar 0.5 in",
                        "rod 2 in",
                        "rod 2 in + collar 0.5 in");
        OneFeature one = new OneFeature(server, OneFeature.onePlace("a bore with rods", "bore", "3.711 / 3.714 in"))
                .with(number);
        Answer kept = server.put("/api/v1/readings/" + UUID.randomUUID(), byScale(one, "3.5", 8, 12));
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        JsonNode reading = one.round(kept.shown()).at("/places/0/readings/0");
        assertThat(reading.at("/size/text").asString()).isEqualTo("3.712");
        assertThat(StreamSupport.stream(reading.path("steps").spliterator(), false)
                        .map(step -> step.path("label").asString() + " "
                                + step.path("figure").asString())
                        .limit(3))
                .containsExactly("head 2", "rod 1", "collar 0.5");
        // With the collar that is not in it.
        JsonNode doubted = one.round(server.put("/api/v1/readings/" + UUID.randomUUID(), byScale(one, "3", 8, 12))
                        .shown())
                .path("places")
                .get(0)
                .path("doubts");
        assertThat(doubted.toString()).contains("another rod, collar or nib taken than the one that is in it");
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), byScale(one, "3.25", 8, 12))
                        .code())
                .isEqualTo("base-not-of-gauge");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rod | bad-piece",
                "rod one | bad-piece",
                "rod 1; -3 | bad-piece",
                "a +1; b +2; c +3; d +4 | too-many-on-top",
                "1 2 3 4 5 6 7 8 9 10 11 12 13 | too-many-rods",
            })
    void a_list_that_cannot_be_is_refused_with_what_it_looks_like(String pieces, String code) {
        Answer added = add(number(), "inside-micrometer", "inside-in-001", "2", "8", "2", pieces);
        assertThat(added.status()).isEqualTo(422);
        assertThat(added.code()).isEqualTo(code);
    }

    @Test
    void rods_of_before_keep_their_sizes_and_ask_for_a_name() {
        JsonNode bases = inHand(head("3; 4")).path("bases");
        assertThat(labels(bases)).containsExactly("own", "rod 3 in", "rod 4 in");
        assertThat(bases.get(0).path("named").asBoolean()).isTrue();
        assertThat(bases.get(1).path("named").asBoolean()).isFalse();
    }

    @Test
    void nibs_add_inside_and_not_outside() {
        String number = number();
        Answer added = add(number, "vernier-caliper", "vernier-in-001", "0", "12", "0", "nibs +0.3");
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        assertThat(inHand(number).at("/bases/1/insideOnly").asBoolean()).isTrue();
        Map<String, Object> parts = Map.of("main", 40, "line", 0);
        for (String kind : List.of("inside", "outside")) {
            OneFeature one =
                    new OneFeature(server, OneFeature.onePlace(kind + " by nibs", kind, "1.29 / 1.31 in")).with(number);
            var body = byScale(one, "0.3", 0, 0);
            body.put("parts", parts);
            Answer answer = server.put("/api/v1/readings/" + UUID.randomUUID(), body);
            assertThat(answer.status()).as(kind + answer.text()).isEqualTo(kind.equals("inside") ? 201 : 422);
            if (kind.equals("outside")) {
                assertThat(answer.code()).isEqualTo("nibs-inside");
            }
        }
    }
}
