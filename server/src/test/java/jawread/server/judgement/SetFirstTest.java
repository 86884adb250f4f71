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
import tools.jackson.databind.JsonNode;

/** A gauge whose figures rest on what it was set to shows nothing before, and nothing of another size. */
@ExtendWith(RunningServer.class)
class SetFirstTest {
    private final Server server;

    SetFirstTest(Server server) {
        this.server = server;
    }

    private String added(String kind, String scale) {
        return new Drafting(server).addGauge(kind, scale, "18", "25");
    }

    private Answer read(OneFeature one, String figure) {
        long place = one.round().path("at").asLong();
        Map<String, Object> body = one.body(place, figure);
        body.put("takenAt", server.get("/api/v1/shop").json().path("now").asString());
        return server.put("/api/v1/readings/" + UUID.randomUUID(), body);
    }

    private JsonNode inHand(String number) {
        return StreamSupport.stream(server.get("/api/v1/gauges").json().spliterator(), false)
                .filter(each -> each.path("shopNumber").asString().equals(number))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_display_is_preset_in_its_master_before_it_says_anything() {
        String number = added("digital-bore-gauge", "digital-mm-0001");
        OneFeature one = new OneFeature(server, OneFeature.onePlace("preset", "bore", "20 H7")).with(number);
        assertThat(inHand(number).at("/reads/text").asString()).isEqualTo("1");
        assertThat(inHand(number).path("display").asBoolean()).isTrue();

        Answer never = read(one, "20.010");
        assertThat(never.code()).isEqualTo("not-set");
        assertThat(never.json().path("detail").asString())
                .isEqualTo(number + " was never set here, and shows nothing until it is: set it on a master first.");

        assertThat(preset(one, "20.005", "20.005").json().path("detail").asString())
                .isEqualTo("It shows 20.005 mm in a master of 20 mm: preset it to that size, at the turning point.");
        assertThat(preset(one, "20.001", "20.001").code()).isEqualTo("preset-differs");
        assertThat(preset(one, "20.000", "20.002").code()).isEqualTo("not-the-same");
        Answer set = preset(one, "20.000", "20.001");
        assertThat(set.status()).as(set.text()).isEqualTo(200);
        assertThat(set.json().at("/before/0/sentence").asString()).startsWith("preset to 20 mm on ");

        Answer kept = read(one, "20.010");
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        JsonNode reading = one.round(kept.shown()).at("/places/0/readings/0");
        assertThat(reading.at("/size/text").asString()).isEqualTo("20.010");
        assertThat(reading.path("setting").asString()).startsWith("Its gauge stood at 20 mm on ");
        assertThat(read(one, "22.010").code()).isEqualTo("set-for-another");
    }

    private Answer preset(OneFeature one, String shown, String again) {
        JsonNode up =
                server.get("/api/v1/comparators/" + one.gauge + "?wanted=20").json();
        assertThat(up.path("display").asBoolean()).isTrue();
        var body = new LinkedHashMap<String, Object>();
        body.put("wanted", "20");
        body.put("master", up.at("/masters/0/key").asString());
        body.put("graduation", "0.001");
        for (String empty : List.of("temperature", "pressed", "rocked", "returned")) {
            body.put(empty, "");
        }
        body.put("shown", shown);
        body.put("again", again);
        return server.put("/api/v1/comparators/" + one.gauge + "/settings/" + UUID.randomUUID(), body);
    }

    @Test
    void a_needle_reads_two_turns_to_either_side_of_what_it_is_set_to() {
        String number = added("dial-bore-gauge", "bore-dial-mm-0001");
        OneFeature one =
                new OneFeature(server, OneFeature.onePlace("two turns", "bore", "20 H7")).withSet(number, "20");
        assertThat(inHand(number).at("/reads/text").asString()).isEqualTo("0.2");
        assertThat(read(one, "20.200").status()).isEqualTo(201);
        Answer beyond = read(one, "20.201");
        assertThat(beyond.code()).isEqualTo("set-for-another");
        assertThat(beyond.json().path("detail").asString())
                .isEqualTo(
                        number + " is set at 20 mm and reads 0.2 mm to either side of it: 20.201 mm was not read on it "
                                + "so. Set it for this size, or look at the figure again.");
    }
}
