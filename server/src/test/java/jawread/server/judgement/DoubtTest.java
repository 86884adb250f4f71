package jawread.server.judgement;

import static jawread.server.Drafting.gauge;
import static jawread.server.judgement.OneFeature.journal;
import static jawread.server.judgement.OneFeature.onePlace;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Readings in doubt: held against what there is, told, and answered for; and gauges that were found off. */
@ExtendWith(RunningServer.class)
class DoubtTest {
    private final Server server;

    DoubtTest(Server server) {
        this.server = server;
    }

    private static JsonNode place(OneFeature one) {
        return one.round().path("places").get(0);
    }

    private static String mark(JsonNode place) {
        return place.path("verdict").path("mark").asString();
    }

    private Answer quick(OneFeature one, String gauge, String figure) {
        Map<String, Object> body = one.body(one.round().path("at").asLong(), figure);
        body.put("gauge", OneFeature.numbered(server, gauge));
        body.put("quick", true);
        return server.put("/api/v1/readings/" + UUID.randomUUID(), body);
    }

    private Answer answer(JsonNode about, String kind) {
        var body = new LinkedHashMap<String, Object>();
        body.put("reading", about.path("id").asString());
        body.put("kind", kind);
        body.put("reason", "looked at again");
        body.put("person", 1);
        if (!kind.equals("KEEP") && about.has("slip")) {
            body.put("slip", about.path("slip").path("code").asString());
        }
        if (kind.equals("CORRECT")) {
            body.put(
                    "shouldBePm", about.path("slip").path("shouldBe").path("pm").asLong());
        }
        return server.put("/api/v1/marks/" + UUID.randomUUID(), body);
    }

    @Test
    void a_line_too_many_is_named_by_the_drawing_at_once_and_put_right_with_its_reason() {
        var one = new OneFeature(server, onePlace("a line too many", "outside", "32 h9"));
        one.read("32.470");
        JsonNode doubt = place(one).path("doubts").get(0);
        assertThat(doubt.path("sentence").asString())
                .startsWith("32.470 mm lies 0.501 mm from the middle of its limits: a line too many on the sleeve?")
                .endsWith("It would then be 31.970 mm.");
        JsonNode about = doubt.path("readings").get(0);
        assertThat(about.path("slip").path("code").asString()).isEqualTo("next-line");
        assertThat(mark(place(one))).isEqualTo("in-doubt");
        assertThat(one.sheet().path("say").asString())
                .as("for ears, too")
                .startsWith("32.470 mm kept at middle, reading 1.")
                .endsWith("It would then be 31.970 mm.");
        assertThat(answer(about, "CORRECT").status()).isEqualTo(200);
        JsonNode after = place(one);
        assertThat(after.path("doubts")).isEmpty();
        assertThat(after.path("readings").get(0).path("size").path("text").asString())
                .isEqualTo("31.970");
        assertThat(after.path("readings")
                        .get(0)
                        .path("notes")
                        .get(0)
                        .path("reason")
                        .asString())
                .isEqualTo("Put right from 32.470 mm: looked at again");
        one.read("31.970");
        assertThat(mark(place(one))).isEqualTo("in");
        JsonNode log = server.send(server.ansasRequest("/api/v1/slips")).json();
        assertThat(log.path("all").asBoolean()).isFalse();
        assertThat(log.path("slips").get(0).path("slip").asString()).isEqualTo("a line too many");
    }

    @Test
    void a_correction_to_what_no_slip_accounts_for_is_refused() {
        var one = new OneFeature(server, onePlace("made fit", "outside", "32 h9"));
        one.read("32.470");
        JsonNode about = place(one).path("doubts").get(0).path("readings").get(0);
        Answer made = server.put(
                "/api/v1/marks/" + UUID.randomUUID(),
                Map.of(
                        "reading",
                        about.path("id").asString(),
                        "kind",
                        "CORRECT",
                        "reason",
                        "it must fit",
                        "slip",
                        "next-line",
                        "shouldBePm",
                        31_969_000_000L,
                        "person",
                        1));
        assertThat(made.status()).isEqualTo(422);
        assertThat(place(one).path("readings").get(0).path("size").path("text").asString())
                .isEqualTo("32.470");
    }

