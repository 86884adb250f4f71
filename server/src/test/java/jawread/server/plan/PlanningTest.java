package jawread.server.plan;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PlanningTest {
    private final Server server;
    private final Drafting drafting;

    PlanningTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    // --- What a browser sends
    // -------------------------------------------------------------------------------------------

    private Answer post(String path, Object body) {
        return drafting.post(path, body);
    }

    private Answer put(String path, long edition, Object body) {
        return server.send(
                Server.json(server.ansasRequest(path).header("If-Match", "\"" + edition + "\""), "PUT", body));
    }

    private JsonNode open(String name, String unit, String template) {
        Answer answer = post(
                "/api/v1/jobs",
                Map.of("name", name, "limitsSource", "drawing 1, revision A", "unit", unit, "template", template));
        assertThat(answer.status()).isEqualTo(201);
        return answer.json();
    }

    private JsonNode plan(JsonNode job) {
        return drafting.plan(job);
    }

    private Answer change(JsonNode plan, Object puts, Object removes) {
        return drafting.change(plan, puts, removes);
    }

    private Answer add(JsonNode plan, Map<String, Object> typed) {
        return drafting.add(plan, typed);
    }

    private static List<String> names(JsonNode plan) {
        return StreamSupport.stream(plan.path("features").spliterator(), false)
                .map(feature -> feature.path("typed").path("name").asString())
                .toList();
    }

    // --- Features
    // --------------------------------------------------------------------------------------------------------

    @Test
    void a_feature_is_understood_and_shown_in_both_units() {
        JsonNode plan = plan(open("fits", "mm", ""));
        JsonNode feature = add(plan, typed("bush", "bore", "44 H8/f7"))
                .json()
                .path("changed")
                .get(0);
        assertThat(feature.path("limits").path("sentence").asString())
                .isEqualTo("44.000 mm (1.73228 in) to 44.039 mm (1.73382 in)");
        assertThat(feature.path("mate").path("sentence").asString()).startsWith("Clearance from 0.025 mm");
        assertThat(feature.path("places")).hasSize(6);
        assertThat(feature.path("readings").asInt()).isEqualTo(12);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "limits | 44 H8 | class-of-a-hole",
                "limits | 44 | no-tolerance",
                "service | 45 | service-above-new",
                "sections | top 5, top 9 | section-twice",
                "keepClear | ports | bad-band",
                "name | '' | feature-name"
            })
    void what_cannot_be_is_refused_at_its_field_and_nothing_is_kept(String field, String text, String code) {
        JsonNode plan = plan(open("refused", "mm", ""));
        Map<String, Object> typed = typed("journal", "outside", "44 h8");
        typed.put(field, text);
        Answer answer = add(plan, typed);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.json().path("field").asString()).isEqualTo(field);
        assertThat(answer.sentence()).isNotBlank();
    }

    @Test
    void each_change_is_answered_with_the_one_that_takes_it_back() {
        JsonNode job = open("undone", "mm", "turned-shaft");
        JsonNode plan = plan(job);
        List<String> before = names(plan);
        JsonNode body = plan.path("features").get(1);
        var puts = List.of(
                Map.of("key", UUID.randomUUID(), "at", 0, "typed", typed("first", "outside", "12 h6")),
                Map.of(
                        "key", body.path("key").asString(),
                        "edition", body.path("edition").asLong(),
                        "typed", typed("waist", "outside", "32 h9")));
        JsonNode last = plan.path("features").get(4);
        var removes = List.of(Map.of(
                "key",
                last.path("key").asString(),
                "edition",
                last.path("edition").asLong()));
        JsonNode done = change(plan, puts, removes).json();
        assertThat(names(plan(job))).containsExactly("first", "left end", "waist", "right end", "shoulder length");

        JsonNode undone = post("/api/v1/plans/" + plan.path("id").asLong() + "/changes", done.path("undo"))
                .json();
        assertThat(names(plan(job))).isEqualTo(before);
        post("/api/v1/plans/" + plan.path("id").asLong() + "/changes", undone.path("undo"));
        assertThat(names(plan(job))).containsExactly("first", "left end", "waist", "right end", "shoulder length");
    }

    @Test
    void two_people_at_one_feature_are_told_of_each_other_and_at_two_features_are_not() {
        JsonNode job = open("two people", "mm", "turned-shaft");
        JsonNode plan = plan(job);
        JsonNode body = plan.path("features").get(1);
        JsonNode end = plan.path("features").get(0);
        for (String limits : List.of("32 h9", "32 h8")) {
            Answer answer = change(
                    plan,
                    List.of(Map.of(
                            "key", body.path("key").asString(),
                            "edition", body.path("edition").asLong(),
                            "typed", typed("body", "outside", limits))),
                    List.of());
            assertThat(answer.status()).isEqualTo(limits.equals("32 h9") ? 200 : 412);
            if (answer.status() == 412) {
                assertThat(answer.code()).isEqualTo("plan-changed");
                assertThat(answer.json().path("field").asString())
                        .isEqualTo(body.path("key").asString());
                assertThat(answer.sentence()).contains("Ansa changed", "32 h9");
                // What mine would now be made on.
                JsonNode theirs = plan(job).path("features").get(1);
                assertThat(answer.json().path("hint").asString())
                        .isEqualTo(theirs.path("edition").asString());
            }
        }
        assertThat(change(
                                plan,
                                List.of(),
                                List.of(Map.of(
                                        "key", end.path("key").asString(),
                                        "edition", end.path("edition").asLong())))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void a_plan_that_was_read_against_goes_on_to_its_next_revision_and_what_was_read_goes_with_it() {
        JsonNode job = open("revised", "mm", "");
        JsonNode plan = plan(job);
        add(plan, typed("body", "outside", "32 h9"));
        add(plan, typed("end", "outside", "25 k6"));
        JsonNode before = plan(job);
        long part = before.path("parts").get(0).path("id").asLong();
        JsonNode body = before.path("features").get(0);
        JsonNode end = before.path("features").get(1);
        for (JsonNode feature : List.of(body, end)) {
            keep(part, feature.path("edition").asLong(), "31.97");
        }
        JsonNode done = change(
                        before,
                        List.of(Map.of(
                                "key", body.path("key").asString(),
                                "edition", body.path("edition").asLong(),
                                "typed", typed("body", "outside", "32 h8"))),
                        List.of())
                .json();
        assertThat(done.path("revision").asInt()).isEqualTo(2);
        assertThat(done.path("say").asString()).contains("revision 2", "judged by it at once");

        // The feature left alone is the same edition; of the changed one what was read is judged by the new one.
        JsonNode after = plan(job);
        long endNow = after.path("features").get(1).path("edition").asLong();
        assertThat(endNow).isEqualTo(end.path("edition").asLong());
        assertThat(readings(sheet(part, endNow))).isEqualTo(1);
        long bodyNow = after.path("features").get(0).path("edition").asLong();
        assertThat(readings(sheet(part, bodyNow))).isEqualTo(1);
        JsonNode old = sheet(part, body.path("edition").asLong());
        assertThat(readings(old)).isEqualTo(1);
        assertThat(old.path("feature").path("id").asLong()).isEqualTo(bodyNow);

        // One who had the old sheet open and sends a reading loses nothing.
        assertThat(keep(part, body.path("edition").asLong(), "31.971").status()).isEqualTo(201);
        assertThat(readings(sheet(part, bodyNow))).isEqualTo(2);
        assertThat(plan(job).path("revision").asInt()).isEqualTo(2);
    }

    private JsonNode sheet(long part, long feature) {
        return server.get("/api/v1/parts/" + part + "/features/" + feature + "/sheet")
                .json();
    }

    private static int readings(JsonNode sheet) {
        return sheet.path("rounds")
                .get(0)
                .path("places")
                .get(0)
                .path("readings")
                .size();
    }

    private Answer keep(long part, long feature, String figure) {
        var body = new LinkedHashMap<String, Object>();
        body.put("part", part);
        body.put("feature", feature);
        body.put("round", 0);
        body.put(
                "place",
                sheet(part, feature)
                        .path("rounds")
                        .get(0)
                        .path("places")
                        .get(0)
                        .path("id")
                        .asLong());
        body.put("gauge", 6);
        body.put("person", 1);
        body.put("typed", figure);
        body.put("takenAt", "2026-03-10T08:00:00Z");
        return server.put("/api/v1/readings/" + UUID.randomUUID(), body);
    }

    // --- Heads, parts, pasting
    // ---------------------------------------------------------------------------------------------

    private static Map<String, Object> head(JsonNode job) {
        var body = new LinkedHashMap<String, Object>();
        for (String text : List.of(
                "name", "about", "limitsSource", "customerReference", "unit", "material", "temperature", "decider")) {
            body.put(text, job.path(text).asString());
        }
        body.put("livesHangOnIt", job.path("livesHangOnIt").asBoolean());
        body.put("choices", Map.of());
        return body;
    }

    @ParameterizedTest
    @CsvSource({
        "name, '', job-name",
        "material, wood, no-such-material",
        "temperature, -300, bad-temperature",
        "temperature, warm, bad-temperature",
        "unit, ft, bad-unit"
    })
    void a_head_that_cannot_be_is_refused_at_its_field(String field, String text, String code) {
        JsonNode job = open("heads", "mm", "");
        Map<String, Object> head = head(job);
        head.put(field, text);
        Answer answer = put(
                "/api/v1/jobs/" + job.path("id").asLong(), job.path("edition").asLong(), head);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.json().path("field").asString()).isEqualTo(field);
    }

    @Test
    void a_head_is_changed_on_the_edition_that_was_looked_at() {
        JsonNode job = open("edited", "mm", "turned-shaft");
        String path = "/api/v1/jobs/" + job.path("id").asLong();
        Map<String, Object> head = head(job);
        head.put("choices", Map.of("general-tolerance", "m", "repeats", "three-alike"));
        assertThat(server.put(path, head).status()).isEqualTo(428);
        assertThat(put(path, job.path("edition").asLong(), head).status()).isEqualTo(200);
        assertThat(put(path, job.path("edition").asLong(), head).code()).isEqualTo("changed-meanwhile");

        // A size without a tolerance of its own is now the title block's; with one it is planned, and the unit is
        // settled.
        JsonNode plan = plan(job);
        JsonNode body = add(plan, typed("collar", "outside", "40"))
                .json()
                .path("changed")
                .get(0);
        assertThat(body.path("brief").asString()).isEqualTo("39.7 / 40.3");
        assertThat(body.path("readings").asInt()).isEqualTo(12);
        JsonNode now = server.get(path + "/plan").json();
        Map<String, Object> inches = head(now);
        inches.put("unit", "in");
        assertThat(put(path, now.path("edition").asLong(), inches).code()).isEqualTo("unit-in-use");
    }

    @Test
    void a_changed_title_block_is_understood_throughout() {
        JsonNode job = open("restated", "mm", "");
        String path = "/api/v1/jobs/" + job.path("id").asLong();
        JsonNode medium = choose(path, "m").json();
        JsonNode plan = medium.path("plans").get(0);
        add(plan, typed("collar", "outside", "40"));
        add(plan, typed("body", "outside", "32 h9"));
        JsonNode before = plan(job).path("features");
        JsonNode after = choose(path, "f").json().path("plans").get(0).path("features");
        assertThat(after.get(0).path("brief").asString()).isEqualTo("39.85 / 40.15");
        // What has limits of its own stays the very edition it was.
        assertThat(after.get(1).path("edition").asLong())
                .isEqualTo(before.get(1).path("edition").asLong());
        Answer none = choose(path, "none");
        assertThat(none.code()).isEqualTo("tolerance-needed");
        assertThat(none.sentence()).contains("collar is written 40");
        assertThat(plan(job).path("features").get(0).path("brief").asString()).isEqualTo("39.85 / 40.15");
    }

    private Answer choose(String path, String generalTolerance) {
        JsonNode now = server.get(path + "/plan").json();
        Map<String, Object> head = head(now);
        head.put("choices", Map.of("general-tolerance", generalTolerance));
        return put(path, now.path("edition").asLong(), head);
    }

    @Test
    void a_figure_for_a_feature_replaced_before_anything_was_read_counts_by_what_replaced_it() {
        JsonNode job = open("went on", "mm", "");
        JsonNode plan = plan(job);
        JsonNode old = add(plan, typed("body", "outside", "32 h9"))
                .json()
                .path("changed")
                .get(0);
        long part = plan.path("parts").get(0).path("id").asLong();
        long place = sheet(part, old.path("edition").asLong())
                .path("rounds")
                .get(0)
                .path("places")
                .get(0)
                .path("id")
                .asLong();
        change(
                plan,
                List.of(Map.of(
                        "key", old.path("key").asString(),
                        "edition", old.path("edition").asLong(),
                        "typed", typed("body", "outside", "32 h8"))),
                List.of());
        Answer answer = server.put(
                "/api/v1/readings/" + UUID.randomUUID(),
                Map.of(
                        "part",
                        part,
                        "feature",
                        old.path("edition").asLong(),
                        "round",
                        0,
                        "place",
                        place,
                        "gauge",
                        6,
                        "person",
                        1,
                        "typed",
                        "31.97",
                        "takenAt",
                        "2026-03-10T08:00:00Z"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        assertThat(readings(sheet(part, old.path("edition").asLong()))).isEqualTo(1);
        assertThat(answer.shown().path("feature").path("limits").toString()).contains("31.961");
    }

    @Test
    void lives_hang_on_it_asks_who_decides() {
        JsonNode job = open("brakes", "mm", "");
        Map<String, Object> head = head(job);
        head.put("livesHangOnIt", true);
        String path = "/api/v1/jobs/" + job.path("id").asLong();
        assertThat(put(path, job.path("edition").asLong(), head).code()).isEqualTo("no-decider");
        head.put("decider", "the inspector");
        assertThat(put(path, job.path("edition").asLong(), head)
                        .json()
                        .path("lives")
                        .asString())
                .contains("the inspector decides", "certifies nothing");
    }

    @Test
    void a_copy_says_the_same_and_holds_nothing_that_was_read() {
        JsonNode job = server.get("/api/v1/bench").json().path("jobs").get(0);
        JsonNode from = server.get("/api/v1/jobs/1/plan").json();
        JsonNode copy = post(
                        "/api/v1/jobs",
                        Map.of("name", "", "limitsSource", "", "unit", "mm", "template", "", "copyOf", 1))
                .json();
        assertThat(job.path("id").asLong()).isPositive();
        // Copies are numbered, and a copy of a copy goes on counting.
        String name = from.path("name").asString();
        assertThat(copy.path("name").asString()).isEqualTo(name + " (2)");
        JsonNode third = post(
                        "/api/v1/jobs",
                        Map.of(
                                "name", "",
                                "limitsSource", "",
                                "unit", "mm",
                                "template", "",
                                "copyOf", copy.path("id").asLong()))
                .json();
        assertThat(third.path("name").asString()).isEqualTo(name + " (3)");
        assertThat(names(copy.path("plans").get(0)))
                .isEqualTo(names(from.path("plans").get(0)));
        assertThat(copy.path("limitsSource").asString()).isEqualTo("drawing LW-118, revision B");
        assertThat(copy.path("plans").get(0).path("parts").get(0).path("read").asBoolean())
                .isFalse();
    }

    @Test
    void a_pasted_table_is_understood_row_by_row_with_what_cannot_be() {
        JsonNode plan = plan(open("pasted", "in", ""));
        JsonNode pasted = post(
                        "/api/v1/plans/" + plan.path("id").asLong() + "/pasted",
                        Map.of(
                                "text",
                                "feature\tlimits\tservice limit\tcolour\n"
                                        + "barrel bore\t3.2500 +0.0018/0\t3.2600\tred\n"
                                        + "flange step\t0.4380 ± 0.0030\t\tblue\n"
                                        + "pin\t1.25x\t\t\n"))
                .json();
        assertThat(pasted.path("columns").toString()).isEqualTo("[\"name\",\"limits\",\"service\",\"\"]");
        JsonNode rows = pasted.path("rows");
        assertThat(rows).hasSize(3);
        assertThat(rows.get(0).path("feature").path("typed").path("kind").asString())
                .isEqualTo("bore");
        assertThat(rows.get(0)
                        .path("feature")
                        .path("understood")
                        .path("service")
                        .asString())
                .isEqualTo("May wear up to 3.2600 in (82.8040 mm).");
        assertThat(rows.get(1).path("feature").path("typed").path("kind").asString())
                .isEqualTo("step");
        assertThat(rows.get(2).path("line").asInt()).isEqualTo(4);
        assertThat(rows.get(2).path("feature").path("refused").path("limits").asString())
                .isNotBlank();
        assertThat(post("/api/v1/plans/" + plan.path("id").asLong() + "/pasted", Map.of("text", " \n"))
                        .code())
                .isEqualTo("nothing-pasted");
        assertThat(names(plan(open("pasted once more", "in", "")))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            feature;limits [in]~bore;3.2500 +0.0018/0                          | 3.2500 / 3.2518 in
            Old pump, sheet 2~~feature;nominal;upper;lower;unit~bore;3.25;0.0018;0;in | 3.2500 / 3.2518 in
            feature;Nominal [mm];Max;Min~pin;25;25,02;24,99                     | 24.99 / 25.02 mm
            name;basic size;+;-;units~pin;25;0,02;-0,01;mm                       | 24.99 / 25.02 mm
            number;feature;kind;lower;upper;service;unit~7;pin;outside;24.99;25.02;;mm | 24.99 / 25.02 mm
            feature;max [mm];min~depth;12;                                       | at most 12 mm
            """)
    void limits_in_one_column_or_in_several(String table, String limits) {
        JsonNode plan = plan(open("pasted " + table.hashCode(), limits.endsWith("in") ? "in" : "mm", ""));
        JsonNode rows = post(
                        "/api/v1/plans/" + plan.path("id").asLong() + "/pasted",
                        Map.of("text", table.replace('~', '\n')))
                .json()
                .path("rows");
        assertThat(rows).hasSize(1);
        assertThat(rows.get(0).path("feature").path("refused").toString())
                .as(rows.toString())
                .isEqualTo("{}");
        assertThat(rows.get(0).path("feature").path("limits").path("sentence").asString())
                .contains(limits.split(" / | in$| mm$|at most "));
    }

    @Test
    void a_part_that_was_read_on_stays_on_the_list() {
        JsonNode plan = server.get("/api/v1/jobs/1/plan").json().path("plans").get(0);
        Answer answer = put(
                "/api/v1/plans/" + plan.path("id").asLong() + "/parts",
                plan.path("edition").asLong(),
                Map.of("parts", List.of(Map.of("name", "shaft 9", "mark", "", "hours", ""))));
        assertThat(answer.code()).isEqualTo("part-was-read");
        assertThat(answer.sentence()).contains("shaft 1");
    }

    @Test
    void a_part_taken_off_the_list_still_has_its_page_where_an_old_link_leads() {
        JsonNode plan = plan(open("one part off the list", "mm", ""));
        long part = plan.path("parts").get(0).path("id").asLong();
        put(
                "/api/v1/plans/" + plan.path("id").asLong() + "/parts",
                plan.path("edition").asLong(),
                Map.of("parts", List.of(Map.of("name", "another", "mark", "", "hours", ""))));
        Answer page = server.get("/api/v1/parts/" + part + "/judgement");
        assertThat(page.status()).as(page.text()).isEqualTo(200);
    }

    @Test
    void every_template_opens_a_job_whose_features_wait_for_their_limits() {
        for (JsonNode template : server.get("/api/v1/templates").json()) {
            JsonNode job = open("from " + template.asString(), "mm", template.asString());
            for (JsonNode plan : job.path("plans")) {
                assertThat(plan.path("features")).as(template.asString()).isNotEmpty();
                assertThat(plan.path("features"))
                        .allSatisfy(feature -> assertThat(feature.has("limits")).isFalse());
            }
        }
    }
}
