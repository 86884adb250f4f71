package jawread.server.chain;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.util.List;
import java.util.Map;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import jawread.server.storage.ShopFile;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A day's work in a shop that is then closed, and changed by another program. */
class ChainTest {
    @TempDir
    private static Path worked;

    @TempDir
    private Path folder;

    @BeforeAll
    static void work() {
        try (var server = Server.open(worked)) {
            var walk = new Walk(server, "shaft 3", "right end");
            for (String figure : List.of("25.010", "25.011", "25.012")) {
                assertThat(walk.keep(walk.typed(0, figure)).status()).isEqualTo(201);
            }
            server.post("/api/v1/people", Map.of("name", "Dora", "does", "inspector"));
            var soak = server.ansasRequest("/api/v1/settings/soak-minutes").header("If-Match", "\"0\"");
            assertThat(server.send(Server.json(soak, "PUT", Map.of("choice", "45")))
                            .status())
                    .isEqualTo(200);
        }
    }

    @AfterAll
    static void nothingIsLeftOpen() {
        assertThat(worked.resolve("server-at-work")).doesNotExist();
    }

    private ShopFile copied() throws Exception {
        Files.createDirectories(folder);
        Files.copy(new ShopFile(worked).path(), new ShopFile(folder).path());
        return new ShopFile(folder);
    }

    private static Verification.Result looked(ShopFile shop) throws Exception {
        try (Connection connection = shop.open()) {
            return Verification.of(connection);
        }
    }

    private static void change(ShopFile shop, String... statements) throws Exception {
        try (Connection connection = shop.open();
                var statement = connection.createStatement()) {
            for (String table : List.of("reading", "reading_mark", "journal", "feature", "trail")) {
                statement.execute("DROP TRIGGER " + table + "_is_insert_only");
            }
            for (String each : statements) {
                assertThat(statement.executeUpdate(each)).as(each).isPositive();
            }
        }
    }

    @Test
    void what_was_kept_fits() throws Exception {
        Verification.Result result = looked(copied());
        assertThat(result.misfits()).isEmpty();
        assertThat(result.fits()).isTrue();
        assertThat(result.lines()).isGreaterThan(100);
        assertThat(result.rows()).isGreaterThan(500);
        assertThat(result.before()).isZero();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '"', textBlock = """
        a reading           | UPDATE reading SET raw_pm = raw_pm + 1000000 WHERE typed = '25.011'        | raw_pm is 25012000000 and was kept as 25011000000
        when it was taken   | UPDATE reading SET taken_at = DATEADD('DAY', 1, taken_at) WHERE typed = '25.011' | taken_at is
        a limit             | UPDATE feature SET high_pm = high_pm + 1 WHERE id = (SELECT MIN(id) FROM feature WHERE high_pm > 0) | was changed: line
        a setting           | UPDATE shop_setting SET choice = '40' WHERE name = 'soak-minutes'         | choice is 40 and was kept as 45
        a gauge put in      | INSERT INTO gauge_reader (gauge_id, reader_id) SELECT MIN(id), MIN(id) FROM gauge | no line of the journal tells of it
        a job's setting     | DELETE FROM job_setting WHERE job_id = (SELECT MIN(job_id) FROM job_setting) | is gone
        what somebody may   | UPDATE person_may SET may = 'SIGNS' WHERE person_id = 1                   | is gone
        the trail           | DELETE FROM trail WHERE id = (SELECT MAX(id) FROM trail)                  | Trail
        a line's text       | UPDATE journal SET told = REPLACE(told, '25011000000', '25012000000') WHERE told LIKE '%25011000000%' | what it tells is not what its digest
        a line's time       | UPDATE journal SET at = DATEADD('DAY', -1, at) WHERE id = 7               | its number, job, kind or time
        a line taken out    | DELETE FROM journal WHERE id = 9                                          | Line 9 of the journal is missing
        the last line       | DELETE FROM journal WHERE id = (SELECT MAX(id) FROM journal)              | taken off its end
        """)
    void what_was_changed_in_the_closed_file_is_said(String what, String statement, String said) throws Exception {
        ShopFile shop = copied();
        change(shop, statement);
        Verification.Result result = looked(shop);
        assertThat(result.fits()).as(what).isFalse();
        assertThat(String.join("\n", result.misfits())).contains(said);
    }

    @Test
    void a_row_changed_with_its_line_and_its_digest_breaks_the_line_after_it() throws Exception {
        ShopFile shop = copied();
        change(
                shop,
                "UPDATE reading SET raw_pm = 25012000000, typed = '25.012' WHERE typed = '25.011'",
                "UPDATE journal SET told = REPLACE(REPLACE(told, '25011000000', '25012000000'), '25.011', '25.012')"
                        + " WHERE told LIKE '%25011000000%'",
                "UPDATE journal SET sha256 = LOWER(RAWTOHEX(HASH('SHA-256', told))) WHERE told LIKE '%25012000000%'");
        assertThat(looked(shop).misfits()).singleElement().asString().contains("does not follow the line before it");
    }

    @Test
    void a_name_is_in_no_line_so_that_it_can_be_taken_out_of_the_shop() throws Exception {
        ShopFile shop = copied();
        try (Connection connection = shop.open();
                var told = connection.createStatement().executeQuery("SELECT told FROM journal")) {
            while (told.next()) {
                assertThat(told.getString(1)).doesNotContain("Dora").doesNotContain("Ansa");
            }
        }
        change(shop, "UPDATE person SET name = 'somebody' WHERE name = 'Dora'");
        assertThat(looked(shop).misfits()).isEmpty();
    }

    @Test
    void the_start_says_it_makes_the_guards_again_and_goes_on() throws Exception {
        ShopFile shop = copied();
        change(shop, "UPDATE reading SET raw_pm = raw_pm + 1000000 WHERE typed = '25.011'");
        try (var server = Server.open(folder)) {
            JsonNode chain = looked(server);
            assertThat(chain.path("fits").asBoolean(true)).isFalse();
            assertThat(chain.path("misfits").toString()).contains("25012000000");
            assertThat(chain.path("guards").asString()).contains("5 tables").contains("reading");
            assertThat(server.send(Server.json(server.ansasRequest("/api/v1/chain"), "POST", Map.of()))
                            .json()
                            .path("fits")
                            .asBoolean(true))
                    .isFalse();
        }
        try (var server = Server.open(folder)) {
            assertThat(looked(server).path("guards").asString(""))
                    .as("they stand again")
                    .isEmpty();
        }
    }

    private static JsonNode looked(Server server) throws InterruptedException {
        for (int i = 0; i < 200; i++) {
            JsonNode chain = server.get("/api/v1/chain").json();
            if (chain.has("at")) {
                return chain;
            }
            Thread.sleep(50);
        }
        throw new AssertionError("nobody looked");
    }
}
