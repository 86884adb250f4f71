package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Bores of one block are reworked to one size: the largest step that any of them needs. */
@ExtendWith(RunningServer.class)
class GoTogetherTest {
    private final Server server;
    private final Acts acts;

    GoTogetherTest(Server server) {
        this.server = server;
        this.acts = new Acts(server);
    }

    private List<OneFeature> block(String name, int bores) {
        var all = new ArrayList<OneFeature>();
        OneFeature first = new OneFeature(server, together(name + " 1")).with("C2");
        all.add(first);
        for (int i = 2; i <= bores; i++) {
            JsonNode plan = server.get("/api/v1/jobs/" + first.job() + "/plan")
                    .json()
                    .path("plans")
                    .get(0);
            new Drafting(server).add(plan, together(name + " " + i));
            JsonNode added = Walk.named(first.sheet().path("features"), name + " " + i);
            all.add(new OneFeature(server, first.part, added.path("id").asLong()).with("C2"));
        }
        return all;
    }

    private static Map<String, Object> together(String name) {
        Map<String, Object> typed = Acts.bore(name);
        typed.put("together", "the block");
        return typed;
    }

    private JsonNode judged(OneFeature one) {
        for (JsonNode each : one.judgement().path("features")) {
            if (each.path("id").asLong() == one.feature) {
                return each;
            }
        }
        throw new AssertionError("Not judged");
    }

    @Test
    void the_largest_step_is_proposed_for_all_with_what_each_then_loses() {
        List<OneFeature> bores = block("bore", 3);
        acts.read(bores.get(0), 0, "50.20");
        assertThat(judged(bores.get(0)).path("together").asString("")).isEmpty();
        acts.read(bores.get(1), 0, "51.20");
        acts.read(bores.get(2), 0, "52.70");
        for (OneFeature bore : bores) {
            assertThat(bore.round().path("proposed").asLong()).isEqualTo(4_000_000_000L);
            assertThat(judged(bore).path("together").asString())
                    .startsWith("They go together: +4.00 mm for all, for bore 3.")
                    // To the middle, 54.20: half of what is left.
                    .contains("bore 1 then loses 2.00")
                    .contains("bore 2 then loses 1.50")
                    .contains("bore 3 then loses 0.75");
        }
        assertThat(bores.get(0).judgement().path("step").path("sentence").asString())
                .contains("+4.00 mm")
                .doesNotContain("+2.00 mm");
        // One that is that size already asks the others to follow, and loses nothing more.
        acts.cut(bores.get(2), 1, 4_000_000_000L);
        acts.read(bores.get(2), 1, "54.20");
        assertThat(judged(bores.get(1)).path("together").asString())
                .contains("+4.00 mm for all, for bore 3", "bore 3 is that size already", "bore 2 then loses 1.50");
    }

    @Test
    void one_past_all_steps_leaves_nothing_to_propose() {
        List<OneFeature> bores = block("lost bore", 2);
        acts.read(bores.get(0), 0, "51.20");
        acts.read(bores.get(1), 0, "54.30");
        assertThat(judged(bores.get(0)).path("together").asString("")).isEmpty();
    }
}
