package jawread.server.judgement;

import static jawread.server.Drafting.gauge;
import static jawread.server.judgement.OneFeature.journal;
import static jawread.server.judgement.OneFeature.onePlace;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import javax.sql.DataSource;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import jawread.server.live.AtOnce;
import jawread.server.storage.Trouble;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Whoever changes a thing takes its lock before reading what decides it: two at one moment are as good as one after the other. */
@ExtendWith(RunningServer.class)
class LocksFirstTest {
    private static final int ROUNDS = 5;
    private final Server server;
    private final Drafting drafting;

    LocksFirstTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    /** A micrometer of its own, with which nothing was read yet. */
    private long newGauge() {
        String number = "L" + UUID.randomUUID().toString().substring(0, 8);
        Map<String, Object> typed = gauge(number, "outside-micrometer", "mic-mm-001", "25", "50");
        assertThat(drafting.post("/api/v1/drawer/gauges", Map.of("gauges", List.of(typed)))
                        .status())
                .isEqualTo(200);
        return OneFeature.numbered(server, number);
    }

    private JsonNode page(long gauge) {
        return server.get("/api/v1/drawer/gauges/" + gauge).json();
    }

    private Answer describe(long gauge, String field, String value) {
        JsonNode page = page(gauge);
        var typed = new LinkedHashMap<String, Object>();
        page.path("typed").properties().forEach(each -> typed.put(each.getKey(), each.getValue()));
        typed.put(field, value);
        return server.send(Server.json(
                server.ansasRequest("/api/v1/drawer/gauges/" + gauge)
                        .header("If-Match", "\"" + page.path("edition").asLong() + "\""),
                "PUT",
                typed));
    }

    @RepeatedTest(ROUNDS)
    void a_gauges_scale_is_not_changed_under_a_reading() throws Exception {
        var one = new OneFeature(server, onePlace("scale " + UUID.randomUUID(), "outside", "32 h9"));
        one.gauge = newGauge();
        long place = one.round().path("at").asLong();
        var body = one.body(place, "31.97");
        body.remove("typed");
        // 14 half millimetres and 25 lines: 32.25 by hundredths; a thimble of fifty lines of a thousandth has no such
        // line.
        body.put("parts", Map.of("sleeve", 14, "thimble", 25));
        List<Answer> both = AtOnce.of(
                () -> server.put("/api/v1/readings/" + UUID.randomUUID(), body),
                () -> describe(one.gauge, "scale", "mic-mm-0001"));
        assertThat(both.get(0).status()).isIn(201, 422);
        boolean isRead = both.get(0).status() == 201;
        String scale = page(one.gauge).path("typed").path("scale").asString();
        assertThat(both.get(1).status()).as(both.get(1).text()).isEqualTo(isRead ? 422 : 200);
        assertThat(scale).isEqualTo(isRead ? "mic-mm-001" : "mic-mm-0001");
    }

