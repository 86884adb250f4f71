package jawread.server.jobfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import jawread.server.chain.Verification;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The demonstration's jobs go out as files, into an empty shop, and out again. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class JobFileTest {
    @TempDir
    static Path from;

    @TempDir
    static Path to;

    private static Server weir;
    private static Server other;

    @BeforeAll
    static void open() {
        weir = Server.open(from);
        other = Server.empty(to, "Kit");
    }

    @AfterAll
    static void close() {
        weir.close();
        other.close();
    }

    private static List<JsonNode> jobs(Server server) {
        return StreamSupport.stream(server.get("/api/jobs").json().spliterator(), false)
                .toList();
    }

    private static String file(Server server, long job) {
        Answer answer = server.get("/api/jobs/" + job + "/job.json");
        assertThat(answer.status()).isEqualTo(200);
        return answer.text();
    }

    private static Answer send(Server server, String address, String file) {
        return server.send(server.ansasRequest(address)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(file, StandardCharsets.UTF_8)));
    }

    private static Answer look(Server server, String file) {
        return send(server, "/api/job-files/look", file);
    }

    private static Answer bringIn(Server server, String file) {
        String same = StreamSupport.stream(
                        look(server, file).json().path("named").spliterator(), false)
                .map(each ->
                        each.path("what").asString() + ":" + each.path("name").asString())
                .map(code -> "&same=" + URLEncoder.encode(code, StandardCharsets.UTF_8))
                .collect(Collectors.joining());
        return send(server, "/api/job-files?" + same, file);
    }

    @Test
    @Order(1)
    void each_job_goes_into_an_empty_shop_and_comes_out_as_the_same_bytes() {
        for (JsonNode job : jobs(weir)) {
            String file = file(weir, job.path("id").asLong());
            JsonNode looked = look(other, file).json();
            assertThat(looked.path("state").asString()).isEqualTo("new");

            Answer in = bringIn(other, file);

            assertThat(in.status()).as(in.text()).isEqualTo(200);
            assertThat(file(other, in.json().path("job").asLong())).isEqualTo(file);
        }
        assertThat(jobs(other)).hasSameSizeAs(jobs(weir));
    }

    @Test
    @Order(2)
    void what_was_judged_there_is_judged_the_same_here() {
        JsonNode there = weir.get("/api/bench").json().path("jobs");
        JsonNode here = other.get("/api/bench").json().path("jobs");
        for (JsonNode job : there) {
            JsonNode same = Walk.named(here, job.path("name").asString());
            assertThat(same.path("verdict")).isEqualTo(job.path("verdict"));
            assertThat(same.path("measured")).isEqualTo(job.path("measured"));
            assertThat(sheetText(other, same)).isEqualTo(sheetText(weir, job));
        }
    }

    /** The full report, without what is the shop's own. */
    private static String sheetText(Server server, JsonNode job) {
        return server.get("/api/jobs/" + job.path("id").asLong() + "/tables/verdicts.csv")
                .text();
    }

    @Test
    @Order(3)
    void the_same_file_again_keeps_nothing() {
        String file = file(weir, jobs(weir).get(0).path("id").asLong());

        assertThat(look(other, file).json().path("state").asString()).isEqualTo("again");
        JsonNode again = bringIn(other, file).json();

        assertThat(again.path("state").asString()).isEqualTo("again");
        assertThat(again.path("kept").asInt()).isZero();
        assertThat(jobs(other)).hasSameSizeAs(jobs(weir));
    }

    @Test
    @Order(4)
    void the_chain_tells_of_all_that_came_in() throws Exception {
        try (var connection = other.bean(javax.sql.DataSource.class).getConnection()) {
            assertThat(Verification.of(connection).misfits()).isEmpty();
        }
    }
}