    @Test
    void with_one_other_reading_both_are_one_finding_and_the_next_settles_which() {
        Map<String, Object> open = onePlace("two apart", "outside", "32 max");
        var one = new OneFeature(server, open);
        one.read("31.470", "31.970");
        JsonNode pair = place(one).path("doubts");
        assertThat(pair).hasSize(1);
        assertThat(pair.get(0).path("kind").asString()).isEqualTo("pair");
        assertThat(pair.get(0).path("readings")).hasSize(2);
        assertThat(pair.get(0).path("sentence").asString())
                .contains("0.500 mm apart")
                .contains("in 31.470 mm or ")
                .contains("in 31.970 mm");
        one.read("31.971");
        JsonNode third = place(one).path("doubts");
        assertThat(third).hasSize(1);
        assertThat(third.get(0).path("kind").asString()).isEqualTo("misread");
        assertThat(third.get(0)
                        .path("readings")
                        .get(0)
                        .path("size")
                        .path("text")
                        .asString())
                .isEqualTo("31.470");
        assertThat(answer(third.get(0).path("readings").get(0), "STRIKE").status())
                .isEqualTo(200);
        assertThat(mark(place(one))).isEqualTo("in");
    }

    @Test
    void kept_as_read_it_is_doubted_no_more() {
        var one = new OneFeature(server, onePlace("kept", "outside", "32 h9"));
        one.read("32.470");
        answer(place(one).path("doubts").get(0).path("readings").get(0), "KEEP");
        assertThat(place(one).path("doubts")).isEmpty();
        assertThat(place(one)
                        .path("readings")
                        .get(0)
                        .path("notes")
                        .get(0)
                        .path("reason")
                        .asString())
                .isEqualTo("Looked at and kept as read: looked at again");
    }

    @Test
    void a_rough_size_on_its_way_to_the_drawing_is_no_doubt_and_a_gone_one_is_asked_for_once_more() {
        var rough = new OneFeature(server, onePlace("rough", "outside", "32 h9"));
        rough.read("32.221");
        assertThat(place(rough).path("doubts")).isEmpty();
        var gone = new OneFeature(server, onePlace("gone", "outside", "32 h9"));
        gone.read("31.800");
        assertThat(place(gone).path("doubts").get(0).path("sentence").asString())
                .contains("no usual slip accounts for it");
        gone.read("31.800");
        assertThat(place(gone).path("doubts")).as("a repeat bears it out").isEmpty();
        assertThat(mark(place(gone))).isEqualTo("gone");
    }

    @Test
    void a_quick_check_with_another_gauge_finds_a_slip_made_twice_alike() {
        Map<String, Object> open = onePlace("twice alike", "outside", "33 max");
        var one = new OneFeature(server, open);
        Answer first = quick(one, "C2", "31.98");
        assertThat(first.status()).as(first.text()).isEqualTo(201);
        assertThat(place(one).path("quick")).hasSize(1);
        assertThat(place(one).path("readings")).as("it is none of the repeats").isEmpty();
        assertThat(one.sheet().path("say").asString()).startsWith("31.98 mm kept as a quick check of middle.");
        one.read("32.470", "32.471");
        JsonNode doubts = place(one).path("doubts");
        assertThat(doubts).hasSize(2);
        assertThat(doubts.get(0).path("sentence").asString())
                .startsWith("32.470 mm lies 0.490 mm from the quick check: a line too many on the sleeve?");
        assertThat(one.judgement().path("step").path("code").asString()).isEqualTo("measure-again");
    }

    @Test
    void a_quick_check_is_asked_for_by_itself_where_the_job_says_so() {
        var one = new OneFeature(server, journal("asked by itself"));
        assertThat(place(one).path("quickAsked").asBoolean()).isFalse();
        Answer chosen = one.choose("quick-check", "first-place");
        assertThat(chosen.status()).as(chosen.text()).isEqualTo(200);
        assertThat(place(one).path("quickAsked").asBoolean()).isTrue();
        assertThat(one.round().path("places").get(1).path("quickAsked").asBoolean())
                .isFalse();
        assertThat(one.sheet().path("quickWith").asString()).isNotBlank();
        quick(one, "C2", "31.98");
        assertThat(place(one).path("quickAsked").asBoolean())
                .as("once is enough")
                .isFalse();
    }

