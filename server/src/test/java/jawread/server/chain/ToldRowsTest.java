package jawread.server.chain;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jawread.server.chain.ToldRows.Touched;
import jawread.server.tables.Table;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a line tells of few rows, of many, and of what belongs to another row. */
class ToldRowsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static Connection shop(int rods) throws Exception {
        Connection shop = DriverManager.getConnection("jdbc:h2:mem:", "sa", "");
        try (var statement = shop.createStatement()) {
            statement.execute("CREATE TABLE rod (id BIGINT PRIMARY KEY, long_pm BIGINT NOT NULL, note VARCHAR(20));"
                    + " CREATE TABLE rod_fits (rod_id BIGINT, gauge_id BIGINT, PRIMARY KEY (rod_id, gauge_id));"
                    + " INSERT INTO rod_fits VALUES (1, 7), (1, 8), (2, 7);"
                    + " INSERT INTO rod SELECT x, x * 1000000, NULL FROM SYSTEM_RANGE(1, " + rods + ")");
        }
        return shop;
    }

    private static List<JsonNode> lines(Connection shop, Set<Touched> touched) throws Exception {
        var lines = new ArrayList<JsonNode>();
        for (Map<String, Object> part :
                Told.inParts(ToldRows.of(Table.all(shop)).tell(shop, touched))) {
            var line = new Line(1, 2, 3, "PLAN", Instant.parse("2026-03-10T08:00:00.000001Z"), Optional.of(4L));
            lines.add(JSON.readTree(line.link("before", part).told()));
        }
        return lines;
    }

    @Test
    void a_row_is_told_with_every_column_its_lengths_as_texts() throws Exception {
        try (Connection shop = shop(1)) {
            assertThat(lines(shop, Set.of(new Touched("rod", Map.of("id", 1L)))))
                    .singleElement()
                    .hasToString(
                            "{\"at\":\"2026-03-10T08:00:00.000001Z\",\"before\":\"before\",\"by\":\"4\",\"form\":1,\"id\":\"1\","
                                    + "\"job\":\"2\",\"rows\":[{\"cells\":{\"id\":\"1\",\"long_pm\":\"1000000\",\"note\":null},"
                                    + "\"key\":{\"id\":\"1\"},\"table\":\"rod\"}],\"seq\":\"3\",\"what\":\"PLAN\"}");
        }
    }

    @Test
    void a_row_that_holds_a_long_text_is_told_by_its_digest_beside_those_that_do_not() throws Exception {
        try (Connection shop = shop(1);
                var statement = shop.createStatement()) {
            statement.execute("CREATE TABLE picture (id BIGINT PRIMARY KEY, drawn CHARACTER LARGE OBJECT);"
                    + " INSERT INTO picture VALUES (1, REPEAT('x', 2000000))");
            List<JsonNode> lines =
                    lines(shop, Set.of(new Touched("rod", Map.of("id", 1L)), new Touched("picture", Map.of("id", 1L))));
            assertThat(lines).hasSize(1);
            assertThat(lines.get(0).path("rows")).hasSize(1);
            assertThat(lines.get(0).path("digests").toString())
                    .contains("picture/1")
                    .hasSizeLessThan(1000);
        }
    }

    @Test
    void a_row_that_went_is_told_as_gone_and_those_of_an_owner_all_at_once() throws Exception {
        try (Connection shop = shop(1)) {
            JsonNode gone = lines(shop, Set.of(new Touched("rod", Map.of("id", 5L))))
                    .get(0)
                    .path("rows")
                    .get(0);
            assertThat(gone.path("gone").asBoolean(false)).isTrue();
            JsonNode all = lines(shop, Set.of(new Touched("rod_fits", Map.of("rod_id", 1L))))
                    .get(0)
                    .path("rows")
                    .get(0);
            assertThat(all.path("all").findValuesAsString("gauge_id")).containsExactly("7", "8");
        }
    }

    @Test
    void what_comes_in_by_thousands_is_one_line_with_the_digest_of_each_row() throws Exception {
        try (Connection shop = shop(5000)) {
            var touched = new HashSet<Touched>();
            for (long id = 1; id <= 5000; id++) {
                touched.add(new Touched("rod", Map.of("id", id)));
            }
            touched.add(new Touched("rod_fits", Map.of("rod_id", 2L)));
            JsonNode line = lines(shop, touched).get(0);
            assertThat(lines(shop, touched)).hasSize(1);
            assertThat(line.path("rows")).hasSize(1);
            JsonNode digests = line.path("digests").get(0);
            assertThat(digests.path("columns").toString()).isEqualTo("[\"id\",\"long_pm\",\"note\"]");
            assertThat(digests.path("rows")).hasSize(5000);
            assertThat(digests.path("rows").path("rod/17").asString()).hasSize(64);
            assertThat(line.toString().length())
                    .as("a line has room for a million")
                    .isLessThan(1_000_000);
        }
    }
}
