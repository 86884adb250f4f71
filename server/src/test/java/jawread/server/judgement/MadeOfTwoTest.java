package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A size that no gauge is laid on: each figure with its gauge, judged as any size. */
@ExtendWith(RunningServer.class)
class MadeOfTwoTest {
    private final Server server;

    MadeOfTwoTest(Server server) {
        this.server = server;
    }

    private long gauge(String number) {
        return StreamSupport.stream(server.get("/api/v1/gauges").json().spliterator(), false)
                .filter(each -> each.path("shopNumber").asString().equals(number))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asLong();
    }

    /** @param figures the first with the feature's gauge, the others with {@code with} */
    private Map<String, Object> made(OneFeature one, String way, String with, String... figures) {
        Map<String, Object> body =
                one.body(one.round().path("places").get(0).path("id").asLong(), figures[0]);
        var others = new ArrayList<Map<String, Object>>();
        for (String figure : List.of(figures).subList(1, figures.length)) {
            others.add(Map.of("gauge", gauge(with), "typed", figure));
        }
        body.put("made", Map.of("way", way, "others", others));
        return body;
    }

    private Answer keep(Map<String, Object> body) {
        return server.put("/api/v1/readings/" + UUID.randomUUID(), body);
    }

    private OneFeature one(String name, String kind, String limits, String number) {
        return new OneFeature(server, OneFeature.onePlace(name, kind, limits)).with(number);
    }

    @Test
    void a_wall_is_half_of_what_two_gauges_read_and_judged_by_both() {
        OneFeature one = one("a wall", "outside", "6 +-0.1", "M6");
        var body = made(one, "half-difference", "C1", "30.012", "18.02 mm");
        UUID id = UUID.randomUUID();
        Answer kept = server.put("/api/v1/readings/" + id, body);
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        // Sent once more it is the same reading; with another figure it is not.
        assertThat(server.put("/api/v1/readings/" + id, body).status()).isEqualTo(200);
        assertThat(server.put("/api/v1/readings/" + id, made(one, "half-difference", "C1", "30.012", "18.04 mm"))
                        .status())
                .isEqualTo(409);

        JsonNode place = one.round(keep(body).shown()).path("places").get(0);
        JsonNode reading = place.at("/readings/0");
        assertThat(reading.at("/size/text").asString()).isEqualTo("5.996");
        assertThat(reading.path("gauge").asString()).isEqualTo("M6 and C1");
        assertThat(reading.at("/steps/0/label").asString()).isEqualTo("A, the larger, M6");
        assertThat(reading.at("/steps/1/label").asString()).isEqualTo("B, taken away, C1");
        assertThat(reading.at("/steps/1/figure").asString()).isEqualTo("18.02");
        assertThat(place.at("/verdict/mark").asString()).isEqualTo("in");
        JsonNode made = one.sheet().path("made");
        assertThat(made.path("last").asString()).isEqualTo("half-difference");
        assertThat(made.path("gauges").size()).isEqualTo(2);
    }

    @Test
    void it_is_known_less_well_than_by_the_better_of_its_gauges_alone() {
        OneFeature alone = one("alone", "outside", "18 +-0.1", "M6");
        OneFeature two = one("of two", "outside", "18 +-0.1", "M6");
        double by = expanded(alone.round(alone.read("18.001", "18.001")));
        keep(made(two, "difference", "M6", "20.001", "2.000"));
        double byTwo = expanded(
                two.round(keep(made(two, "difference", "M6", "20.001", "2.000")).shown()));
        assertThat(byTwo).isGreaterThan(by).isLessThan(2 * by);
    }

    private static double expanded(JsonNode round) {
        return round.at("/places/0/expanded/pm").asDouble();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "equal | 50.02 30.00 | 40.01",
                "holes | 30.00 10.02 10.00 | 40.01",
                "pins | 50.02 10.02 10.00 | 40.01",
                "zeros | 12.50 52.51 | 40.01",
            })
    void centres_are_measured_from_edges_or_from_two_positions(String way, String figures, String size) {
        OneFeature one = one("centres " + way, "centre-distance", "40 +-0.1 in", "C1");
        Answer kept = keep(made(one, way, "C1", figures.split(" ")));
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        assertThat(one.round(kept.shown()).at("/places/0/readings/0/size/text").asString())
                .isEqualTo(size);
    }

    @Test
    void what_cannot_be_made_is_refused_with_what_would_be_right() {
        OneFeature one = one("swapped", "outside", "6 +-0.1", "M6");
        Answer swapped = keep(made(one, "difference", "C1", "18.02", "24.02 mm"));
        assertThat(swapped.code()).isEqualTo("figures-swapped");
        assertThat(swapped.json().path("detail").asString())
                .isEqualTo("The first figure is the smaller one: the one that is taken away stands second.");
        assertThat(keep(made(one, "thirds", "C1", "18.02", "24.02 mm")).code()).isEqualTo("no-such-way");
        assertThat(keep(made(one, "holes", "C1", "18.02", "24.02 mm")).code()).isEqualTo("figures-missing");
        // A bore gauge that is set for another size reads no figure of it either.
        assertThat(keep(made(one, "difference", "B1", "24.02", "18.02")).code()).isEqualTo("set-for-another");
        assertThat(keep(made(one, "difference", "C1", "24.02", "abc")).status()).isEqualTo(422);
        assertThat(one.round().at("/places/0/readings").size()).isZero();
    }

    @Test
    void one_far_from_the_others_is_doubted_without_a_slip_being_named() {
        OneFeature one = one("far", "outside", "6 +-0.1", "M6");
        keep(made(one, "difference", "C1", "24.012", "18.02 mm"));
        JsonNode place = one.round(keep(made(one, "difference", "C1", "24.512", "18.02 mm"))
                        .shown())
                .path("places")
                .get(0);
        assertThat(place.path("doubts").toString()).contains("6.49");
        assertThat(place.at("/doubts/0/readings/0/named").isMissingNode()
                        || place.at("/doubts/0/readings/0/named").isNull())
                .isTrue();
    }
}
