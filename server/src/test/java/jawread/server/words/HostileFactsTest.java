package jawread.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a person typed is a fact, and stands in a sentence as it was typed, whatever it is. */
class HostileFactsTest {
    private static final Words WORDS = new Words(new Figures(new Shop("a shop", Path.of("."), Set.of(), false, ".")));

    static List<String> hostile() {
        return List.of(
                "{x}",
                "{}",
                "${a}",
                "{text}",
                "{count, plural, one {#} other {##}}",
                "{0,number}",
                "it's",
                "''{''",
                "\"quoted\"",
                "#",
                "100 %s %n $1 \\1",
                "<b>&amp;</b>",
                "\uD83D\uDD29 caliper",
                "\u05D0\u05D1 \u202Eright to left\u202C",
                "32.1250",
                "1,250.5",
                "x".repeat(10_000),
                "{".repeat(500));
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void every_sentence_says_its_facts_unchanged(String fact) {
        assertThat(WORDS.keys()).hasSizeGreaterThan(900);
        for (String key : WORDS.keys()) {
            Sentence sentence = WORDS.sentence(key);
            for (long count : List.of(1L, 2L, 1_000_000L)) {
                var facts = new HashMap<String, Object>();
                sentence.names().forEach(name -> facts.put(name, name + " " + fact));
                sentence.counts().forEach(name -> facts.put(name, count));
                String said = WORDS.say(key, facts);
                sentence.names().stream()
                        .filter(name -> !sentence.counts().contains(name))
                        .filter(name -> count > 1 || !isSaidOfManyOnly(sentence, name))
                        .forEach(name -> assertThat(said).as(key).contains(name + " " + fact));
                if (!sentence.counts().isEmpty()
                        && count > 2
                        && !sentence.names().contains("said")) {
                    assertThat(said).as(key).containsPattern("\\b1000000\\b");
                }
                if (fact.equals("32.1250")) {
                    assertThat(said).as(key).doesNotContain("{").doesNotContain("plural");
                }
            }
        }
    }

    /** A count in words stands only where there are many. */
    private static boolean isSaidOfManyOnly(Sentence sentence, String name) {
        return name.equals("said") && !sentence.counts().isEmpty();
    }

    @Test
    void one_is_no_plural() {
        var facts = Map.of("readings", 1, "time", "30 s", "all", 1, "allTime", "30 s");
        assertThat(WORDS.say("left.part", facts)).isEqualTo("1 reading left, 30 s");
        assertThat(WORDS.say("left.both", facts)).isEqualTo("1 reading left here, 30 s; 1 on all parts, 30 s");
        assertThat(WORDS.say("left.others", Map.of("all", 12, "allTime", "2 min")))
                .isEqualTo("nothing left here; 12 readings on the other parts, 2 min");
        assertThat(WORDS.say("study.apart", Map.of("count", 1)))
                .isEqualTo("It can tell these parts apart into one size: that is, not at all.");
    }

    @Test
    void a_count_is_a_number_and_a_figure_finished_text() {
        assertThatThrownBy(() -> WORDS.say("left.part", Map.of("readings", "12", "time", "2 min")))
                .hasMessageContaining("\"12\" is no count");
        assertThat(WORDS.say("verdict.in.sentence", Map.of("by", "1234.5000 mm")))
                .contains("1234.5000 mm");
    }

    @Test
    void a_sentence_that_is_no_pattern_is_not_taken_into_the_catalogue() {
        assertThatThrownBy(() -> new Sentence("broken", "{count, plural, one {# line}"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void one_pattern_is_used_by_many_threads_at_once() throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(16);
        try {
            var talks = new ArrayList<Callable<Boolean>>();
            for (int thread = 0; thread < 16; thread++) {
                int own = thread;
                talks.add(() -> {
                    for (int i = 0; i < 2000; i++) {
                        int count = own * 2000 + i;
                        String said = WORDS.say("left.part", Map.of("readings", count, "time", own + "/" + i));
                        String right = count + (count == 1 ? " reading" : " readings") + " left, " + own + "/" + i;
                        if (!said.equals(right)) {
                            throw new AssertionError(said + " instead of " + right);
                        }
                    }
                    return true;
                });
            }
            for (Future<Boolean> talk : threads.invokeAll(talks)) {
                assertThat(talk.get()).isTrue();
            }
        } finally {
            threads.shutdownNow();
        }
    }
}
