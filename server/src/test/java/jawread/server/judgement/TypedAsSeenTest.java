package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

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

/** Figures and looks as they are typed on the walk, each held against the scale in hand. */
@ExtendWith(RunningServer.class)
class TypedAsSeenTest {
    private final Server server;

    TypedAsSeenTest(Server server) {
        this.server = server;
    }

    private OneFeature journal(String name) {
        return new OneFeature(server, OneFeature.onePlace(name, "outside", "32 h9"));
    }

    /** 0.001 mm, 25 to 50. */
    @Test
    void what_is_typed_look_by_look_is_read_by_the_scale() {
        OneFeature one = journal("look by look");
        JsonNode place = one.round(one.read("6 1 41 6")).path("places").get(0);
        JsonNode reading = place.path("readings").get(0);
        assertThat(reading.at("/size/text").asString()).isEqualTo("31.916");
        assertThat(StreamSupport.stream(reading.path("steps").spliterator(), false)
                        .map(step -> step.path("label").asString()))
                .containsExactly("frame", "millimetres, 6", "half line", "thimble, 41", "vernier, 6");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6 1 41 | Typed look by look this scale has 4: millimetres passed, half line in sight, thimble, vernier. 3 were typed.",
                "6 2 41 6 | “2” is not on the scale for “half line in sight”: that is counted 0 to 1.",
            })
    void looks_that_the_scale_does_not_have_are_refused_by_their_names(String typed, String sentence) {
        OneFeature one = journal("refused " + typed);
        long place = one.round().path("at").asLong();
        Answer answer = server.put("/api/v1/readings/" + UUID.randomUUID(), one.body(place, typed));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.769 | the figures in sight read, as on an outside head",
                "0.644 | the rod left out",
                "1.631 | the thimble read the other way round",
                "1399.9 | the point in the wrong place",
            })
    void a_typed_figure_is_named_by_the_rod_that_reaches_it(String typed, String slip) {
        String number = "T" + UUID.randomUUID().toString().substring(0, 8);
        Map<String, Object> gauge = Drafting.gauge(number, "depth-micrometer", "depth-in-001", "0", "4");
        gauge.put("rods", "1; 2; 3");
        Answer added = server.send(
                Server.json(server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(gauge))));
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        String limits = typed.equals("1399.9") ? "1.399 / 1.4005 in" : "1.6435 / 1.6445 in";
        OneFeature one = new OneFeature(server, OneFeature.onePlace("depth " + typed, "depth", limits)).with(number);
        assertThat(one.round(one.read(typed))
                        .path("places")
                        .get(0)
                        .path("doubts")
                        .toString())
                .contains(slip);
    }

    @Test
    void a_place_says_what_its_school_waits_for() {
        OneFeature alike = journal("alike");
        assertThat(alike.choose("repeats", "three-alike").status()).isEqualTo(200);
        assertThat(next(alike, "31.970"))
                .isEqualTo("Three alike: this is the second. Lift the gauge off and read again.");
        assertThat(next(alike, "31.970"))
                .isEqualTo("Three alike: this is the third. Lift the gauge off and read again.");
        OneFeature third = journal("third");
        next(third, "31.970");
        assertThat(next(third, "31.977"))
                .isEqualTo("0.007 apart, 0.005 allowed: a third is wanted. Lift the gauge off and read again.");
    }

    private String next(OneFeature one, String figure) {
        return one.round(one.read(figure)).path("places").get(0).path("next").asString();
    }

    @Test
    void a_figure_is_echoed_as_the_scale_must_look() {
        long gauge = OneFeature.numbered(server, "M6");
        JsonNode echo =
                server.get("/api/v1/gauges/" + gauge + "/echo?text=31.916").json();
        assertThat(echo.path("parts").toString()).isEqualTo("{\"sleeve\":13,\"thimble\":41,\"vernier\":6}");
        assertThat(echo.path("look").asString())
                .isEqualTo(
                        "The half line must be in sight. A next line may just show: it does not count. With the frame of 25 mm.");
        assertThat(server.get("/api/v1/gauges/" + gauge + "/echo?text=6%201%2041%206")
                        .json()
                        .at("/size/text")
                        .asString())
                .isEqualTo("31.916");
        assertThat(server.get("/api/v1/gauges/" + gauge + "/echo?text=77").status())
                .isEqualTo(204);
        assertThat(server.get("/api/v1/gauges/" + gauge + "/echo?text=31.9.1").status())
                .isEqualTo(204);
    }

    @Test
    void the_last_digits_stand_for_a_figure_once_the_shop_wants_it_and_three_share_their_head() {
        decide("short-entry", "on");
        try {
            OneFeature one = journal("short");
            one.read("31.961", "31.962");
            assertThat(one.sheet().path("shortEntry").isNull()
                            || one.sheet().path("shortEntry").isMissingNode())
                    .isTrue();
            one.read("31.964");
            assertThat(one.sheet().at("/shortEntry/head").asString()).isEqualTo("31.9");
            assertThat(one.sheet().at("/shortEntry/digits").asInt()).isEqualTo(2);
            long place = one.round().path("places").get(0).path("id").asLong();
            Map<String, Object> body = one.body(place, "31.963");
            body.put("pressed", "63");
            JsonNode kept =
                    server.put("/api/v1/readings/" + UUID.randomUUID(), body).shown();
            assertThat(one.round(kept)
                            .path("places")
                            .get(0)
                            .path("readings")
                            .get(3)
                            .path("pressed")
                            .asString())
                    .isEqualTo("Typed by its last digits: 63 after 31.9.");
            body.put("pressed", "64");
            Answer other = server.put("/api/v1/readings/" + UUID.randomUUID(), body);
            assertThat(other.status()).isEqualTo(422);
            assertThat(other.json().path("detail").asString())
                    .isEqualTo("When 64 was pressed it stood for 31.963; after what was read since it does not. "
                            + "Nothing was kept: type the figure in full.");
        } finally {
            decide("short-entry", "off");
        }
    }

    /** The screen has not heard yet that three share their head: what the digits stand for is decided where all is known. */
    @Test
    void digits_that_were_sent_alone_are_made_whole_once_and_never_guessed() {
        decide("short-entry", "on");
        try {
            OneFeature one = journal("sent alone");
            long place = one.round().path("places").get(0).path("id").asLong();
            one.read("31.961", "31.962", "31.964");
            String kept = "/api/v1/readings/" + UUID.randomUUID();
            Map<String, Object> body = one.body(place, "63");
            assertThat(server.put(kept, body).status()).isEqualTo(201);
            assertThat(server.put(kept, body).status()).isEqualTo(200);
            JsonNode reading = one.round().at("/places/0/readings/3");
            assertThat(reading.at("/size/text").asString()).isEqualTo("31.963");
            assertThat(reading.path("pressed").asString()).isEqualTo("Typed by its last digits: 63 after 31.9.");
            one.read("31.999");
            Answer between = server.put("/api/v1/readings/" + UUID.randomUUID(), one.body(place, "02"));
            assertThat(between.status()).isEqualTo(422);
            assertThat(between.json().path("detail").asString())
                    .isEqualTo("The last reading lies near a change: 02 is 31.902, or 32.002. "
                            + "Nothing was kept: type it in full.");
        } finally {
            decide("short-entry", "off");
        }
    }

    private void decide(String setting, String choice) {
        JsonNode now = StreamSupport.stream(
                        server.get("/api/v1/settings").json().spliterator(), false)
                .filter(each -> each.path("name").asString().equals(setting))
                .findFirst()
                .orElseThrow();
        Answer answer = server.send(Server.json(
                server.ansasRequest("/api/v1/settings/" + setting)
                        .header("If-Match", "\"" + now.path("edition").asLong() + "\""),
                "PUT",
                Map.of("choice", choice)));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }
}