    @Test
    void a_check_with_the_gauge_that_measured_is_refused_and_one_in_the_other_unit_is_told_itself() {
        var one = new OneFeature(server, onePlace("same gauge", "outside", "32 h9"));
        one.read("31.970");
        Answer same = quick(one, "M6", "31.970");
        assertThat(same.status()).isEqualTo(422);
        assertThat(same.text()).contains("would make the same slip again");
        Answer otherUnit = quick(one, "C1", "31.97");
        assertThat(otherUnit.status()).as(otherUnit.text()).isEqualTo(201);
        JsonNode doubts = place(one).path("doubts");
        assertThat(doubts).as("the reading itself is left alone").hasSize(1);
        assertThat(doubts.get(0).path("sentence").asString()).contains("millimetres typed as inches");
        assertThat(doubts.get(0).path("settle").asString()).contains("this check stands for nothing");
    }

    @Test
    void a_place_unlike_the_others_is_named_when_a_slip_would_make_it_like_them() {
        var one = new OneFeature(server, journal("unlike the others"));
        one.read("31.970", "31.970");
        one.read("31.971", "31.971");
        one.read("31.972", "31.972");
        one.read("31.470");
        JsonNode last = one.round().path("places").get(3);
        assertThat(last.path("doubts").get(0).path("sentence").asString())
                .contains("from the other places: ")
                .contains("It would then be 31.970 mm.");
        assertThat(one.round().path("places").get(0).path("doubts"))
                .as("the honest ones are left alone")
                .isEmpty();
    }

    @Test
    void a_zero_found_off_throws_into_doubt_what_was_read_since_the_last_good_look_in_every_job() {
        String number = "Z" + UUID.randomUUID().toString().substring(0, 8);
        var typed = gauge(number, "outside-micrometer", "mic-mm-001", "25", "50");
        assertThat(server.send(Server.json(
                                server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(typed))))
                        .status())
                .isEqualTo(200);
        JsonNode looks = check(number, "0", "nothing", "").path("checks");
        String good =
                Instant.parse(looks.get(0).path("at").asString()).plusMillis(1).toString();
        var first = new OneFeature(server, onePlace("zero off, first job", "outside", "32 h9")).with(number);
        var second = new OneFeature(server, onePlace("zero off, second job", "outside", "40 h9")).with(number);
        Instant begin = Instant.parse(good);
        readAt(first, "31.97", begin);
        readAt(first, "31.97", begin.plusMillis(1));
        readAt(second, "39.97", begin.plusMillis(2));
        readAt(second, "39.97", begin.plusMillis(3));
        assertThat(mark(place(first))).isEqualTo("in");
        JsonNode off = check(number, "0.02", "set-to-zero", "0");
        assertThat(mark(place(first))).isEqualTo("in-doubt");
        assertThat(mark(place(second))).isEqualTo("in-doubt");
        assertThat(place(first).path("verdict").path("sentence").asString()).contains("As read it would be: in");
        // Both repeats rest on the one look: they are told of together.
        assertThat(place(first).path("doubts").findValuesAsString("sentence"))
                .containsExactly(number + " was found 0.02 mm off after 31.97 mm and 31.97 mm were read, and nobody had"
                        + " looked in between.");
        JsonNode zero = zeroOf(number);
        assertThat(zero.path("readings")).hasSize(4);
        assertThat(zero.path("sentence").asString())
                .startsWith(number + " was found reading 0.02 mm too large by Ansa");
        assertThat(zero.path("readings").get(0).path("corrected").path("pm").asLong())
                .isEqualTo(31_950_000_000L);
        assertThat(off.path("checks").size()).isGreaterThan(0);

