package jawread.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A program comes in with a token, for what its role lets it, until it ends. */
@ExtendWith(RunningServer.class)
class ScriptTokensTest {
    private static final long BERO = 2;
    private final Server server;

    ScriptTokensTest(Server server) {
        this.server = server;
    }

    private JsonNode made(String name, String role) {
        Answer made = server.post("/api/v1/tokens", Map.of("name", name, "role", role, "person", BERO, "days", 30));
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        return made.json();
    }

    private Answer with(String secret, String method, String path, Object body) {
        return server.send(Server.json(server.request(path).header("Authorization", "Bearer " + secret), method, body));
    }

    private Answer look(String secret, String path) {
        return server.send(server.request(path).header("Authorization", "Bearer " + secret));
    }

    private Answer keep(String secret) {
        var body = new LinkedHashMap<>(new Walk(server, "shaft 2", "shoulder length").typed(0, "118.03"));
        body.remove("person");
        return with(secret, "PUT", "/api/v1/readings/" + UUID.randomUUID(), body);
    }

    @Test
    void one_that_measures_keeps_a_reading_in_the_name_of_its_person() {
        String secret = made("press", "measures").path("secret").asString();
        assertThat(keep(secret).status()).isEqualTo(201);
        JsonNode sheet = new Walk(server, "shaft 2", "shoulder length").sheet();
        assertThat(sheet.toString()).contains("\"person\":\"Bero\"");
    }

    @Test
    void one_that_reads_looks_and_computes_and_keeps_nothing() {
        String secret = made("display", "reads").path("secret").asString();
        assertThat(look(secret, "/api/v1/bench").status()).isEqualTo(200);
        assertThat(with(secret, "POST", "/api/v1/calc/typed", Map.of("text", "1", "default_unit", "mm", "kind", "size"))
                        .status())
                .isEqualTo(200);
        for (Answer refused : java.util.List.of(
                keep(secret),
                with(secret, "POST", "/api/v1/people", Map.of("name", "X", "does", "")),
                with(secret, "POST", "/api/v1/jobs", Map.of("name", "X", "unit", "mm", "limitsSource", "")))) {
            assertThat(refused.status()).isEqualTo(403);
            assertThat(refused.code()).isEqualTo("token-reads-only");
        }
    }

    @Test
    void an_ended_one_and_one_of_nobody_are_refused_with_what_to_do_even_for_a_look() {
        JsonNode made = made("old \"one\"", "measures");
        String secret = made.path("secret").asString();
        Answer ended =
                server.put("/api/v1/tokens/" + made.path("token").path("id").asLong() + "/end", Map.of());
        assertThat(ended.status()).isEqualTo(200);
        assertThat(ended.text()).doesNotContain("old");
        Answer refused = look(secret, "/api/v1/bench");
        assertThat(refused.status()).isEqualTo(401);
        assertThat(refused.code()).isEqualTo("token-ended");
        assertThat(refused.sentence()).contains("old \"one\"").contains("Settings");
        assertThat(look("no-such-secret", "/api/v1/bench").code()).isEqualTo("token-unknown");
        assertThat(keep("").code()).isEqualTo("token-unknown");
    }

    @Test
    void one_ends_by_itself() {
        JsonNode made = made("short", "reads");
        server.bean(JdbcTemplate.class)
                .update(
                        "UPDATE script_token SET ends_at = ? WHERE id = ?",
                        server.bean(Clock.class).instant().minusSeconds(1).atOffset(java.time.ZoneOffset.UTC),
                        made.path("token").path("id").asLong());
        assertThat(look(made.path("secret").asString(), "/api/v1/bench").code()).isEqualTo("token-ended");
        assertThat(server.get("/api/v1/tokens").text()).doesNotContain("\"short\"");
    }

    @Test
    void its_secret_is_kept_nowhere_and_the_trail_tells_that_it_was_made() {
        String secret = made("nightly copy", "reads").path("secret").asString();
        assertThat(server.get("/api/v1/tokens").text()).contains("nightly copy").doesNotContain(secret);
        assertThat(server.bean(JdbcTemplate.class)
                        .queryForList("SELECT * FROM script_token")
                        .toString())
                .doesNotContain(secret);
        assertThat(server.get("/api/v1/trail?of=people").text()).contains("nightly copy: added");
    }

    @ParameterizedTest
    @CsvSource({
        "'', reads, 1, 30, name, bad-name",
        "x, signs, 1, 30, role, no-such-role",
        "x, reads, 1, 0, days, token-days",
        "x, reads, 1, 367, days, token-days",
        "x, reads, 999999, 30, '', no-such-person"
    })
    void what_no_token_can_be_is_refused(String name, String role, long person, int days, String field, String code) {
        Answer refused =
                server.post("/api/v1/tokens", Map.of("name", name, "role", role, "person", person, "days", days));
        assertThat(refused.status()).isBetween(404, 422);
        assertThat(refused.code()).isEqualTo(code);
        assertThat(refused.json().path("field").asString("")).isEqualTo(field);
    }
}
