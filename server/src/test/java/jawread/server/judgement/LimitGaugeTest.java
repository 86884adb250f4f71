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

/** Plugs, rings and thread gauges: what goes and what does not. */
@ExtendWith(RunningServer.class)
class LimitGaugeTest {
    private final Server server;

    LimitGaugeTest(Server server) {
        this.server = server;
    }

    private String add(String kind, String low, String high, String u) {
        String number = "L" + UUID.randomUUID().toString().substring(0, 8);
        Map<String, Object> gauge = Drafting.gauge(number, kind, "", low, high);
        gauge.put("error", u);
        Answer answer = send(gauge);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return number;
    }

    private long id(String number) {
        return StreamSupport.stream(
                        server.get("/api/v1/drawer").json().path("gauges").spliterator(), false)
                .filter(gauge -> gauge.path("shopNumber").asString().equals(number))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asLong();
    }

    private Answer send(Map<String, Object> gauge) {
        return server.send(
                Server.json(server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(gauge))));
    }

    private OneFeature feature(String name, String kind, String limits, String layout) {
        Map<String, Object> typed = Drafting.typed(name, kind, limits);
        typed.put("layout", layout);
        typed.put("envelope", true);
        return new OneFeature(server, typed);
    }

    private JsonNode verdict(OneFeature one, String tried) {
        return one.round(one.read(tried)).path("places").get(0);
    }

    @Test
    void a_plug_that_goes_and_does_not_proves_the_bore_and_its_envelope() {
        String plug = add("plug-gauge", "25.000", "25.021", "0.001");
        var one = feature("plugged", "bore", "25 H7", "one-place").with(plug);
        Map<String, Object> figure = one.body(one.round().path("at").asLong(), "25.010");
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), figure).code())
                .isEqualTo("not-a-try");
        JsonNode place = verdict(one, "goes");
        assertThat(place.path("verdict").path("mark").asString()).isEqualTo("in");
        assertThat(place.path("state").asString()).as("tried once").isEqualTo("done");
        assertThat(place.path("readings").get(0).path("pins").asString())
                .isEqualTo("The go end goes, the no-go end does not: between 25 mm and 25.021 mm.");
        assertThat(one.round().path("envelope").asString()).startsWith("The envelope holds");
    }

    @Test
    void one_that_stops_says_that_metal_is_left_and_not_how_much() {
        String plug = add("plug-gauge", "25.000", "25.021", "0.001");
        var tight = feature("too tight", "bore", "25 H7", "one-place").with(plug);
        JsonNode place = verdict(tight, "go-stops");
        assertThat(place.path("verdict").path("mark").asString()).isEqualTo("metal-left");
        assertThat(place.path("verdict").path("cut").isMissingNode()).isTrue();
        assertThat(place.path("verdict").path("sentence").asString()).contains("does not say");
        assertThat(place.path("value").isMissingNode()).as("no size is made up").isTrue();
        assertThat(place.path("readings").get(0).path("size").path("text").asString())
                .isEqualTo("< 25.000");
        assertThat(place.path("next").asString()).isEqualTo("Measure how much is left; then the cut.");
        var wide = feature("too wide", "bore", "25 H7", "one-place").with(plug);
        JsonNode gone = verdict(wide, "no-go-goes");
        assertThat(gone.path("verdict").path("mark").asString()).isEqualTo("gone");
        assertThat(gone.path("verdict").path("sentence").asString()).contains("does not say");
        assertThat(wide.judgement().path("step").path("code").asString()).isEqualTo("replace");
    }

    @Test
    void a_snap_judges_the_size_and_a_ring_the_whole_shaft() {
        var snapped = feature("snapped", "outside", "25 h7", "one-place")
                .with(add("snap-gauge", "24.979", "25.000", "0.001"));
        assertThat(verdict(snapped, "goes").path("verdict").path("mark").asString())
                .isEqualTo("in");
        assertThat(snapped.round().path("envelope").asString()).contains("not proven");
        var ringed =
                feature("ringed", "outside", "25 h7", "one-place").with(add("ring-gauge", "24.979", "25.000", "0.001"));
        assertThat(verdict(ringed, "goes").path("verdict").path("mark").asString())
                .isEqualTo("in");
        assertThat(ringed.round().path("envelope").asString()).startsWith("The envelope holds");
    }

    @Test
    void what_goes_over_a_shaft_is_not_put_into_a_bore() {
        var bore = feature("a ring tried", "bore", "25 H7", "one-place")
                .with(add("ring-gauge", "24.979", "25.000", "0.001"));
        Answer answer = server.put(
                "/api/v1/readings/" + UUID.randomUUID(),
                bore.body(bore.round().path("at").asLong(), "goes"));
        assertThat(answer.code()).isEqualTo("limit-gauge-not-for-feature");
        assertThat(answer.text()).contains("a plug goes into a bore");
    }

    @Test
    void it_is_proposed_for_its_own_limits_alone() {
        String plug = add("plug-gauge", "25.000", "25.021", "0.001");
        var own = feature("its own limits", "bore", "25 H7", "one-place");
        assertThat(fitness(own, plug)).isEqualTo("good");
        var other = feature("narrower limits", "bore", "25 H6", "one-place");
        assertThat(fitness(other, plug)).isEqualTo("wrong-range");
    }

    private String fitness(OneFeature one, String number) {
        long plan = one.judgement().path("plan").asLong();
        JsonNode methods = server.get("/api/v1/plans/" + plan + "/methods")
                .json()
                .path("features")
                .get(0)
                .path("methods");
        return StreamSupport.stream(methods.spliterator(), false)
                .filter(method -> method.path("number").asString().equals(number))
                .findFirst()
                .orElseThrow()
                .path("fitness")
                .asString();
    }

    @Test
    void its_ends_are_known_to_something_and_a_thread_gauge_bears_marks() {
        Map<String, Object> noU = Drafting.gauge("LX", "plug-gauge", "", "25", "25.021");
        assertThat(send(noU).code()).isEqualTo("limit-gauge-u-needed");
        String thread = add("thread-plug", "", "", "");
        var one = feature("no thread", "bore", "25 H7", "one-place");
        var body = one.body(one.round().path("at").asLong(), "goes");
        body.put("gauge", id(thread));
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).code())
                .isEqualTo("thread-gauge-has-no-size");
    }

    @Test
    void a_thread_is_a_yes_or_a_no_with_the_gauge_it_was_tried_with() {
        long plug = id(add("thread-plug", "", "", ""));
        long bore = id(add("plug-gauge", "25.000", "25.021", "0.001"));
        var drafting = new Drafting(server);
        JsonNode job = drafting.open("threads", "mm", "");
        JsonNode plan = drafting.plan(job);
        drafting.add(plan, Drafting.typed("M8 in the flange", "looked-at", ""));
        JsonNode part = drafting.part(job);
        long id = part.path("id").asLong();
        JsonNode look = server.get("/api/v1/parts/" + id + "/look").json();
        assertThat(StreamSupport.stream(look.path("threadGauges").spliterator(), false)
                        .map(each -> each.path("id").asLong()))
                .contains(plug)
                .doesNotContain(bore);
        var body = new LinkedHashMap<String, Object>();
        body.put("part", id);
        body.put("feature", look.path("items").get(0).path("id").asLong());
        body.put("found", "not-ok");
        body.put("gauge", bore);
        body.put("note", "the no-go end goes three turns");
        assertThat(server.put("/api/v1/looks/" + UUID.randomUUID(), body).code())
                .isEqualTo("no-thread-gauge");
        body.put("gauge", plug);
        JsonNode kept = server.put("/api/v1/looks/" + UUID.randomUUID(), body).shown();
        assertThat(kept.path("items").get(0).path("gauge").asLong()).isEqualTo(plug);
        assertThat(kept.path("items").get(0).path("found").asString()).isEqualTo("not-ok");
    }
}