    @RepeatedTest(ROUNDS)
    void no_reading_is_kept_after_its_gauge_was_quarantined() throws Exception {
        var one = new OneFeature(server, onePlace("quarantine " + UUID.randomUUID(), "outside", "32 h9"));
        one.gauge = newGauge();
        long place = one.round().path("at").asLong();
        List<Callable<Answer>> acts = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            acts.add(() -> server.put("/api/v1/readings/" + UUID.randomUUID(), one.body(place, "31.97")));
        }
        acts.add(() -> server.put(
                "/api/v1/drawer/gauges/" + one.gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", "quarantined", "words", "dropped")));
        List<Answer> answers = AtOnce.of(acts);
        assertThat(answers.get(4).status()).isEqualTo(200);
        var database = server.bean(JdbcTemplate.class);
        assertThat(database.queryForList(
                        "select distinct gauge_state from reading where gauge_id = ?", String.class, one.gauge))
                .as("a reading bears the state its gauge had")
                .isSubsetOf("IN_USE");
        long kept = answers.stream()
                .limit(4)
                .filter(answer -> answer.status() == 201)
                .count();
        assertThat(answers.stream()
                        .limit(4)
                        .filter(answer -> answer.code().equals("gauge-not-fit"))
                        .count())
                .isEqualTo(4 - kept);
        Long after = database.queryForObject(
                "select count(*) from reading r join gauge_event e on e.gauge_id = r.gauge_id and e.kind = 'QUARANTINED'"
                        + " where r.gauge_id = ? and r.kept_at > e.at",
                Long.class,
                one.gauge);
        assertThat(after).isZero();
    }

    @RepeatedTest(ROUNDS)
    void two_who_quarantine_a_gauge_write_it_down_once() throws Exception {
        long gauge = newGauge();
        Callable<Answer> act = () -> server.put(
                "/api/v1/drawer/gauges/" + gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", "quarantined", "words", "dropped"));
        assertThat(AtOnce.of(act, act).stream().map(Answer::status)).containsExactlyInAnyOrder(200, 422);
    }

    @RepeatedTest(ROUNDS)
    void two_who_take_a_third_axis_take_it_once() throws Exception {
        var one = new OneFeature(server, journal("third axis " + UUID.randomUUID()));
        Callable<Answer> act = () -> server.put(
                "/api/v1/parts/" + one.part + "/features/" + one.feature + "/axes/45",
                Map.of("sections", List.of("left", "right"), "person", 1));
        assertThat(AtOnce.of(act, act).stream().map(Answer::status)).containsOnly(200);
        assertThat(one.round().path("places")).hasSize(6);
    }

    @RepeatedTest(ROUNDS)
    void two_kinds_of_part_stand_beside_each_other() throws Exception {
        JsonNode job = drafting.open("kinds " + UUID.randomUUID(), "mm", "");
        Callable<Answer> act = () -> drafting.post(
                "/api/v1/jobs/" + job.path("id").asLong() + "/plans",
                Map.of("name", "bush", "shape", "bush", "rounds", "cuts"));
        assertThat(AtOnce.of(act, act).stream().map(Answer::status)).containsOnly(200);
        assertThat(server.bean(JdbcTemplate.class)
                        .queryForList(
                                "select position from plan where job_id = ? order by position",
                                Integer.class,
                                job.path("id").asLong()))
                .containsExactly(1, 2, 3);
    }

    @RepeatedTest(ROUNDS)
    void the_same_reading_sent_by_ten_at_one_moment_is_kept_once_and_answered_to_all() throws Exception {
        var one = new OneFeature(server, onePlace("the same " + UUID.randomUUID(), "outside", "32 h9"));
        var body = one.body(one.round().path("at").asLong(), "31.970");
        UUID id = UUID.randomUUID();
        Callable<Answer> act = () -> server.put("/api/v1/readings/" + id, body);
        List<Answer> answers = AtOnce.of(Collections.nCopies(10, act));
        assertThat(answers.stream().map(Answer::status).sorted())
                .containsExactlyElementsOf(Stream.concat(Collections.nCopies(9, 200).stream(), Stream.of(201))
                        .toList());
        assertThat(answers.stream()
                        .map(answer -> answer.json().path("seq").asLong())
                        .distinct())
                .hasSize(1);
    }

    @RepeatedTest(ROUNDS)
    void one_number_sent_for_two_parts_at_one_moment_is_kept_for_one_of_them() throws Exception {
        UUID id = UUID.randomUUID();
        var one = new OneFeature(server, onePlace("one " + id, "outside", "32 h9"));
        var other = new OneFeature(server, onePlace("other " + id, "outside", "32 h9"));
        List<Callable<Answer>> acts = Stream.of(one, other)
                .<Callable<Answer>>map(of -> {
                    var body = of.body(of.round().path("at").asLong(), "31.970");
                    body.put("gauge", OneFeature.numbered(server, of == one ? "M6" : "M9"));
                    return () -> server.put("/api/v1/readings/" + id, body);
                })
                .toList();
        assertThat(AtOnce.of(acts).stream().map(Answer::status)).containsExactlyInAnyOrder(201, 409);
    }

    @RepeatedTest(ROUNDS)
    void two_gauges_of_one_number_are_one_gauge_and_a_refusal() throws Exception {
        String number = "N" + UUID.randomUUID().toString().substring(0, 8);
        Callable<Answer> act = () -> drafting.post(
                "/api/v1/drawer/gauges",
                Map.of("gauges", List.of(gauge(number, "outside-micrometer", "mic-mm-001", "25", "50"))));
        List<Answer> answers = AtOnce.of(act, act);
        assertThat(answers.stream().map(Answer::status)).containsExactlyInAnyOrder(200, 422);
        assertThat(answers.stream().filter(answer -> answer.status() == 422).map(Answer::code))
                .containsExactly("number-taken");
    }

    @RepeatedTest(ROUNDS)
    void two_people_of_one_name_are_one_person_and_a_refusal() throws Exception {
        String name = "Twin " + UUID.randomUUID();
        Callable<Answer> act = () -> server.post("/api/v1/people", Map.of("name", name, "does", ""));
        assertThat(AtOnce.of(act, act).stream().map(Answer::status)).containsExactlyInAnyOrder(201, 422);
    }

    @RepeatedTest(ROUNDS)
    void two_who_describe_a_gauge_anew_are_told_of_each_other() throws Exception {
        long gauge = newGauge();
        long before = page(gauge).path("edition").asLong();
        List<Answer> answers = AtOnce.of(() -> describe(gauge, "name", "this"), () -> describe(gauge, "name", "that"));
        // Whoever looked after the other had written is no second at all.
        assertThat(answers.stream().map(Answer::status)).isSubsetOf(200, 412).contains(200);
        assertThat(page(gauge).path("edition").asLong())
                .isEqualTo(before
                        + answers.stream()
                                .filter(answer -> answer.status() == 200)
                                .count());
    }

    @Test
    void twenty_people_at_mixed_acts_see_no_deadlock_and_no_failure() throws Exception {
        var jobs = IntStream.range(0, 3)
                .mapToObj(i -> new OneFeature(server, journal("mixed " + i + " " + UUID.randomUUID())))
                .toList();
        List<Long> gauges = Stream.generate(this::newGauge).limit(3).toList();
        List<Callable<List<Answer>>> people = new ArrayList<>();
        for (int person = 0; person < 20; person++) {
            int own = person;
            people.add(() -> {
                var answers = new ArrayList<Answer>();
                for (int i = 0; i < 6; i++) {
                    answers.add(act(own + i * 7, jobs, gauges));
                }
                return answers;
            });
        }
        List<Answer> answers = AtOnce.of(people).stream().flatMap(List::stream).toList();
        assertThat(answers.stream().filter(answer -> answer.status() >= 500).map(Answer::text))
                .isEmpty();
        assertThat(answers.stream().filter(answer -> answer.status() < 300).count())
                .as("most of it is done")
                .isGreaterThan(answers.size() / 2);
        assertThat(Trouble.pagesMadeUnderLocks()).isEmpty();
    }

    private Answer act(int what, List<OneFeature> jobs, List<Long> gauges) {
        OneFeature of = jobs.get(what % jobs.size());
        long gauge = gauges.get(what / 2 % gauges.size());
        UUID id = UUID.randomUUID();
        return switch (what % 7) {
            case 0 -> drafting.add(plan(of), onePlace("pin " + id, "outside", "12 h9"));
            case 1 ->
                server.put(
                        "/api/v1/drawer/gauges/" + gauge + "/checks/" + id,
                        Map.of(
                                "shown",
                                "0",
                                "done",
                                "nothing",
                                "shownAfter",
                                "",
                                "temperature",
                                "",
                                "unitConfirmed",
                                true));
            case 2 ->
                server.put(
                        "/api/v1/place-marks/" + id,
                        Map.of(
                                "part",
                                of.part,
                                "feature",
                                of.feature,
                                "round",
                                0,
                                "place",
                                of.round()
                                        .path("places")
                                        .get(what % 4)
                                        .path("id")
                                        .asLong(),
                                "kind",
                                "NOTE",
                                "reason",
                                "seen",
                                "person",
                                1));
            case 3 ->
                server.put("/api/v1/parts/" + of.part + "/warmths/" + id, Map.of("part", "21.5", "gauge", "20.5"));
            case 4 -> {
                Answer soaks =
                        server.put("/api/v1/soakings/" + id, Map.of("what", "part", "part", of.part, "minutes", 5));
                server.put("/api/v1/soakings/" + id + "/taken-up", Map.of());
                yield soaks;
            }
            default -> {
                var body = of.body(of.round().path("at").asLong(), "31.97");
                body.put("gauge", gauge);
                yield server.put("/api/v1/readings/" + id, body);
            }
        };
    }

    private JsonNode plan(OneFeature of) {
        long job = of.sheet().path("job").path("id").asLong();
        return drafting.plan(server.get("/api/v1/jobs/" + job + "/plan").json());
    }

    @Test
    void a_lock_that_is_not_had_in_time_is_said_and_when_to_try_again() throws Exception {
        var one = new OneFeature(server, onePlace("held " + UUID.randomUUID(), "outside", "32 h9"));
        var body = one.body(one.round().path("at").asLong(), "31.970");
        long job = one.sheet().path("job").path("id").asLong();
        try (var somebody = server.bean(DataSource.class).getConnection()) {
            somebody.setAutoCommit(false);
            somebody.createStatement().executeQuery("SELECT id FROM job WHERE id = " + job + " FOR UPDATE");
            Answer busy = server.put("/api/v1/readings/" + UUID.randomUUID(), body);
            assertThat(busy.status()).isEqualTo(503);
            assertThat(busy.code()).isEqualTo("busy");
            assertThat(busy.header("Retry-After")).isEqualTo("1");
            assertThat(one.sheet().path("rounds"))
                    .as("looking waits for nobody")
                    .isNotEmpty();
            somebody.rollback();
        }
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).status())
                .isEqualTo(201);
    }

    @Test
    void a_tab_that_does_not_know_of_a_cut_is_told_so_and_one_that_was_only_slow_is_kept() {
        var walk = new Walk(server, "shaft 4", "left end");
        assertThat(walk.keep(walk.typed(0, "25.020")).status()).isEqualTo(201);
        Map<String, Object> slow = walk.typed(0, "25.021");
        slow.put("takenAt", server.get("/api/v1/shop").json().path("now").asString());
        assertThat(walk.cut(UUID.randomUUID(), 1, "0.010").status()).isEqualTo(200);

        Answer stale = walk.keep(walk.typed(0, "25.011"));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.code()).isEqualTo("round-over");
        assertThat(stale.sentence()).contains("A cut was taken here");
        assertThat(walk.keep(slow).status())
                .as("taken before the cut, and long on its way")
                .isEqualTo(201);
        assertThat(StreamSupport.stream(walk.sheet().path("rounds").spliterator(), false)
                        .map(round ->
                                round.path("places").get(0).path("readings").size()))
                .containsExactly(2, 0);
    }
}
