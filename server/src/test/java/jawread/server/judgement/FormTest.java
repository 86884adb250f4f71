package jawread.server.judgement;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a feature's form comes to as it is measured, and the axis that is taken besides the plan's. */
@ExtendWith(RunningServer.class)
class FormTest {
    private final Server server;

    FormTest(Server server) {
        this.server = server;
    }

    /** A shaft of two sections across two axes, read with M6 to 0.001 mm. */
    private static Map<String, Object> journal(String name, String outOfRound, String taper) {
        Map<String, Object> typed = typed(name, "outside", "32.000 +0.020/-0.100");
        typed.put("lies", "0-60");
        typed.put("sections", "left 10; right 50");
        typed.put("axes", "thrust 0; cross 90");
        typed.put("layout", "free");
        typed.put("outOfRound", outOfRound);
        typed.put("taper", taper);
        return typed;
    }

    private OneFeature measured(Map<String, Object> typed, String... sizes) {
        var one = new OneFeature(server, typed);
        for (String size : sizes) {
            one.read(size, size);
        }
        return one;
    }

    private static JsonNode form(OneFeature one) {
        return one.judgement().path("features").get(0).path("form");
    }

    private static JsonNode inFull(OneFeature one) {
        return one.judgement().path("features").get(0).path("inFull").path("form");
    }

    private static String story(OneFeature one) {
        return form(one).path("story").asString();
    }

    private static String mark(OneFeature one) {
        return one.judgement()
                .path("features")
                .get(0)
                .path("verdict")
                .path("mark")
                .asString();
    }

    private Answer take(OneFeature one, String degrees, String... sections) {
        return server.put(
                "/api/v1/parts/" + one.part + "/features/" + one.feature + "/axes/" + degrees,
                Map.of("sections", List.of(sections), "person", 1));
    }

    @Test
    void a_third_axis_shows_the_oval_between_two_that_agree_and_turns_the_verdict() {
        // In the order of the walk: down one axis, then down the other.
        var one = measured(journal("oval between", "0.010", ""), "31.970", "31.970", "31.970", "31.971");
        JsonNode offered = one.round().path("form").path("thirdAxis");
        assertThat(offered.path("degrees").asInt()).isEqualTo(45);
        assertThat(offered.path("sections").toString()).contains("left", "right");
        assertThat(mark(one)).isEqualTo("in");
        assertThat(story(one)).startsWith("Round, as far as this method sees");

        assertThat(take(one, "45", "left", "right").status()).isEqualTo(200);
        assertThat(take(one, "45", "left", "right").status()).as("sent again").isEqualTo(200);
        assertThat(one.round().path("places").findValuesAsString("name"))
                .containsExactlyInAnyOrder(
                        "left, thrust",
                        "right, thrust",
                        "left, cross",
                        "right, cross",
                        "left, 45\u00b0",
                        "right, 45\u00b0");
        assertThat(mark(one)).as("two places are waited for").isEqualTo("not-measured");
        assertThat(one.round().path("form").has("thirdAxis"))
                .as("taken, and not offered again")
                .isFalse();

        one.read("31.990", "31.990");
        one.read("31.992", "31.992");
        assertThat(mark(one)).isEqualTo("gone");
        assertThat(story(one))
                .contains("Oval by 0.0430 mm at the right, the long way across 45\u00b0: past the limit of 0.010 mm.")
                .contains("The sizes are in.");
        assertThat(one.round().path("form").has("thirdAxis")).isFalse();
        assertThat(one.judgement().path("step").path("code").asString()).isEqualTo("replace");
    }

    @Test
    void an_axis_is_taken_on_one_part_alone_and_never_at_an_angle_that_is_none() {
        var one = measured(journal("two parts", "", ""), "31.970");
        var drafting = new Drafting(server);
        Answer listed = drafting.listParts(
                drafting.plan(one.sheet().path("job")),
                List.of(
                        Map.of("id", one.part, "name", "one", "mark", "", "hours", ""),
                        Map.of("name", "other", "mark", "", "hours", "")));
        assertThat(listed.status()).as(listed.text()).isEqualTo(200);
        assertThat(take(one, "45", "left").status()).isEqualTo(200);
        assertThat(take(one, "180", "left").code()).isEqualTo("axis-angle");

        long other = one.sheet().path("parts").get(1).path("id").asLong();
        JsonNode beside = server.get("/api/v1/parts/" + other + "/features/" + one.feature + "/sheet")
                .json();
        assertThat(one.round().path("places")).hasSize(5);
        assertThat(beside.path("rounds").get(0).path("places")).hasSize(4);
    }

