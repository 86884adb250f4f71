package jawread.server.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.EntityManager;
import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.core.assess.ReadingMark;
import jawread.core.length.Length;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Nothing read, seen or planned is ever changed or deleted: not through a repository, not by Hibernate, not by SQL. */
@ExtendWith(RunningServer.class)
class InsertOnlyTest {
    private static final List<Class<?>> REPOSITORIES = List.of(
            ReadingRepository.class,
            RoundRepository.class,
            ReadingMarkRepository.class,
            LookRepository.class,
            CautionTickRepository.class);
    private final Server server;

    InsertOnlyTest(Server server) {
        this.server = server;
    }

    @Test
    void no_repository_offers_more_than_keeping_and_finding() {
        assertThat(REPOSITORIES.stream()
                        .flatMap(type -> Arrays.stream(type.getMethods()))
                        .map(Method::getName))
                .allMatch(name -> name.equals("save") || name.startsWith("find") || name.startsWith("exists"));
    }

    @Test
    void keeping_a_second_row_under_the_same_number_is_no_update() {
        JdbcTemplate database = server.bean(JdbcTemplate.class);
        UUID id = database.queryForObject("select id from reading fetch first row only", UUID.class);
        long before = database.queryForObject("select raw_pm from reading where id = ?", Long.class, id);
        assertThatThrownBy(() -> inTransaction(entities -> {
                    ReadingRow stored = entities.find(ReadingRow.class, id);
                    Length value = stored.raw();
                    entities.detach(stored);
                    setRaw(stored, before + 1);
                    entities.merge(stored);
                    entities.flush();
                    entities.clear();
                    assertThat(entities.find(ReadingRow.class, id).raw()).isEqualTo(value);
                    throw new IllegalStateException("nothing was written");
                }))
                .hasMessage("nothing was written");
        assertThat(database.queryForObject("select raw_pm from reading where id = ?", Long.class, id))
                .isEqualTo(before);
    }

    private interface Work {
        void with(EntityManager entities);
    }

    private void inTransaction(Work work) {
        new TransactionTemplate(server.bean(PlatformTransactionManager.class))
                .executeWithoutResult(status -> work.with(server.bean(EntityManager.class)));
    }

    private static void setRaw(ReadingRow reading, long pm) {
        try {
            var field = ReadingRow.class.getDeclaredField("rawPm");
            field.setAccessible(true);
            field.setLong(reading, pm);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update reading set raw_pm = raw_pm + 1",
                "delete from reading",
                "update measuring_round set number = number + 1",
                "delete from measuring_round",
                "update reading_mark set reason = 'other'",
                "delete from reading_mark",
                "update look set found = 'OK'",
                "delete from look",
                "update caution_tick set caution = 'none'",
                "delete from caution_tick",
                "update feature set low_pm = 0",
                "delete from feature",
                "update place set depth_pm = 0",
                "delete from place",
                "update gauge_check set left_pm = 0",
                "delete from gauge_check",
                "update gauge_event set words = ''",
                "delete from gauge_event",
                "update trail set new_value = ''",
                "delete from trail",
                "update journal set told = ''",
                "delete from journal",
                "update trial set readings_pm = '1'",
                "delete from trial",
                "update study set readings_pm = '1'",
                "delete from study",
                "update comparator_setting set sense = -sense",
                "delete from comparator_setting",
                "update part_warmth set part_temperature = 0",
                "delete from part_warmth",
                "update ready_mark set reason = ''",
                "delete from ready_mark"
            })
    void the_database_itself_refuses(String sql) {
        JdbcTemplate database = server.bean(JdbcTemplate.class);
        String table = sql.replaceAll("update |delete from | set .*", "");
        if (table.equals("reading_mark")) {
            noteOnTheFirstReading();
        }
        if (table.equals("caution_tick")) {
            server.put("/api/v1/caution-ticks/" + UUID.randomUUID(), Map.of("job", 1, "caution", "sharp"));
        }
        if (table.equals("study")) {
            aStudy();
        }
        if (List.of("comparator_setting", "part_warmth", "ready_mark").contains(table)) {
            someoneMakesReady();
        }
        long rows = database.queryForObject("select count(*) from " + table, Long.class);
        assertThat(rows).isPositive();
        assertThatThrownBy(() -> database.execute(sql)).hasMessageContaining("insert-only");
        assertThat(database.queryForObject("select count(*) from " + table, Long.class))
                .isEqualTo(rows);
    }

    private void someoneMakesReady() {
        server.put("/api/v1/parts/1/ready-marks/" + UUID.randomUUID(), Map.of("card", "wipe", "reason", "test"));
        server.put("/api/v1/parts/1/warmths/" + UUID.randomUUID(), Map.of("part", "20", "gauge", "20"));
        long b1 = 18;
        String master = server.get("/api/v1/comparators/" + b1 + "?wanted=3.25")
                .json()
                .path("masters")
                .get(0)
                .path("key")
                .asString();
        server.put(
                "/api/v1/comparators/" + b1 + "/settings/" + UUID.randomUUID(),
                Map.of(
                        "wanted", "3.25",
                        "master", master,
                        "temperature", "",
                        "graduation", "0.0001",
                        "pressed", "fall",
                        "rocked", "rise",
                        "returned", "0"));
    }

    private void noteOnTheFirstReading() {
        UUID reading = server.bean(JdbcTemplate.class)
                .queryForObject("select id from reading order by kept_at, seq fetch first row only", UUID.class);
        server.bean(Marks.class)
                .make(new Marks.MakeMark(
                        UUID.randomUUID(), reading, ReadingMark.Kind.NOTE, ReadingMark.Answer.NONE, "seen", 1));
    }

    private void aStudy() {
        var readings = List.of(
                List.of(List.of("25.000", "25.001"), List.of("25.001", "25.001")),
                List.of(List.of("25.010", "25.011"), List.of("25.009", "25.010")));
        assertThat(server.put(
                                "/api/v1/studies/" + UUID.randomUUID(),
                                Map.of(
                                        "name",
                                        "two bars",
                                        "gauge",
                                        6,
                                        "tolerance",
                                        "0.05",
                                        "people",
                                        List.of("Ansa", "Kit"),
                                        "readings",
                                        readings))
                        .status())
                .isEqualTo(200);
    }
}
