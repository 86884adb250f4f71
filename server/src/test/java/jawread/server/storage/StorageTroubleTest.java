package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** A disk that cannot be waited for, one that is full, a database that closed itself: said, and well again without a restart. */
@ExtendWith(RunningServer.class)
class StorageTroubleTest {
    private final Server server;
    private final Trouble.Switches trouble;

    StorageTroubleTest(Server server) {
        this.server = server;
        this.trouble = server.bean(Trouble.Switches.class);
    }

    @BeforeEach
    @AfterEach
    void all_is_well() {
        trouble.allWell();
    }

    private long readings() {
        return server.bean(JdbcTemplate.class).queryForObject("select count(*) from reading", Long.class);
    }

    @Test
    void a_sync_that_fails_reaches_whoever_sent_the_reading_and_the_same_again_waits_for_a_good_one() {
        var walk = new Walk(server, "shaft 3", "groove");
        var reading = walk.typed(0, "2.24");
        UUID id = UUID.randomUUID();
        long before = readings();
        trouble.syncsThatFail.set(2);

        Answer first = walk.keep(id, reading);
        assertThat(first.status()).isEqualTo(503);
        assertThat(first.code()).isEqualTo("not-on-disk");
        assertThat(first.header("Retry-After")).isNotEmpty();
        assertThat(first.sentence()).contains("is sent again");
        assertThat(readings()).as("committed, and not known to be on the disk").isEqualTo(before + 1);

        assertThat(walk.keep(id, reading).status()).as("its sync fails too").isEqualTo(503);
        int syncs = trouble.syncs();
        Answer good = walk.keep(id, reading);
        assertThat(good.status()).isEqualTo(200);
        assertThat(good.json().path("kept").asString()).isEqualTo("before");
        assertThat(trouble.syncs()).isEqualTo(syncs + 1);
        assertThat(readings()).isEqualTo(before + 1);
    }

    @Test
    void a_transaction_is_brought_onto_the_disk_once_and_a_mere_look_not_at_all() {
        var walk = new Walk(server, "shaft 3", "groove");
        int before = trouble.syncs();
        assertThat(walk.keep(walk.typed(0, "2.24")).status()).isEqualTo(201);
        assertThat(trouble.syncs()).isEqualTo(before + 1);
        walk.sheet();
        server.get("/api/v1/bench");
        assertThat(trouble.syncs()).isEqualTo(before + 1);
    }

    @Test
    void people_tickets_and_settings_wait_for_the_disk_as_readings_do() {
        String name = "Somebody " + UUID.randomUUID();
        trouble.syncsThatFail.set(1);
        assertThat(server.post("/api/v1/people", Map.of("name", name, "does", ""))
                        .code())
                .isEqualTo("not-on-disk");
        trouble.syncsThatFail.set(1);
        assertThat(server.post("/api/v1/sessions", Map.of("person", 1)).code()).isEqualTo("not-on-disk");
        trouble.syncsThatFail.set(1);
        String edition = "0";
        for (var setting : server.get("/api/v1/settings").json()) {
            edition = setting.path("name").asString().equals("theme")
                    ? setting.path("edition").asString()
                    : edition;
        }
        var change = Server.json(
                server.ansasRequest("/api/v1/settings/theme").header("If-Match", "\"" + edition + "\""),
                "PUT",
                Map.of("choice", "dim"));
        assertThat(server.send(change).code()).isEqualTo("not-on-disk");
        assertThat(server.get("/api/v1/shop").json().path("theme").asString())
                .as("it is committed, and every page says so")
                .isEqualTo("dim");
    }

    @Test
    void a_full_disk_is_named_reading_goes_on_and_all_is_well_once_there_is_room() {
        var walk = new Walk(server, "shaft 3", "groove");
        long before = readings();
        trouble.fill();
        Answer refused = walk.keep(walk.typed(0, "2.24"));
        assertThat(refused.status()).isEqualTo(503);
        assertThat(refused.code()).isEqualTo("disk-full");
        assertThat(refused.sentence())
                .contains("is all but full, 3 MB are left")
                .contains("jawread-test");
        assertThat(server.post("/api/v1/people", Map.of("name", "Nobody", "does", ""))
                        .code())
                .isEqualTo("disk-full");
        assertThat(readings()).isEqualTo(before);
        assertThat(server.get("/api/v1/bench").status()).isEqualTo(200);
        assertThat(walk.sheet().path("rounds")).isNotEmpty();
        assertThat(server.post("/api/v1/calc/typed", Map.of("text", "32.1", "default_unit", "mm", "kind", "size"))
                        .status())
                .as("what keeps nothing goes on")
                .isEqualTo(200);
        assertThat(server.get("/api/v1/health").json().path("trouble").asString())
                .isEqualTo(refused.sentence());

        trouble.allWell();
        assertThat(walk.keep(walk.typed(0, "2.24")).status()).isEqualTo(201);
        assertThat(server.get("/api/v1/health").json().path("trouble").isMissingNode())
                .isTrue();
    }

    @Test
    void a_database_that_closed_itself_is_said_and_opened_again_by_the_next_who_asks() {
        var walk = new Walk(server, "shaft 3", "groove");
        var reading = walk.typed(0, "2.24");
        Trouble.closeDatabase(true);
        Answer refused = walk.keep(reading);
        assertThat(refused.status()).isEqualTo(503);
        assertThat(refused.code()).isEqualTo("database-trouble");
        assertThat(refused.sentence()).contains("cannot be read or written for now");
        assertThat(server.get("/api/v1/bench").status()).isIn(200, 503);
        assertThat(server.get("/api/v1/health").json().path("trouble").asString())
                .contains("cannot be read or written");
        Trouble.closeDatabase(false);
        assertThat(walk.keep(reading).status()).isEqualTo(201);
    }
}
