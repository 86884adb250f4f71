package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.Configuration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Shops that earlier programs left are opened by this one with every row and every figure. Each schema that goes out adds its own:
 * {@code -Djawread.write-shops=true} makes them.
 */
class ShopFixturesTest {
    private static final String WORKED = "worked";

    @TempDir
    private Path folder;

    static Configuration migrations() {
        return Flyway.configure().locations("classpath:db/migration");
    }

    static Stream<KeptShop> shops() {
        return KeptShop.all().stream();
    }

    @ParameterizedTest
    @MethodSource("shops")
    void a_shop_of_an_earlier_program_is_carried_over_with_every_row_and_figure(KeptShop kept) throws Exception {
        ShopFile shop = kept.unpackInto(folder);
        new Opening(shop, migrations(), DiskRoom.OF_THE_DISK, Clock.systemUTC()).open();
        assertThat(KeptShop.held(shop)).containsAll(kept.held());
    }

    @ParameterizedTest
    @MethodSource("shops")
    void what_was_read_is_as_little_changed_there_as_in_a_new_shop(KeptShop kept) throws Exception {
        ShopFile shop = kept.unpackInto(folder);
        new Opening(shop, migrations(), DiskRoom.OF_THE_DISK, Clock.systemUTC()).open();
        var fresh = new ShopFile(folder.resolve("fresh"));
        new Opening(fresh, migrations(), DiskRoom.OF_THE_DISK, Clock.systemUTC()).open();
        assertThat(triggers(shop)).isNotEmpty().isEqualTo(triggers(fresh));
    }

    private static List<String> triggers(ShopFile shop) throws Exception {
        try (Connection connection = shop.open();
                var rows = connection
                        .createStatement()
                        .executeQuery(
                                "SELECT event_object_table || ' ' || trigger_name || ' ' || event_manipulation || ' ' ||"
                                        + " java_class FROM information_schema.triggers ORDER BY 1")) {
            var all = new ArrayList<String>();
            while (rows.next()) {
                all.add(rows.getString(1));
            }
            return all;
        }
    }

    @Test
    void the_program_opens_the_newest_of_them_and_every_page_of_it_answers() throws Exception {
        KeptShop newest = shops().filter(shop -> shop.name().endsWith(WORKED))
                .reduce((before, after) -> after)
                .orElseThrow();
        newest.unpackInto(folder);
        try (var server = Server.open(folder)) {
            JsonNode bench = answered(server, "/api/v1/bench");
            assertThat(bench.path("jobs").size()).isGreaterThan(5);
            eachPart(bench, part -> {
                String path = "/api/v1/parts/" + part.path("id").asLong();
                answered(server, path + "/judgement");
                part.path("features")
                        .forEach(feature -> answered(
                                server, path + "/features/" + feature.path("id").asLong() + "/sheet"));
            });
            answered(server, "/api/v1/drawer");
            answered(server, "/api/v1/doubts");
        }
    }

    @Test
    void what_schema_13_changes_for_a_part_is_said_on_its_page() throws Exception {
        new KeptShop("schema-12-" + WORKED).unpackInto(folder);
        try (var server = Server.open(folder)) {
            JsonNode bench = answered(server, "/api/v1/bench");
            eachPartSaysOnceWhatCountsAgain(server, bench);
            whatOnlyItsMarkLinksStaysLinkedAndIsNotConfirmed(server, bench);
        }
    }

    /** Under schema 12 a reading counted by its own edition of the feature alone. */
    private static void eachPartSaysOnceWhatCountsAgain(Server server, JsonNode bench) {
        var said = new ArrayList<String>();
        eachPart(bench, part -> {
            String path = "/api/v1/parts/" + part.path("id").asLong();
            String again = answered(server, path + "/judgement").path("again").asString("");
            if (!again.isEmpty()) {
                said.add(again);
                assertThat(server.put(path + "/counts-again/seen", null).status())
                        .isEqualTo(200);
                assertThat(answered(server, path + "/judgement").path("again").asString(""))
                        .isEmpty();
            }
        });
        assertThat(said).isNotEmpty().allMatch(each -> each.contains("again: ") && each.contains("under revision 1"));
    }

    /** Under schema 12 the mark alone told in which jobs one part stands. */
    private static void whatOnlyItsMarkLinksStaysLinkedAndIsNotConfirmed(Server server, JsonNode bench) {
        JsonNode spindle = Walk.named(bench.path("jobs"), "Sluice spindle")
                .path("plans")
                .get(0)
                .path("parts")
                .get(0);
        JsonNode which = answered(server, "/api/v1/parts/" + spindle.path("id").asLong() + "/judgement")
                .path("which");
        assertThat(which.path("same").findValuesAsString("how")).containsExactly("by-mark", "by-mark");
        assertThat(which.path("asked").size()).isZero();
    }

    private static void eachPart(JsonNode bench, Consumer<JsonNode> visit) {
        bench.path("jobs")
                .forEach(job ->
                        job.path("plans").forEach(plan -> plan.path("parts").forEach(visit)));
    }

    private static JsonNode answered(Server server, String path) {
        var answer = server.get(path);
        assertThat(answer.status()).as(path + ": " + answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    @EnabledIfSystemProperty(named = "jawread.write-shops", matches = "true")
    void the_shops_of_this_schema_are_kept_for_the_programs_to_come() throws Exception {
        try (var server = Server.open(folder.resolve("demo"))) {
            answered(server, "/api/v1/bench");
        }
        try (var server = Server.open(folder.resolve(WORKED))) {
            new WorkedDay(server).work();
        }
        for (String name : List.of("demo", WORKED)) {
            var shop = new ShopFile(folder.resolve(name));
            String schema = Flyway.configure()
                    .configuration(migrations())
                    .dataSource(shop.url(), "sa", "")
                    .load()
                    .info()
                    .current()
                    .getVersion()
                    .getVersion();
            new KeptShop("schema-" + schema + "-" + name).keep(shop);
        }
    }
}
