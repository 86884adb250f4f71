package jawread.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What no body may be, said in a sentence at its field; and bodies that are too large, or never come. */
@ExtendWith(RunningServer.class)
@Timeout(120)
class DoorTest {
    private final Server server;

    DoorTest(Server server) {
        this.server = server;
    }

    private Answer raw(String method, String path, String body) {
        return server.send(server.ansasRequest(path)
                .header("Content-Type", "application/json")
                .method(method, BodyPublishers.ofString(body)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"does\": \"turner\"}                              | missing      | name | name is missing.",
                "{\"name\": null, \"does\": \"\"}                    | missing      | name | name is missing.",
                "{\"name\": \"a\\u0000b\", \"does\": \"\"}           | broken-text  | name | name holds a character that cannot be shown: type it anew.",
                "{\"name\": \"a\\ud83d\", \"does\": \"\"}            | broken-text  | name | name holds a character that cannot be shown: type it anew.",
                "{\"name\": \"\\u200b\\u2060\", \"does\": \"\"}      | unseen-text  | name | name looks empty, and is not: type it anew.",
                "{\"name\": \"   \", \"does\": \"\"}                 | bad-name     | name | A name has 1 to 60 characters.",
                "null                                                | missing      | ``   | The body is missing.",
            })
    void what_cannot_be_is_refused_at_its_field_in_a_sentence(String body, String code, String field, String sentence) {
        Answer answer = raw("POST", "/api/v1/people", body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.json().path("field").asString("")).isEqualTo(field);
        assertThat(answer.sentence()).isEqualTo(sentence);
    }

    @Test
    void what_is_only_unusual_is_taken() {
        for (String name :
                List.of("{x} ${a}", "O'Hara \"#\"", "\uD83D\uDD29 " + UUID.randomUUID(), "\u05D0\u05D1\u05D2")) {
            Answer answer = server.post(
                    "/api/v1/people",
                    Map.of("name", name + " " + UUID.randomUUID().toString().substring(0, 8), "does", "\u00e9"));
            assertThat(answer.status()).as(answer.text()).isEqualTo(201);
            assertThat(answer.json().path("name").asString()).startsWith(name);
        }
    }

    @Test
    void a_count_with_an_exponent_is_refused_before_it_is_reckoned_with() {
        var walk = new Walk(server, "shaft 3", "left end");
        String body = "{\"part\": %d, \"feature\": %d, \"round\": 0, \"place\": 1, \"gauge\": 6, \"person\": 1,"
                        .formatted(walk.part(), walk.feature())
                + " \"parts\": {\"sleeve\": 1e10000000}, \"takenAt\": \"2026-03-10T08:00:00Z\"}";
        Instant start = Instant.now();
        Answer answer = raw("PUT", "/api/v1/readings/" + UUID.randomUUID(), body);
        assertThat(Duration.between(start, Instant.now())).isLessThan(Duration.ofSeconds(2));
        assertThat(answer.status()).isIn(400, 422);
        assertThat(server.get("/api/v1/scales/mic-mm-001/reading?parts=sleeve%3D1e10000000%3Bthimble%3D1")
                        .status())
                .isEqualTo(422);
        assertThat(raw("POST", "/api/v1/calc/readings", "{\"scale\": \"mic-mm-001\", \"parts\": \"sleeve=1e10000000\"}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void a_hundred_thousand_parts_are_refused_at_once() {
        JsonNode job = new Drafting(server).open("many parts", "mm", "");
        JsonNode plan = new Drafting(server).plan(job);
        String parts = "{\"parts\": [" + "{\"name\":\"\",\"mark\":\"\",\"hours\":\"\"},".repeat(20_000);
        Instant start = Instant.now();
        Answer answer = server.send(server.ansasRequest(
                        "/api/v1/plans/" + plan.path("id").asLong() + "/parts")
                .header("If-Match", "\"" + plan.path("edition").asLong() + "\"")
                .header("Content-Type", "application/json")
                .method("PUT", BodyPublishers.ofString(parts.substring(0, parts.length() - 1) + "]}")));
        assertThat(answer.code()).isEqualTo("list-too-long");
        assertThat(answer.sentence()).isEqualTo("parts has more than 1000 entries: send it in parts.");
        assertThat(Duration.between(start, Instant.now())).isLessThan(Duration.ofSeconds(5));
    }

    @Test
    void a_body_over_a_megabyte_is_refused_whether_it_says_so_or_not() throws IOException {
        String large = "{\"name\": \"" + "x".repeat(1_100_000) + "\", \"does\": \"\"}";
        Answer said = raw("POST", "/api/v1/people", large);
        assertThat(said.status()).as(said.text()).isEqualTo(413);
        assertThat(said.code()).isEqualTo("too-large");
        InputStream chunked = new java.io.ByteArrayInputStream(large.getBytes(StandardCharsets.UTF_8));
        Answer unsaid = server.send(server.ansasRequest("/api/v1/people")
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofInputStream(() -> chunked)));
        assertThat(unsaid.status()).as(unsaid.text()).isEqualTo(413);
    }

    @Test
    void two_hundred_bodies_half_sent_delay_nobody() throws Exception {
        List<Socket> halves = new ArrayList<>();
        try {
            for (int i = 0; i < 200; i++) {
                var socket = new Socket("localhost", server.port());
                socket.getOutputStream()
                        .write(("POST /api/v1/people HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                        + "Content-Length: 1000\r\n\r\n{\"name\":")
                                .getBytes(StandardCharsets.US_ASCII));
                socket.getOutputStream().flush();
                halves.add(socket);
            }
            Thread.sleep(300);
            for (int i = 0; i < 10; i++) {
                Instant start = Instant.now();
                assertThat(server.get("/api/v1/bench").status()).isEqualTo(200);
                assertThat(Duration.between(start, Instant.now())).isLessThan(Duration.ofSeconds(2));
            }
        } finally {
            for (Socket half : halves) {
                half.close();
            }
        }
    }

    @Test
    void a_moment_outside_the_shops_life_is_refused() {
        var walk = new Walk(server, "shaft 3", "left end");
        for (String moment : List.of("-999999999-01-01T00:00:00Z", "1969-12-31T23:59:59Z", "2200-01-01T00:00:00Z")) {
            Map<String, Object> reading = walk.typed(0, "25.010");
            reading.put("takenAt", moment);
            assertThat(walk.keep(reading).code()).as(moment).isEqualTo("bad-moment");
        }
        Map<String, Object> early = walk.typed(0, "25.010");
        early.put("takenAt", "2025-03-10T08:00:00Z");
        assertThat(walk.keep(early).code()).isEqualTo("taken-before-job");
        Map<String, Object> late = walk.typed(0, "25.010");
        late.put("takenAt", "2026-03-13T08:00:00Z");
        assertThat(walk.keep(late).code()).isEqualTo("taken-later");
    }
}
