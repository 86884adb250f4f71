package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.storage.Trouble;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

@TestInstance(Lifecycle.PER_CLASS)
class PartsInDoubtTest {
    private Server server;
    private PartsInDoubt index;

    @BeforeAll
    void open(@TempDir Path shop) {
        server = Server.open(shop);
        index = server.bean(PartsInDoubt.class);
    }

    @BeforeEach
    void a_gauge_that_was_just_found_good() {
        check("0.000");
    }

    @AfterAll
    void close() {
        server.close();
    }

    @Test
    void a_gauge_found_off_throws_what_was_put_away_into_doubt() {
        readAndPutAway("put away");
        assertThat(doubted()).doesNotContain("put away");
        check("0.012");
        assertThat(doubted()).contains("put away");
    }

    @Test
    void only_what_was_read_since_its_last_good_check_is_judged_again() {
        readAndPutAway("read before");
        check("0.000");
        long since = readAndPutAway("read since");
        doubted();
        assertThat(index.behind()).isEmpty();
        check("0.012");
        assertThat(index.behind()).containsExactly(since);
        assertThat(doubted()).contains("read since").doesNotContain("read before");
        assertThat(index.behind()).isEmpty();
    }

    @Test
    void a_person_who_comes_judges_nothing_again_and_a_setting_all() {
        long settled = readAndPutAway("settled");
        doubted();
        assertThat(server.post("/api/v1/people", Map.of("name", "Ruk", "does", "helps"))
                        .status())
                .isEqualTo(201);
        assertThat(index.behind()).isEmpty();
        JsonNode setting = server.get("/api/v1/settings")
                .json()
                .valueStream()
                .filter(each -> each.path("name").asString().equals("temperature-apart"))
                .findFirst()
                .orElseThrow();
        Answer answer = server.send(Server.json(
                server.ansasRequest("/api/v1/settings/temperature-apart")
                        .header("If-Match", "\"" + setting.path("edition").asLong() + "\""),
                "PUT",
                Map.of("choice", "7")));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(index.behind()).contains(settled);
    }

    @Test
    void an_index_that_is_lost_or_of_another_build_is_made_again() {
        long lost = readAndPutAway("lost");
        check("0.012");
        String known = doubted();
        JdbcTemplate database = server.bean(JdbcTemplate.class);
        database.update("DELETE FROM part_in_doubt");
        database.update("UPDATE plan_judged SET judged_by = 'another build'");
        assertThat(index.behind()).contains(lost);
        assertThat(doubted()).isEqualTo(known).contains("lost");
    }

    @Test
    void what_cannot_be_kept_is_judged_all_the_same() {
        readAndPutAway("on a full disk");
        check("0.012");
        Trouble.Switches disk = server.bean(Trouble.Switches.class);
        disk.fill();
        try {
            assertThat(doubted()).contains("on a full disk");
            assertThat(index.behind()).isNotEmpty();
        } finally {
            disk.makeRoom();
        }
        assertThat(doubted()).contains("on a full disk");
        assertThat(index.behind()).isEmpty();
    }

    private String doubted() {
        return server.get("/api/v1/doubts").text();
    }

    /** @return its plan */
    private long readAndPutAway(String name) {
        var journal = new OneFeature(server, OneFeature.journal(name));
        JsonNode place = journal.round().path("places").get(0);
        for (String figure : new String[] {"31.960", "31.961"}) {
            Map<String, Object> body = journal.body(place.path("id").asLong(), figure);
            body.put("takenAt", server.bean(Clock.class).instant().toString());
            assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).status())
                    .isEqualTo(201);
        }
        long job = journal.job();
        server.put("/api/v1/jobs/" + job + "/archived", Map.of("archived", true));
        return server.get("/api/v1/jobs/" + job + "/plan")
                .json()
                .path("plans")
                .get(0)
                .path("id")
                .asLong();
    }

    private void check(String shown) {
        var gauge = OneFeature.numbered(server, "M6");
        Answer answer = server.put(
                "/api/v1/drawer/gauges/" + gauge + "/checks/" + UUID.randomUUID(),
                Map.of(
                        "shown", shown,
                        "done", "nothing",
                        "shownAfter", "",
                        "temperature", "",
                        "unitConfirmed", true));
        assertThat(answer.status()).as(answer.text()).isIn(200, 201);
    }
}