        // Read again; let stand; put right.
        List<String> ids = zero.path("readings").findValuesAsString("id");
        UUID id = UUID.randomUUID();
        answer(id, zero, "READ_AGAIN", ids.subList(0, 1), null);
        assertThat(answer(id, zero, "READ_AGAIN", ids.subList(0, 1), null).status())
                .as("sent again")
                .isEqualTo(200);
        assertThat(zeroOf(number).path("readings")).hasSize(3);
        answer(zero, "ACCEPT", ids.subList(1, 2), null);
        assertThat(place(first).path("doubts")).isEmpty();
        Answer when = answer(zero, "SHIFTED", ids.subList(2, 4), null);
        assertThat(when.status()).isEqualTo(422);
        assertThat(when.text()).contains("when the gauge moved");
        assertThat(answer(zero, "SHIFTED", ids.subList(2, 4), good).status()).isEqualTo(200);
        assertThat(place(second).path("value").path("pm").asLong()).isEqualTo(39_950_000_000L);
        assertThat(place(second).path("doubts")).isEmpty();
        assertThat(zeroOf(number)).isNull();
        assertThat(answer(zero, "ACCEPT", ids.subList(1, 2), null).status())
                .as("answered for already")
                .isEqualTo(422);
        retire(number);
    }

    @Test
    void a_check_entered_late_counts_from_when_it_was_made_and_one_of_tomorrow_is_refused() {
        String number = "Y" + UUID.randomUUID().toString().substring(0, 8);
        var typed = gauge(number, "outside-micrometer", "mic-mm-001", "25", "50");
        server.send(
                Server.json(server.ansasRequest("/api/v1/drawer/gauges"), "POST", Map.of("gauges", List.of(typed))));
        JsonNode first = check(number, "0", "nothing", "").path("checks").get(0);
        Instant begin = Instant.parse(first.path("at").asString());
        var one = new OneFeature(server, onePlace("checked late", "outside", "32 h9")).with(number);
        readAt(one, "31.97", begin.plusMillis(1));
        readAt(one, "31.97", begin.plusMillis(2));
        check(number, "0.02", "set-to-zero", "0");
        assertThat(mark(place(one))).isEqualTo("in-doubt");
        Answer late = checkMade(number, "0", begin.plusMillis(3));
        assertThat(late.status()).as(late.text()).isEqualTo(200);
        assertThat(mark(place(one))).as("a good look between").isEqualTo("in");
        Answer tomorrow = checkMade(number, "0", begin.plusSeconds(200_000));
        assertThat(tomorrow.status()).isEqualTo(422);
        assertThat(tomorrow.text()).contains("give a moment that has passed");
        retire(number);
    }

    private Answer checkMade(String number, String shown, Instant at) {
        return server.put(
                "/api/v1/drawer/gauges/" + OneFeature.numbered(server, number) + "/checks/" + UUID.randomUUID(),
                Map.of(
                        "shown",
                        shown,
                        "done",
                        "nothing",
                        "shownAfter",
                        "",
                        "temperature",
                        "",
                        "unitConfirmed",
                        false,
                        "madeAt",
                        at.toString()));
    }

    private void readAt(OneFeature one, String figure, Instant at) {
        Map<String, Object> body = one.body(one.round().path("at").asLong(), figure);
        body.put("takenAt", at.toString());
        assertThat(server.put("/api/v1/readings/" + UUID.randomUUID(), body).status())
                .isEqualTo(201);
    }

    private JsonNode check(String number, String shown, String done, String after) {
        Answer kept = server.put(
                "/api/v1/drawer/gauges/" + OneFeature.numbered(server, number) + "/checks/" + UUID.randomUUID(),
                Map.of(
                        "shown", shown,
                        "done", done,
                        "shownAfter", after,
                        "temperature", "",
                        "unitConfirmed", false));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        return kept.json();
    }

    private void retire(String number) {
        server.put(
                "/api/v1/drawer/gauges/" + OneFeature.numbered(server, number) + "/events/" + UUID.randomUUID(),
                Map.of("kind", "retired", "words", ""));
    }

    private JsonNode zeroOf(String number) {
        return StreamSupport.stream(
                        server.get("/api/v1/doubts").json().path("zeros").spliterator(), false)
                .filter(zero -> zero.path("number").asString().equals(number))
                .findFirst()
                .orElse(null);
    }

    private Answer answer(JsonNode zero, String way, List<String> readings, String since) {
        return answer(UUID.randomUUID(), zero, way, readings, since);
    }

    private Answer answer(UUID id, JsonNode zero, String way, List<String> readings, String since) {
        var body = new LinkedHashMap<String, Object>();
        body.put("way", way);
        body.put("readings", readings);
        body.put("reason", "looked into");
        if (since != null) {
            body.put("since", since);
        }
        return server.put("/api/v1/checks/" + zero.path("check").asString() + "/answers/" + id, body);
    }
}
