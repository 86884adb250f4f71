package jawread.server.practice;

import java.util.Optional;
import java.util.function.Function;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;
import jawread.core.practice.Item;
import jawread.core.practice.Judged;
import jawread.core.scale.AsRead;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import jawread.server.scale.ScaleWords;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What was answered to an item: typed as a figure or look by look, or as the scale was set. */
@Component
class AnswersRead {
    /** An answer so many times as large as what the scale shows, and over a metre, is no reading of it. */
    private static final int ABSURD = 30;

    private static final Length ABSURD_OVER = Length.ofMillimetres("1000");

    private final ScaleWords scaleWords;
    private final Words words;

    AnswersRead(ScaleWords scaleWords, Words words) {
        this.scaleWords = scaleWords;
        this.words = words;
    }

    /** @param otherUnit whether it was given in the unit that the scale is not in */
    private record Figure(Length length, boolean otherUnit) {}

    /** An answer, and what it comes to. */
    record Read(Length length, Judged judged) {}

    /** Refuses with 422 what is no figure, parts that cannot stand so, and what lies far beyond anything that the scale shows. */
    Read of(Item item, Optional<String> typed, Optional<Parts> parts) {
        Figure figure = parts.map(set -> set(item, set)).orElseGet(() -> typed(item, typed.orElse("")));
        Judged judged = Judged.of(item, figure.length(), figure.otherUnit());
        if (judged.slips().isEmpty() && isAbsurd(item, figure.length())) {
            var refusal = Refusal.of("answer-absurd").with("scale", scaleWords.name(item.scale()));
            throw Refused.field("typed", refusal, words.say("problem." + refusal.code(), refusal.facts()));
        }
        return new Read(figure.length(), judged);
    }

    private static boolean isAbsurd(Item item, Length answer) {
        return answer.compareTo(item.value().times(ABSURD)) > 0 && answer.compareTo(ABSURD_OVER) > 0;
    }

    private Figure set(Item item, Parts parts) {
        Scale scale = item.scale();
        return new Figure(
                scale.read(item.stands().base(), parts).map(ScaleReading::value).fold(Function.identity(), refusal -> {
                    throw Refused.field("parts", refusal, words.say(refusal, scale.unit()));
                }),
                false);
    }

    private Figure typed(Item item, String text) {
        Scale scale = item.scale();
        var eye = AsRead.of(scale, item.stands().base());
        return eye.typed(text)
                .map(looks -> byLooks(eye, looks))
                .orElseGet(() -> TypedLength.parse(text, scale.unit(), Kind.SIZE)
                        .fold(
                                read -> new Figure(
                                        read.length(),
                                        read.unit().isInch() != scale.unit().isInch()),
                                refusal -> {
                                    throw Refused.field("typed", refusal, words.say(refusal, scale.unit()));
                                }));
    }

    private Figure byLooks(AsRead eye, Outcome<Parts> looks) {
        return new Figure(
                looks.then(parts -> eye.scale().read(eye.base(), parts)).fold(ScaleReading::value, refusal -> {
                    throw Refused.field("typed", refusal, scaleWords.refused(refusal, eye));
                }),
                false);
    }
}
