package jawread.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest.BodyPublishers;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pages of before the versions, and programs that compute, go on beside those that name one. */
@ExtendWith(RunningServer.class)
class ApiVersionsTest {
    private final Server server;

    ApiVersionsTest(Server server) {
        this.server = server;
    }

    @Test
    void a_figure_is_computed_alike_at_both_addresses() {
        Map<String, String> asked = Map.of("text", "1 1/2 in", "default_unit", "mm", "kind", "size");
        Answer before = server.post("/api/calc/typed", asked);
        Answer now = server.post("/api/v1/calc/typed", asked);
        assertThat(before.status()).isEqualTo(200);
        assertThat(before.json().path("value_pm").asString()).isEqualTo("38100000000");
        assertThat(now.text()).isEqualTo(before.text());
    }

    @Test
    void a_reading_that_waited_in_an_outbox_of_before_is_kept_once() {
        var walk = new Walk(server, "shaft 2", "groove");
        UUID id = UUID.randomUUID();
        Map<String, Object> body = walk.typed(0, "2.25");
        Answer before = server.put("/api/readings/" + id, body);
        Answer again = server.put("/api/v1/readings/" + id, body);
        Answer once = server.put("/api/readings/" + id, body);
        assertThat(before.status()).as(before.text()).isEqualTo(201);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json().path("seq")).isEqualTo(before.json().path("seq"));
        assertThat(once.text()).isEqualTo(again.text());
    }

    @Test
    void rules_and_refusals_are_the_same_at_both() {
        String path = "/readings/" + UUID.randomUUID();
        Answer before = server.send(server.request("/api" + path)
                .header("Content-Type", "application/json")
                .PUT(BodyPublishers.ofString("{}")));
        Answer now = server.send(server.request("/api/v1" + path)
                .header("Content-Type", "application/json")
                .PUT(BodyPublishers.ofString("{}")));
        assertThat(before.status()).isEqualTo(401);
        assertThat(before.code()).isEqualTo("nobody-picked");
        assertThat(now.text()).isEqualTo(before.text());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/v2/bench", "/api/v1/benches", "/api/v1", "/api"})
    void what_is_at_no_address_is_refused_in_a_sentence(String path) {
        Answer answer = server.get(path);
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.sentence()).isNotEmpty();
    }
}
