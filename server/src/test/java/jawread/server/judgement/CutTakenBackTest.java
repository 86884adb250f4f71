package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A cut that was said by mistake is taken back by a row of its own. */
@ExtendWith(RunningServer.class)
class CutTakenBackTest {
    private final Server server;
    private final Acts acts;

    CutTakenBackTest(Server server) {
        this.server = server;
        this.acts = new Acts(server);
    }

    private static int read(JsonNode round) {
        int count = 0;
        for (JsonNode place : round.path("places")) {
            count += place.path("readings").size();
        }
        return count;
    }

    @Test
    void what_was_read_after_it_goes_to_the_round_before_or_aside_and_it_can_be_taken_after_all() {
        OneFeature one = new OneFeature(server, Acts.bore("not cut")).with("C2");
        acts.read(one, 0, "50.20");
        assertThat(acts.cut(one, 1, 2_000_000_000L).status()).isEqualTo(200);
        JsonNode after = acts.read(one, 1, "50.20");
        assertThat(one.round(after).path("verdict").path("mark").asString()).isEqualTo("wrong-way");
        UUID cut = Acts.cutOf(after);

        JsonNode back = acts.mark(cut, "NOT_TAKEN").shown();
        assertThat(back.path("rounds").size()).isEqualTo(1);
        assertThat(read(one.round(back))).isEqualTo(8);
        // With the cut goes what was said with it.
        assertThat(one.round(back).path("verdict").path("mark").asString()).isEqualTo("as-new");
        assertThat(back.path("takenBack").get(0).path("sentence").asString())
                .contains("Ansa", "counts in the round before");
        assertThat(acts.mark(cut, "NOT_TAKEN").code()).isEqualTo("cut-said-already");

        JsonNode aside = acts.mark(cut, "ASIDE").shown();
        assertThat(read(one.round(aside))).isEqualTo(4);
        assertThat(aside.path("underPlan").toString()).contains("4 readings");

        JsonNode taken = acts.mark(cut, "TAKEN").shown();
        assertThat(taken.path("rounds").size()).isEqualTo(2);
        assertThat(read(one.round(taken))).isEqualTo(4);
        assertThat(taken.path("takenBack").size()).isZero();
    }

    @Test
    void a_page_that_knew_the_cut_still_has_its_reading_kept_and_the_next_cut_is_the_first() {
        OneFeature one = new OneFeature(server, Acts.bore("late")).with("C2");
        acts.read(one, 0, "50.20");
        acts.cut(one, 1, null);
        acts.mark(Acts.cutOf(one.sheet()), "NOT_TAKEN");
        long place = one.round().path("places").get(0).path("id").asLong();
        Map<String, Object> late = one.body(place, "50.20");
        late.put("round", 1);
        late.put("takenAt", "2026-03-10T11:00:00Z");
        UUID id = UUID.randomUUID();
        Answer kept = server.put("/api/v1/readings/" + id, late);
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        assertThat(server.put("/api/v1/readings/" + id, late).status()).isEqualTo(200);
        assertThat(read(one.round(kept.shown()))).isEqualTo(5);
        assertThat(acts.cut(one, 1, null).status()).isEqualTo(200);
        assertThat(one.sheet().path("rounds").size()).isEqualTo(2);
    }
}
