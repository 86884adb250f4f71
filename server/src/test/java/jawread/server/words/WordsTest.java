package jawread.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import jawread.core.assess.FormFigure;
import jawread.core.form.FormDecision;
import jawread.core.form.Shape;
import jawread.core.form.WearHint;
import jawread.core.form.WearReference;
import jawread.core.judge.Decision;
import jawread.core.judge.NextStep;
import jawread.core.judge.RepeatState;
import jawread.core.judge.SizeVerdict;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.limit.TypedLimits;
import jawread.core.trend.Trend;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WordsTest {
    private static Words wordsWith(String decimalMark) {
        return new Words(new Figures(new Shop("a shop", Path.of("."), Set.of(), false, decimalMark)));
    }

    private final Words words = wordsWith(".");

    @ParameterizedTest
    @ValueSource(
            strings = {"", "abc", "--3", "1,250.5", "1/3", "0.1234567891", "-12", "40001", "12 ells", "1/1024", "5/"})
    void every_figure_that_is_refused_is_refused_in_a_sentence(String text) {
        String sentence = TypedLength.parse(text, LengthUnit.MILLIMETRE, TypedLength.Kind.SIZE)
                .fold(typed -> "", refusal -> words.say(refusal, LengthUnit.MILLIMETRE));
        assertThat(sentence).endsWith(".").doesNotContain("{");
    }

    @Test
    void limits_that_are_none_are_refused_with_what_would_be_right() {
        String sentence = TypedLimits.parse("about 32", LengthUnit.MILLIMETRE)
                .fold(typed -> "", refusal -> words.say(refusal, LengthUnit.MILLIMETRE));
        assertThat(sentence).contains("about 32").contains("31.938 / 32.000");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"forty H7", "40 zc6", "40 K9", "40 H17", "3151 h6", "20 t6", "25 H7", "min", "32", "32 +x/0"})
    void limits_of_every_form_that_are_refused_are_refused_in_a_sentence(String text) {
        String sentence = TypedLimits.parse(text, LengthUnit.MILLIMETRE)
                .fold(typed -> "", refusal -> words.say(refusal, LengthUnit.MILLIMETRE));
        assertThat(sentence).endsWith(".").doesNotContain("{");
    }

    @Test
    void every_form_has_its_words() {
        assertThat(Shape.values())
                .allMatch(shape -> words.has("form.down." + shape.code()) && words.has("story.down." + shape.code()));
        assertThat(FormDecision.Word.values())
                .allMatch(word -> words.has("form.word." + word.code()) && words.has("story.against." + word.code()));
        assertThat(FormFigure.What.values()).allMatch(what -> words.has("form.figure." + what.code()));
        assertThat(WearHint.values()).allMatch(hint -> words.has("wear.hint." + hint.code()));
        assertThat(WearReference.Kind.values()).allMatch(kind -> words.has("story.wear." + kind.code()));
        assertThat(Decision.Word.values()).allMatch(word -> words.has("pairing.word." + word.code()));
        assertThat(Trend.State.values()).allMatch(state -> words.has("over-time." + state.code()));
    }

    @Test
    void every_verdict_has_its_word_and_every_settled_one_says_what_is_next() {
        assertThat(Stream.of(SizeVerdict.values()).map(verdict -> words.say("verdict." + verdict.code() + ".word")))
                .doesNotHaveDuplicates()
                .allMatch(word -> !word.isBlank());
        assertThat(Stream.of(RepeatState.SCATTERED, RepeatState.UNSETTLED))
                .allMatch(state -> words.has("next." + state.code()));
        assertThat(Stream.of(SizeVerdict.values())
                        .filter(verdict -> verdict != SizeVerdict.NOT_MEASURED && verdict != SizeVerdict.UNSETTLED))
                .allMatch(verdict -> words.has("next." + verdict.code()));
        // One that the catalogue lacks would take the whole bench with it.
        assertThat(Stream.of(SizeVerdict.values()))
                .allMatch(verdict ->
                        words.has("bench.next." + verdict.code()) && words.has("story.sizes." + verdict.code()));
        assertThat(Stream.of(SizeVerdict.values()).filter(SizeVerdict::isGood))
                .allMatch(verdict -> words.has("story.rest." + verdict.code()));
        assertThat(Stream.of(NextStep.values()))
                .allMatch(step -> words.has("step." + step.code())
                        && words.has("step-word." + step.code())
                        && words.has("rule." + step.rule().code()));
    }

    @Test
    void lengths_in_a_sentence_are_in_the_unit_one_works_in_with_the_shops_decimal_mark() {
        Refusal refusal = Refusal.of("above-range")
                .with("wanted", Length.ofMillimetres("50.8"))
                .with("end", Length.ofMillimetres("50.8"));
        assertThat(words.say(refusal, LengthUnit.INCH)).contains("2 in");
        assertThat(wordsWith(",").say(refusal, LengthUnit.MILLIMETRE)).contains("50,8 mm");
    }

    @Test
    void a_sentence_that_is_not_there_and_a_fact_that_lacks_are_errors_of_ours() {
        assertThatThrownBy(() -> words.say("verdict.marvellous.word")).hasMessageContaining("verdict.marvellous.word");
        assertThatThrownBy(() -> words.say("repeats.apart", Map.of("apart", "1")))
                .hasMessageContaining("allowed");
    }
}
