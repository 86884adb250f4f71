package jawread.server.signal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Gauges that speak: what they send is on the disk before they are told so, and goes nowhere by itself. */
class GaugePortTest {
    @TempDir
    private static Path folder;

    private static Server server;
    private static int port;

    @BeforeAll
    static void open() throws Exception {
        server = Server.open(folder);
        setting("gauge-port-number", "0");
        setting("gauge-port", "here");
        port = opened(true);
    }

    @AfterAll
    static void close() {
        server.close();
    }

    private static void setting(String name, String choice) {
        long edition = StreamSupport.stream(
                        server.get("/api/v1/settings").json().spliterator(), false)
                .filter(each -> each.path("name").asString().equals(name))
                .mapToLong(each -> each.path("edition").asLong())
                .findFirst()
                .orElseThrow();
        Answer answer = server.send(Server.json(
                server.ansasRequest("/api/v1/settings/" + name).header("If-Match", "\"" + edition + "\""),
                "PUT",
                Map.of("choice", choice)));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    private static int opened(boolean isOpen) throws InterruptedException {
        Instant until = Instant.now().plus(Duration.ofSeconds(20));
        while (Instant.now().isBefore(until)) {
            JsonNode now = server.get("/api/v1/gauge-port").json();
            if (now.has("port") == isOpen) {
                return now.path("port").asInt();
            }
            Thread.sleep(50);
        }
        throw new AssertionError("The port did not become " + (isOpen ? "open" : "closed"));
    }

    /** A box that says lines and hears their answers. */
    private static final class Speaker implements AutoCloseable {
        private final Socket socket;
        private final BufferedReader answers;

        Speaker() throws IOException {
            socket = new Socket(InetAddress.getLoopbackAddress(), port);
            socket.setSoTimeout(20_000);
            answers = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
        }

        String says(String line) throws IOException {
            raw(line + "\r\n");
            return answers.readLine();
        }

        void raw(String text) throws IOException {
            socket.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
            socket.getOutputStream().flush();
        }

        String hears() throws IOException {
            return answers.readLine();
        }

        @Override
        public void close() throws IOException {
            socket.close();
        }
    }

    private static List<JsonNode> tray(String line) {
        return StreamSupport.stream(server.get("/api/v1/gauge-figures").json().spliterator(), false)
                .filter(each -> each.path("shown").asString().equals(line))
                .toList();
    }

    private static JsonNode inTray(String line) {
        List<JsonNode> found = tray(line);
        assertThat(found).as(line).hasSize(1);
        return found.get(0);
    }

    @Test
    void a_figure_lies_in_the_tray_until_it_is_a_reading_under_its_own_id() throws Exception {
        String line = "M6 31.951 mm n=1 temp=20.5";
        try (var m6 = new Speaker()) {
            assertThat(m6.says("hello M6")).startsWith("ok ").contains("icrometer");
            assertThat(m6.says("# switched on\r\n" + line)).isEqualTo("ok n=1 tray");
        }
        JsonNode figure = inTray(line);
        assertThat(figure.path("number").asString()).isEqualTo("M6");
        assertThat(figure.path("figure").asString()).isEqualTo("31.951 mm");
        var walk = new Walk(server, "shaft 2", "body");
        Map<String, Object> body = walk.typed(0, "31.951 mm");
        body.put("takenAt", figure.path("takenAt").asString());
        UUID id = UUID.fromString(figure.path("id").asString());
        Map<String, Object> other = new java.util.LinkedHashMap<>(body);
        other.put("typed", "31.952 mm");
        assertThat(walk.keep(id, other).code()).isEqualTo("not-as-sent");
        Answer kept = walk.keep(id, body);
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        assertThat(Walk.placeNow(kept.shown())
                        .path("readings")
                        .get(0)
                        .path("how")
                        .asString())
                .isEqualTo("gauge");
        assertThat(tray(line)).isEmpty();
        assertThat(walk.keep(id, body).status()).isEqualTo(200);
    }

    @Test
    void the_one_screen_that_listens_is_offered_it_and_of_two_none() throws Exception {
        UUID one = UUID.randomUUID();
        UUID two = UUID.randomUUID();
        long m7 = new Walk(server, "shaft 2", "body").gauge("M7");
        try (var box = new Speaker()) {
            server.put("/api/v1/listening/" + one, Map.of("gauge", m7));
            assertThat(box.says("M7 60.001 mm n=1")).isEqualTo("ok n=1 place");
            assertThat(inTray("M7 60.001 mm n=1").path("offeredTo").asString()).isEqualTo(one.toString());
            assertThat(box.says("M7 60.001 mm n=9 hold=10"))
                    .as("a person is asked")
                    .isEqualTo("ok n=9 tray");
            server.put("/api/v1/listening/" + two, Map.of("gauge", m7));
            assertThat(box.says("M7 60.002 mm n=2")).isEqualTo("ok n=2 tray");
            server.put("/api/v1/listening/" + one, Map.of());
            assertThat(box.says("M7 60.003 mm n=3")).isEqualTo("ok n=3 place");
            try (var liar = new Speaker()) {
                assertThat(liar.says("M7 60.004 mm n=4")).isEqualTo("ok n=4 tray");
                assertThat(inTray("M7 60.004 mm n=4").path("told").asString()).startsWith("Two boxes speak for M7");
            }
            server.put("/api/v1/listening/" + two, Map.of());
        }
        JsonNode figure = inTray("M7 60.002 mm n=2");
        String path = "/api/v1/gauge-figures/" + figure.path("id").asString() + "/aside";
        assertThat(server.put(path, Map.of("reason", "dirt")).status()).isEqualTo(204);
        assertThat(server.put(path, Map.of("reason", "dirt")).status()).isEqualTo(204);
        assertThat(tray("M7 60.002 mm n=2")).isEmpty();
    }

    @Test
    void the_same_count_and_figure_again_is_the_same_reading_and_another_figure_is_told() throws Exception {
        try (var box = new Speaker()) {
            assertThat(box.says("M8 80.001 mm n=5")).isEqualTo("ok n=5 tray");
            assertThat(box.says("M8 80,001 mm n=5 lowcell")).isEqualTo("ok n=5 tray");
            assertThat(tray("M8 80.001 mm n=5")).hasSize(1);
            assertThat(tray("M8 80,001 mm n=5 lowcell")).isEmpty();
            assertThat(box.says("M8 80.002 mm n=5")).isEqualTo("ok n=5 tray");
            JsonNode other = inTray("M8 80.002 mm n=5");
            assertThat(other.path("told").asString()).isEqualTo("Its count 5 came before, with 80.001 mm.");
            assertThat(other.path("asked").asBoolean()).isTrue();
            // Without a count nobody knows whether it is the same one.
            assertThat(box.says("M8 80.001 mm")).isEqualTo("ok tray");
            assertThat(box.says("M8 80.001 mm")).isEqualTo("ok tray");
            assertThat(tray("M8 80.001 mm")).hasSize(2);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C3 25.00 mm lowcell n=1 | false | The cell of C3 is low: change it, then look at its zero.",
                "C3 25.01 mm hold=12 over | true | It held this figure for 12 seconds: is it the size still? The gauge’s own light says: over.",
                "C3 25.02 mm at=2026-03-10T06:00:00Z | false | off: it is kept under the shop’s time.",
                "C3 9.8425 mm inside | false | ''",
                "M9 1.5000 mm | true | M9 reads 25 mm to 50 mm: this fits in the other unit.",
                "M9 75.00 mm | true | M9 reads 25 mm to 50 mm: this is beyond it.",
            })
    void what_is_to_be_looked_at_is_told(String line, boolean asked, String told) throws Exception {
        try (var box = new Speaker()) {
            assertThat(box.says(line)).startsWith("ok ").endsWith("tray");
        }
        JsonNode figure = inTray(line);
        assertThat(figure.path("asked").asBoolean()).isEqualTo(asked);
        assertThat(figure.path("told").asString()).contains(told);
        assertThat(Duration.between(
                                Instant.parse(figure.path("takenAt").asString()),
                                Instant.parse(server.get("/api/v1/shop")
                                        .json()
                                        .path("now")
                                        .asString()))
                        .abs())
                .isLessThan(Duration.ofMinutes(2));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "M6 40.01 | no line-torn ",
                "M6 40.0.1 mm n=7 | no n=7 line-figure ",
                "M66 40.01 mm | no gauge-unknown There is no gauge \"M66\"",
                "hello M66 | no gauge-unknown ",
                "B2 0.010 mm | no gauge-unset B2 is not set",
                "M6 40.01 mm zero | no gauge-zeroed ",
                "B1 3.2563 in preset=3.3000 | no gauge-preset B1 is preset to 3.3000 in, and was set here on 3.25 in",
                "token wrong | no token-unknown ",
            })
    void what_cannot_be_is_refused_in_a_line(String line, String answer) throws Exception {
        try (var box = new Speaker()) {
            assertThat(box.says(line)).startsWith(answer.strip());
            assertThat(box.says("hello M6")).startsWith("ok ");
        }
        assertThat(tray(line)).isEmpty();
    }

