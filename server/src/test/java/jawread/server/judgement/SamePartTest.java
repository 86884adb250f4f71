package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The same mark only proposes that it is the same part; a person says so, and its size is carried on. */
@ExtendWith(RunningServer.class)
class SamePartTest {
    private static final long TWO = 2_000_000_000L;
    private final Server server;
    private final Drafting drafting;
    private final Acts acts;

    SamePartTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
        this.acts = new Acts(server);
    }

    private OneFeature marked(String name, String mark) {
        OneFeature one = new OneFeature(server, Acts.bore(name)).with("C2");
        JsonNode plan = server.get("/api/v1/jobs/" + one.job() + "/plan")
                .json()
                .path("plans")
                .get(0);
        var listed =
                drafting.listParts(plan, List.of(Map.of("id", one.part, "name", "barrel", "mark", mark, "hours", "")));
        assertThat(listed.status()).as(listed.text()).isEqualTo(200);
        return one;
    }

    private OneFeature copy(OneFeature of) {
        JsonNode job = drafting.post(
                        "/api/v1/jobs",
                        Map.of("name", "", "limitsSource", "", "unit", "mm", "template", "", "copyOf", of.job()))
                .json();
        JsonNode plan = drafting.plan(job);
        JsonNode bench = server.get("/api/v1/bench").json().path("jobs");
        for (JsonNode each : bench) {
            if (each.path("id").asLong() == job.path("id").asLong()) {
                JsonNode part = each.path("plans").get(0).path("parts").get(0);
                return new OneFeature(
                                server,
                                part.path("id").asLong(),
                                part.path("features").get(0).path("id").asLong())
                        .with("C2");
            }
        }
        throw new AssertionError("No job " + plan);
    }

    private static String mark(JsonNode round) {
        return round.path("verdict").path("mark").asString();
    }

    private void change(OneFeature one, Map<String, Object> typed) {
        JsonNode plan = server.get("/api/v1/jobs/" + one.job() + "/plan")
                .json()
                .path("plans")
                .get(0);
        JsonNode now = plan.path("features").get(0);
        var put = Map.of(
                "key",
                now.path("key").asString(),
                "edition",
                now.path("edition").asLong(),
                "typed",
                typed);
        var changed = drafting.change(plan, List.of(put), List.of());
        assertThat(changed.status()).as(changed.text()).isEqualTo(200);
    }

    @Test
    void a_size_goes_on_to_later_inspections_once_a_person_says_that_it_is_the_same_part() {
        OneFeature first = marked("same first", "S-1");
        acts.read(first, 0, "51.20");
        acts.cut(first, 1, TWO);
        acts.read(first, 1, "52.20");
        OneFeature later = copy(first);
        // Not by what it is called: the copy knows where it comes from.
        change(later, Acts.bore("called otherwise"));

        JsonNode asked = later.sheet().path("asked");
        assertThat(asked.path("part").asLong()).isEqualTo(first.part);
        assertThat(later.sheet().path("feature").path("reworked").isMissingNode()
                        || later.sheet().path("feature").path("reworked").isNull())
                .isTrue();
        assertThat(acts.same(later.part, first.part, "SAME").status()).isEqualTo(200);
        JsonNode sheet = later.sheet();
        assertThat(sheet.path("asked").isMissingNode() || sheet.path("asked").isNull())
                .isTrue();
        assertThat(sheet.path("feature").path("reworked").path("text").asString())
                .isEqualTo("+2.00 mm");
        assertThat(sheet.path("underPlan").toString()).contains("came in at +2.00 mm", "same first");
        assertThat(later.round(sheet).path("to").isMissingNode()
                        || later.round(sheet).path("to").isNull())
                .as("nobody said so here: there is nothing to take back")
                .isTrue();
        // Worn again: stepped on from there.
        JsonNode worn = acts.read(later, 0, "53.20", "2026-03-10T15:00:00Z");
        assertThat(mark(later.round(worn))).isEqualTo("beyond-service");
        assertThat(later.round(worn).path("proposed").asLong()).isEqualTo(2 * TWO);

        // What is said of it there afterwards goes on, too.
        assertThat(acts.say(first, 1, 0L).status()).isEqualTo(200);
        assertThat(mark(later.round())).isEqualTo("beyond-service");
        assertThat(later.round().path("proposed").asLong()).isEqualTo(2 * TWO);
        assertThat(later.sheet().path("feature").path("limits").path("sentence").asString())
                .contains("50.0");
        assertThat(acts.say(first, 1, TWO).status()).isEqualTo(200);
        assertThat(later.sheet().path("feature").path("limits").path("sentence").asString())
                .contains("52.0");

        JsonNode overTime = server.get(
                        "/api/v1/parts/" + later.part + "/features/" + later.feature + "/over-time?days=true")
                .json();
        assertThat(overTime.path("inspections").size()).isEqualTo(3);
        assertThat(overTime.path("inspections").get(0).path("byMark").asBoolean())
                .isFalse();

        assertThat(acts.same(later.part, first.part, "OPEN").status()).isEqualTo(200);
        assertThat(later.sheet().path("asked").path("part").asLong()).isEqualTo(first.part);
        assertThat(later.sheet().path("feature").path("limits").path("sentence").asString())
                .contains("50.0");
    }

    @Test
    void two_parts_of_one_mark_stay_two_and_nothing_goes_from_one_to_the_other() {
        OneFeature one = marked("two of a mark", "2");
        acts.read(one, 0, "50.20");
        acts.say(one, 0, TWO);
        OneFeature other = marked("two of a mark", "2");
        JsonNode which = other.judgement().path("which");
        assertThat(which.path("same").size()).isZero();
        assertThat(which.path("asked").get(0).path("part").asLong()).isEqualTo(one.part);
        JsonNode said = acts.same(other.part, one.part, "OTHER").shown();
        assertThat(said.path("which").path("asked").size()).isZero();
        acts.read(other, 0, "50.20");
        assertThat(mark(other.round())).isEqualTo("as-new");
        assertThat(acts.same(one.part, one.part, "SAME").code()).isEqualTo("same-plan");
    }

    @Test
    void parts_that_are_one_are_asked_for_once_and_not_where_one_of_them_is_not_this() {
        OneFeature first = marked("in a row", "R-1");
        acts.read(first, 0, "50.20");
        OneFeature second = marked("in a row", "R-1");
        OneFeature later = marked("in a row", "R-1");
        assertThat(acts.same(first.part, second.part, "SAME").status()).isEqualTo(200);
        assertThat(asked(later))
                .as("the other of the two nobody has measured yet")
                .containsExactly(first.part);
        acts.read(second, 0, "50.20");
        assertThat(asked(later)).containsExactly(second.part);
        assertThat(acts.same(later.part, first.part, "OTHER").status()).isEqualTo(200);
        assertThat(asked(later)).isEmpty();
        assertThat(acts.same(later.part, first.part, "OPEN").status()).isEqualTo(200);
        assertThat(asked(later)).containsExactly(second.part);
    }

    private static List<Long> asked(OneFeature one) {
        return one.judgement()
                .path("which")
                .path("asked")
                .valueStream()
                .map(each -> each.path("part").asLong())
                .toList();
    }

    @Test
    void a_plan_that_does_not_list_the_size_says_what_it_was_and_judges_by_its_own() {
        OneFeature first = marked("unlisted", "U-1");
        acts.read(first, 0, "52.20");
        acts.say(first, 0, TWO);
        OneFeature later = copy(first);
        Map<String, Object> typed = Acts.bore("unlisted");
        typed.put("limits", "52 +0.4/0");
        typed.put("service", "52.8");
        change(later, typed);
        acts.same(later.part, first.part, "SAME");
        JsonNode sheet = later.sheet();
        assertThat(sheet.path("underPlan").toString()).contains("left at +2.00 mm", "say what size it is");
        assertThat(sheet.path("feature").path("limits").path("sentence").asString())
                .contains("52.0", "52.4");
    }
}
