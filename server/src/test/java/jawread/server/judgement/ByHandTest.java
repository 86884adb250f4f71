package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The worst place that a hand found counts for size and wear, and not for the form. */
@ExtendWith(RunningServer.class)
class ByHandTest {
    private final Server server;
    private final Acts acts;

    ByHandTest(Server server) {
        this.server = server;
        this.acts = new Acts(server);
    }

    private Answer take(OneFeature one, String name, String depth, String degrees) {
        var body = new LinkedHashMap<String, Object>();
        body.put("name", name);
        body.put("depth", depth);
        body.put("degrees", degrees);
        body.put("person", 1);
        return server.put("/api/v1/parts/" + one.part + "/features/" + one.feature + "/by-hand", body);
    }

    @Test
    void it_decides_the_size_and_the_next_size_and_leaves_the_form_alone() {
        OneFeature one = new OneFeature(server, Acts.bore("by hand")).with("C2");
        acts.read(one, 0, "50.20");
        String form = one.round().path("form").toString();
        assertThat(take(one, "gouge", "12", "").status()).isEqualTo(200);
        assertThat(take(one, "gouge", "12", "").json().path("kept").asString()).isEqualTo("before");
        assertThat(one.round().path("places").size()).isEqualTo(3);
        long gouge = one.place("gouge").path("id").asLong();
        for (int again = 0; again < 2; again++) {
            Map<String, Object> body = one.body(gouge, "51.20");
            assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).status())
                    .isEqualTo(201);
        }
        JsonNode round = one.round();
        assertThat(one.place("gouge").path("doubts").size()).isZero();
        assertThat(round.path("verdict").path("mark").asString()).isEqualTo("beyond-service");
        assertThat(round.path("form").toString()).isEqualTo(form);
        // It has to clean up there, too.
        assertThat(round.path("proposed").asLong()).isEqualTo(2_000_000_000L);
        String story = one.judgement()
                .path("features")
                .get(0)
                .path("form")
                .path("story")
                .asString();
        assertThat(story).contains("gouge").contains("+2.00 mm");
    }

    @Test
    void what_it_cannot_be_is_refused_at_its_field() {
        Map<String, Object> typed = Acts.bore("by hand, refused");
        typed.put("lies", "0-30");
        OneFeature one = new OneFeature(server, typed).with("C2");
        assertThat(take(one, " ", "", "").code()).isEqualTo("by-hand-name");
        assertThat(take(one, "top", "", "").code()).isEqualTo("by-hand-name");
        assertThat(take(one, "a", "31", "").code()).isEqualTo("by-hand-depth");
        assertThat(take(one, "a", "deep", "").status()).isEqualTo(422);
        assertThat(take(one, "a", "3", "360").code()).isEqualTo("by-hand-angle");
        assertThat(take(one, "a", "", "45.5").status()).isEqualTo(200);
        assertThat(one.place("a").path("axis").asString()).isEqualTo("45.5\u00b0");
    }
}
