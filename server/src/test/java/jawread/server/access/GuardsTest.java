package jawread.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

@ExtendWith(RunningServer.class)
class GuardsTest {
    private final Server server;

    GuardsTest(Server server) {
        this.server = server;
    }

    private Answer session(HttpRequest.Builder request) {
        return server.send(Server.json(request, "POST", Map.of("person", 1)));
    }

    @Test
    void every_endpoint_of_ours_has_its_rule() {
        List<String> without = server.bean(RequestMappingHandlerMapping.class).getHandlerMethods().values().stream()
                .filter(method -> method.getBeanType().getPackageName().startsWith("jawread."))
                .filter(method -> !method.hasMethodAnnotation(Allowed.class))
                .map(HandlerMethod::toString)
                .toList();
        assertThat(without).isEmpty();
    }

    @Test
    void a_host_name_that_is_not_on_the_list_is_not_answered() {
        Answer answer = server.send(server.request("/api/v1/bench").header("Host", "workshop.example"));
        assertThat(answer.status()).isEqualTo(421);
        assertThat(answer.code()).isEqualTo("host-not-allowed");
    }

    @Test
    void a_write_from_a_foreign_page_is_refused_and_one_from_our_own_is_not() {
        assertThat(session(server.request("/api/v1/sessions").header("Origin", "http://foreign.example"))
                        .code())
                .isEqualTo("foreign-origin");
        assertThat(session(server.request("/api/v1/sessions").header("Sec-Fetch-Site", "cross-site"))
                        .code())
                .isEqualTo("foreign-origin");
        assertThat(session(server.request("/api/v1/sessions").header("Origin", "null"))
                        .code())
                .isEqualTo("foreign-origin");
        assertThat(session(server.request("/api/v1/sessions").header("Origin", "http://localhost:" + server.port()))
                        .status())
                .isEqualTo(201);
    }

    @Test
    void a_write_that_is_no_json_is_refused() {
        Answer answer = server.send(server.request("/api/v1/sessions")
                .header("Content-Type", "text/plain")
                .POST(HttpRequest.BodyPublishers.ofString("{\"person\":1}")));
        assertThat(answer.status()).isEqualTo(415);
        assertThat(answer.code()).isEqualTo("json-only");
    }

    @Test
    void pages_may_load_nothing_from_elsewhere_and_stand_in_nobodys_frame() {
        String policy = server.get("/").header("Content-Security-Policy");
        assertThat(policy)
                .contains("default-src 'self'")
                .contains("frame-ancestors 'none'")
                .doesNotContain("unsafe");
        assertThat(server.get("/api/v1/bench").header("X-Content-Type-Options")).isEqualTo("nosniff");
    }

    @Test
    void an_address_of_no_page_gets_the_page_and_an_unknown_one_of_the_interface_a_problem() {
        Answer page = server.get("/no/such/page");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.text()).contains("<title>Jaw Read</title>");
        Answer problem = server.get("/api/v1/nothing-here");
        assertThat(problem.status()).isEqualTo(404);
        assertThat(problem.header("Content-Type")).startsWith("application/problem+json");
        assertThat(problem.code()).isEqualTo("not-found");
        assertThat(server.get("/missing.js").status()).isEqualTo(404);
    }

    @Test
    void a_body_that_cannot_be_understood_is_a_problem_and_no_stack_trace() {
        Answer answer = server.send(server.request("/api/v1/sessions")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"person\":")));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.code()).isEqualTo("bad-request");
        assertThat(answer.text()).doesNotContain("jawread.server");
        Answer empty = server.send(server.request("/api/v1/sessions")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.noBody()));
        assertThat(empty.code()).isEqualTo("bad-request");
        assertThat(empty.text()).contains("what was sent is empty");
    }

    @Test
    void a_field_that_is_not_known_is_refused_rather_than_ignored() {
        assertThat(server.post("/api/v1/sessions", Map.of("person", 1, "persona", 2))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void who_is_not_here_cannot_step_up_and_a_name_is_taken_once() {
        assertThat(server.post("/api/v1/sessions", Map.of("person", 4711)).code())
                .isEqualTo("no-such-person");
        assertThat(server.post("/api/v1/people", Map.of("name", "ansa", "does", ""))
                        .code())
                .isEqualTo("name-taken");
        assertThat(server.post("/api/v1/people", Map.of("name", "  ", "does", ""))
                        .code())
                .isEqualTo("bad-name");
    }
}