    @Test
    void a_comparator_that_shows_sizes_is_read_as_its_needle() throws Exception {
        try (var box = new Speaker()) {
            assertThat(box.says("B1 3.2563 in n=1 preset=3.2500 hold=1.5")).isEqualTo("ok n=1 tray");
            assertThat(inTray("B1 3.2563 in n=1 preset=3.2500 hold=1.5")
                            .path("figure")
                            .asString())
                    .isEqualTo("+0.0063 in");
            assertThat(box.says("B1 -0.0004 in n=2")).isEqualTo("ok n=2 tray");
            assertThat(inTray("B1 -0.0004 in n=2").path("figure").asString()).isEqualTo("-0.0004 in");
        }
    }

    @Test
    void a_display_that_was_switched_to_the_other_unit_is_told() throws Exception {
        try (var box = new Speaker()) {
            assertThat(box.says("M5 20.001 mm n=1")).isEqualTo("ok n=1 tray");
            assertThat(box.says("M5 0.78745 in n=2")).isEqualTo("ok n=2 tray");
        }
        JsonNode figure = inTray("M5 0.78745 in n=2");
        assertThat(figure.path("figure").asString()).isEqualTo("0.78745 in");
        assertThat(figure.path("told").asString()).isEqualTo("M5 was switched from mm to in since its last figure.");
        assertThat(figure.path("asked").asBoolean()).isFalse();
    }

