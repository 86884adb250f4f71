package jawread.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.TypedFeature;
import jawread.core.walk.Place;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** A shop kept by the first edition of the program is carried over whole. */
class MigrationTest {
    @TempDir
    private Path folder;

    private JdbcTemplate shop;

    @BeforeEach
    void a_shop_of_the_first_edition() {
        var database = new JdbcDataSource();
        database.setUrl("jdbc:h2:file:" + folder.resolve("shop"));
        database.setUser("sa");
        shop = new JdbcTemplate(database);
        migrateTo("1");
        shop.update("INSERT INTO person (id, name, does) VALUES (1, 'Ansa', 'turner')");
        shop.update("INSERT INTO gauge VALUES (1, 'M6', 'micrometer', 'mic-mm-0001', 25000000000, 25000000000,"
                + " 50000000000, 1500000, 'IN_USE', 0)");
        shop.update("INSERT INTO job VALUES (1, 'New idler shafts', 'rake', 'drawing LW-118', 'MILLIMETRE',"
                + " 'THREE_ALIKE', 'MEDIAN', FALSE, NOW(), 0)");
        shop.update("INSERT INTO plan_revision VALUES (1, 1, 1, NOW())");
        shop.update("INSERT INTO feature VALUES (1, 1, 1, 'body', 'OUTSIDE', TRUE, '31.938 / 32.000', 31938000000,"
                + " 32000000000, 1000000, 26000000000, 118000000000)");
        shop.update("INSERT INTO feature VALUES (2, 1, 2, 'end', 'OUTSIDE', TRUE, '25.002 / 25.015', 25002000000,"
                + " 25015000000, 1000000, 144000000000, 26000000000)");
        shop.update("INSERT INTO place VALUES (1, 1, 1, 'middle', 85000000000)");
        shop.update("INSERT INTO place VALUES (2, 2, 1, 'middle', 157000000000)");
        shop.update("INSERT INTO part VALUES (1, 1, 1, 'shaft 1', 'one dot')");
        shop.update("INSERT INTO measuring_round VALUES (RANDOM_UUID(), 1, 1, 0, NULL, NULL, 1, NOW())");
        shop.update(
                "INSERT INTO reading SELECT RANDOM_UUID(), 1, 1, 1, 1, id, 1, 1, 'IN_USE', 1, 'TYPED', '31.97', NULL,"
                        + " 31970000000, 0, 1000000, 1000000, 1500000, 'MILLIMETRE', NOW(), NOW() FROM measuring_round");
    }

    private void migrateTo(String version) {
        Flyway.configure()
                .dataSource(shop.getDataSource())
                .target(version)
                .load()
                .migrate();
    }

    @Test
    void its_features_say_what_they_said_and_its_readings_stay_where_they_were() {
        migrateTo("latest");
        List<Map<String, Object>> listed = shop.queryForList("SELECT f.as_typed, f.title_block, f.feature_key"
                + " FROM plan_feature p JOIN feature f ON f.id = p.feature_id ORDER BY p.position");
        assertThat(listed).hasSize(2);
        TypedFeature typed = new KeptAsJson.TypedFeatureKept()
                .convertToEntityAttribute((String) listed.get(0).get("AS_TYPED"));
        TitleBlockInForce block = new KeptAsJson.TitleBlockKept()
                .convertToEntityAttribute((String) listed.get(0).get("TITLE_BLOCK"));
        assertThat(block.unit()).isEqualTo(LengthUnit.MILLIMETRE);
        PlannedFeature body = PlannedFeature.of(typed, block.block());
        assertThat(body.refusals()).isEmpty();
        assertThat(body.judgedBy()).contains(Limits.of(Length.ofMillimetres("31.938"), Length.ofMillimetres("32")));
        assertThat(body.lies().orElseThrow().starts()).contains(Length.ofMillimetres("26"));
        assertThat(body.places().orElseThrow().inOrder())
                .extracting(Place::depth)
                .containsExactly(Optional.of(Length.ofMillimetres("59")));
        assertThat(shop.queryForObject("SELECT depth_pm FROM place WHERE id = 1", Long.class))
                .isEqualTo(59_000_000_000L);
        assertThat(shop.queryForObject(
                        "SELECT COUNT(*) FROM reading r JOIN part p ON p.id = r.part_id"
                                + " JOIN plan_revision v ON v.plan_id = p.plan_id AND v.id = r.plan_revision_id"
                                + " WHERE v.fixed_at IS NOT NULL",
                        Long.class))
                .isEqualTo(1);
        assertThat(shop.queryForList("SELECT name || '=' || choice FROM job_setting ORDER BY name", String.class))
                .containsExactly("place-value=median", "repeats=three-alike");
        assertThat(shop.queryForMap("SELECT kind, unit, spread_pm, allowed_steps, state FROM gauge"))
                .containsEntry("KIND", "outside-micrometer")
                .containsEntry("UNIT", "MILLIMETRE")
                .containsEntry("SPREAD_PM", null)
                .containsEntry("ALLOWED_STEPS", 1)
                .containsEntry("STATE", "IN_USE");
    }
}
