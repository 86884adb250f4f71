package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A bore that was bored to the next size is that size from then on. */
@ExtendWith(RunningServer.class)
class ReworkedTest {
    private static final long TWO = 2_000_000_000L;
    private final Server server;
    private final Acts acts;

    ReworkedTest(Server server) {
        this.server = server;
        this.acts = new Acts(server);
    }

    private OneFeature bore(String name) {
        return new OneFeature(server, Acts.bore(name)).with("C2");
    }

    private static String mark(JsonNode round) {
        return round.path("verdict").path("mark").asString();
    }

    @Test
    void it_is_judged_by_that_size_wears_from_it_and_is_stepped_on_from_there() {
        OneFeature one = bore("bored out");
        JsonNode found = acts.read(one, 0, "51.20");
        assertThat(mark(one.round(found))).isEqualTo("beyond-service");
        assertThat(one.round(found).path("proposed").asLong()).isEqualTo(TWO);

        Answer cut = acts.cut(one, 1, TWO);
        assertThat(cut.status()).as(cut.text()).isEqualTo(200);
        JsonNode feature = one.sheet().path("feature");
        assertThat(feature.path("reworked").path("text").asString()).isEqualTo("+2.00 mm");
        assertThat(feature.path("limits").path("sentence").asString()).contains("52.0", "52.4");
        assertThat(feature.path("service").path("text").asString()).startsWith("52.8");

        JsonNode bored = acts.read(one, 1, "52.20");
        assertThat(mark(one.round(bored))).isEqualTo("as-new");
        assertThat(one.judgement().path("step").path("code").asString()).isEqualTo("use");
        // What it was before stays what it was.
        assertThat(mark(bored.path("rounds").get(0))).isEqualTo("beyond-service");
        assertThat(bored.path("rounds")
                        .get(0)
                        .path("places")
                        .get(0)
                        .path("verdict")
                        .path("sentence")
                        .asString())
                .contains("0.400 mm");
        JsonNode bench = server.get("/api/v1/bench").json().path("jobs");
        assertThat(bench.toString()).contains("\"reworked\":\"+2.00 mm\"");

        // Worn again: the next size is the one after.
        assertThat(acts.cut(one, 2, null).status()).isEqualTo(200);
        JsonNode worn = acts.read(one, 2, "53.20");
        assertThat(mark(one.round(worn))).isEqualTo("beyond-service");
        assertThat(one.round(worn).path("proposed").asLong()).isEqualTo(2 * TWO);
        assertThat(one.judgement().path("step").path("sentence").asString()).contains("+4.00 mm");
    }

    @Test
    void what_was_said_by_mistake_is_taken_back_and_one_that_came_in_reworked_is_told_so() {
        OneFeature one = bore("said wrongly");
        assertThat(acts.cut(one, 1, 3_000_000_000L).code()).isEqualTo("no-such-size-step");
        acts.read(one, 0, "52.20");
        assertThat(mark(one.round())).isEqualTo("beyond-service");
        assertThat(acts.say(one, 0, TWO).status()).isEqualTo(200);
        assertThat(mark(one.round())).isEqualTo("as-new");
        assertThat(one.round().path("to").path("text").asString()).isEqualTo("+2.00 mm");
        assertThat(acts.say(one, 0, null).status()).isEqualTo(200);
        assertThat(mark(one.round())).isEqualTo("beyond-service");
        assertThat(acts.say(one, 3, TWO).code()).isEqualTo("no-such-round");
    }

    @Test
    void sleeved_it_is_as_new_again() {
        OneFeature one = bore("sleeved");
        assertThat(acts.say(one, 0, TWO).status()).isEqualTo(200);
        acts.read(one, 0, "53.20");
        assertThat(acts.cut(one, 1, 0L).status()).isEqualTo(200);
        acts.read(one, 1, "50.20");
        assertThat(mark(one.round())).isEqualTo("as-new");
        assertThat(one.sheet().path("feature").path("reworked").isNull()
                        || one.sheet().path("feature").path("reworked").isMissingNode())
                .isTrue();
    }
}