    @Test
    void a_box_says_by_a_token_that_measures_who_it_is() throws Exception {
        try (var box = new Speaker()) {
            assertThat(box.says("token " + token("measures"))).isEqualTo("ok token");
            assertThat(box.says("token " + token("reads"))).startsWith("no token-reads-only ");
        }
        assertThat(server.get("/api/v1/gauge-port").text())
                .as("the last lines tell no secret")
                .contains("\"line\":\"token\"");
    }

    private static String token(String role) {
        return server.post("/api/v1/tokens", Map.of("name", "a box", "role", role, "person", 1, "days", 1))
                .json()
                .path("secret")
                .asString();
    }

    @Test
    void torn_and_endless_lines_harm_nobody() throws Exception {
        try (var box = new Speaker();
                var other = new Speaker()) {
            // Two boxes at once, in pieces.
            box.raw("M6 41.");
            other.raw("C3 30.0");
            box.raw("001 mm n=21\n");
            other.raw("5 mm n=22\n");
            assertThat(box.hears()).isEqualTo("ok n=21 tray");
            assertThat(other.hears()).isEqualTo("ok n=22 tray");
            assertThat(box.says("M6 " + "4".repeat(300) + " mm")).startsWith("no line-too-long ");
            assertThat(box.says("M6 41.00\u00b5 mm")).startsWith("no line-not-plain ");
            box.raw("M6 41.002 m");
        }
        assertThat(tray("M6 41.002 m")).isEmpty();
        try (var endless = new Speaker()) {
            String piece = "x".repeat(1 << 16);
            for (int i = 0; i < 160; i++) {
                endless.raw(piece);
            }
            endless.raw("\n");
            assertThat(endless.hears())
                    .as("nobody listens to 10 MB without an end")
                    .isNull();
        } catch (IOException closed) {
            assertThat(closed).isNotNull();
        }
        try (var box = new Speaker()) {
            assertThat(box.says("hello M6")).startsWith("ok ");
        }
    }