    @Test
    void form_counts_once_every_place_is_measured() {
        var one = measured(journal("half way", "0.010", ""), "31.920", "31.940", "31.960");
        assertThat(mark(one)).isEqualTo("not-measured");
        assertThat(inFull(one).path("figures").findValuesAsString("word")).contains("past its limit");
        one.read("31.940", "31.940");
        assertThat(mark(one)).isEqualTo("gone");
    }

    @Test
    void while_metal_is_left_the_next_cut_makes_the_form_anew() {
        var one = measured(journal("metal left", "0.010", ""), "32.150", "32.150", "32.190", "32.190");
        assertThat(mark(one)).isEqualTo("metal-left");
        assertThat(story(one)).contains("Metal is left: the next cut makes its form anew.");
    }

    @Test
    void a_limit_finer_than_the_method_is_said_to_be_beyond_it() {
        var one = measured(journal("too fine", "0.002", ""), "31.970", "31.970", "31.971", "31.971");
        assertThat(mark(one)).isEqualTo("too-close");
        assertThat(story(one)).contains("the limit of 0.002 mm cannot be proven by this method");
        assertThat(inFull(one).path("figures").get(0).path("sentence").asString())
                .contains("Not larger than this method sees")
                .contains("This method cannot prove 0.002 mm here");
    }

    @Test
    void one_axis_and_one_section_say_what_they_cannot() {
        Map<String, Object> across = journal("one axis", "0.010", "0.010");
        across.put("axes", "thrust 0");
        var oneAxis = measured(across, "31.970", "31.990");
        assertThat(inFull(oneAxis).path("remarks").toString())
                .contains("Across one axis nothing can be said of its round");
        assertThat(story(oneAxis)).startsWith("Tapered by 0.020 mm, wide at the right: past the limit of 0.010 mm.");

        Map<String, Object> down = journal("one section", "0.010", "0.010");
        down.put("sections", "middle 30");
        var oneSection = measured(down, "31.970", "31.970");
        assertThat(inFull(oneSection).path("remarks").toString())
                .contains("At one section nothing can be said of its taper");
        assertThat(inFull(oneSection)
                        .path("picture")
                        .path("walls")
                        .get(0)
                        .path("sentence")
                        .asString())
                .isEqualTo("Measured at one section only: nothing can be said of its taper.");
    }

    @Test
    void a_place_passed_over_is_left_out_and_named() {
        var one = measured(journal("passed over", "0.010", ""), "31.970", "31.971", "31.970");
        one.mark("right, cross", "SKIP", "a keyway");
        assertThat(inFull(one).path("remarks").toString())
                .contains("Without what could not be measured: right, cross (a keyway).");
    }

    @Test
    void wear_is_reckoned_from_a_place_that_never_wore_where_there_is_one() {
        Map<String, Object> typed = journal("with a ridge", "", "");
        typed.put("limits", "32.000 -0.020");
        typed.put("service", "31.800");
        typed.put("steps", "0.25");
        typed.put("sections", "unworn seal track 2; left 10; right 50");
        var one = measured(typed, "31.995", "31.930", "31.920", "31.995", "31.931", "31.929");
        assertThat(story(one))
                .contains("Worn by 0.075 mm at right, thrust, against 31.995 mm where it never wore")
                .doesNotContain("at the least");
        assertThat(inFull(one).path("picture").path("levels")).hasSize(2);
    }

    @Test
    void a_grade_is_told_by_its_sizes_and_past_service_the_next_undersize_by_what_it_cleans_up_at() {
        Map<String, Object> typed = journal("graded", "", "");
        typed.put("limits", "32.000 -0.040");
        typed.put("grades", "A 31.980/32.000; B 31.960/31.980");
        var graded = measured(typed, "31.971", "31.972", "31.971", "31.970");
        assertThat(story(graded)).contains("By its sizes it is grade B.");

        Map<String, Object> worn = journal("worn out", "", "");
        worn.put("limits", "32.000 -0.020");
        worn.put("service", "31.900");
        worn.put("steps", "0.25 0.5");
        var lost = measured(worn, "31.850", "31.860", "31.855", "31.860");
        assertThat(mark(lost)).isEqualTo("beyond-service");
        assertThat(story(lost)).contains("Next: \u22120.50 mm cleans up everywhere");
        assertThat(form(lost).path("stock")).hasSize(4);
        assertThat(lost.judgement().path("step").path("sentence").asString())
                .startsWith("Rework to the next size, \u22120.50 mm");

        // Who takes off less than is usual makes do with the smaller step.
        assertThat(lost.choose("clean-up-metric", "-0.1").status()).isEqualTo(422);
        assertThat(lost.choose("clean-up-metric", "0.01").status()).isEqualTo(200);
        assertThat(story(lost)).contains("Next: \u22120.25 mm cleans up everywhere");
    }
}