    @Test
    void two_hundred_boxes_are_answered_or_told_that_there_are_too_many() throws Exception {
        var boxes = new ArrayList<Speaker>();
        int busy = 0;
        try {
            for (int i = 0; i < 200; i++) {
                boxes.add(new Speaker());
            }
            for (Speaker box : boxes) {
                String answer;
                try {
                    answer = box.says("hello M6");
                } catch (IOException closed) {
                    answer = "no busy";
                }
                busy += answer == null || answer.startsWith("no busy") ? 1 : 0;
            }
            assertThat(busy).isGreaterThanOrEqualTo(100);
        } finally {
            for (Speaker box : boxes) {
                box.close();
            }
        }
        Instant until = Instant.now().plus(Duration.ofSeconds(20));
        String answer = null;
        while (answer == null && Instant.now().isBefore(until)) {
            try (var box = new Speaker()) {
                answer = box.says("hello M6");
                answer = answer != null && answer.startsWith("ok") ? answer : null;
            }
        }
        assertThat(answer).startsWith("ok ");
    }

    @Test
    void many_boxes_at_once_lose_nothing() throws Exception {
        List<Thread> boxes = IntStream.range(0, 20)
                .mapToObj(box -> new Thread(() -> {
                    try (var speaker = new Speaker()) {
                        for (int n = 0; n < 20; n++) {
                            String answer =
                                    speaker.says("C2 " + (10 + box) + "." + (100 + n) + " mm n=" + (box * 100 + n));
                            if (!answer.equals("ok n=" + (box * 100 + n) + " tray")) {
                                throw new AssertionError(answer);
                            }
                        }
                    } catch (IOException failure) {
                        throw new java.io.UncheckedIOException(failure);
                    }
                }))
                .toList();
        var failures = new ArrayList<Throwable>();
        boxes.forEach(box -> box.setUncaughtExceptionHandler((thread, failure) -> failures.add(failure)));
        boxes.forEach(Thread::start);
        for (Thread box : boxes) {
            box.join();
        }
        assertThat(failures).isEmpty();
        var database = server.bean(org.springframework.jdbc.core.JdbcTemplate.class);
        assertThat(database.queryForObject("select count(*) from gauge_figure where line like 'C2 %'", Integer.class))
                .isEqualTo(400);
    }

    @Test
    void it_closes_when_the_shop_says_so() throws Exception {
        setting("gauge-port", "off");
        opened(false);
        setting("gauge-port", "here");
        port = opened(true);
        try (var box = new Speaker()) {
            assertThat(box.says("hello M6")).startsWith("ok ");
        }
    }

    /** The clients that docs/gauge-port.md shows, as they stand there. */
    @ParameterizedTest
    @CsvSource({"sh,bash,C1", "python,python3,C4"})
    void whoever_attaches_a_gauge_may_begin_with_the_clients_shown(String language, String program, String gauge)
            throws Exception {
        String docs = Files.readString(Path.of("../docs/gauge-port.md"));
        String begin = "```" + language + "\n";
        String client = docs.substring(docs.indexOf(begin) + begin.length());
        Path file = folder.resolve("client." + language);
        Files.writeString(file, client.substring(0, client.indexOf("```")));
        var process = new ProcessBuilder(program, file.toString(), gauge, "in");
        process.environment().put("PORT", String.valueOf(port));
        Process running = process.redirectErrorStream(true).start();
        running.getOutputStream().write("1.0005\n1.0010\n".getBytes(StandardCharsets.US_ASCII));
        running.getOutputStream().close();
        List<String> answers = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                .lines()
                .toList();
        assertThat(answers).hasSize(2).allMatch(answer -> answer.matches("ok n=\\d+ tray"));
    }
}
