package jawread.server.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.MeasuredForm;
import jawread.core.assess.Worn;
import jawread.core.form.Wear;
import jawread.core.form.WearReference;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.form.StoryWords.Beside;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tells what a feature has worn, and what to look at where it wears so. */
@Component
class WearWords {
    private final FormWords form;
    private final Words words;

    WearWords(FormWords form, Words words) {
        this.form = form;
        this.words = words;
    }

    /** Empty where nobody said what it was, or it may not wear. */
    Optional<String> said(MeasuredForm measured, Beside beside, LengthUnit unit) {
        return Worn.of(measured, beside.earlier())
                .flatMap(worn -> worn.reference().kind() == WearReference.Kind.AS_NEW
                        ? againstLimits(worn, unit)
                        : Optional.of(againstSize(worn, unit)));
    }

    /** Things to look at; none where no wear can be told. */
    List<String> hints(MeasuredForm measured, Beside beside) {
        return Worn.of(measured, beside.earlier()).map(Worn::hints).orElse(List.of()).stream()
                .map(hint -> words.say("wear.hint." + hint.code()))
                .toList();
    }

    /** Empty where it may be as new. */
    private Optional<String> againstLimits(Worn worn, LengthUnit unit) {
        Wear.Reach reach = worn.most().reach().orElseThrow();
        if (worn.isTold()) {
            return Optional.of(words.say(
                    "story.wear.as-new",
                    Map.of(
                            "least", said(reach.atLeast(), worn, unit),
                            "most", said(reach.atMost(), worn, unit),
                            "place", worn.most().place().place().name(),
                            "side", side(worn, unit))));
        }
        return reach.atMost().isZero()
                ? Optional.empty()
                : Optional.of(words.say("story.wear.perhaps", Map.of("most", said(reach.atMost(), worn, unit))));
    }

    private String againstSize(Worn worn, LengthUnit unit) {
        String kind = worn.reference().kind().code();
        return worn.isTold()
                ? words.say(
                        "story.wear." + kind,
                        Map.of(
                                "by", said(worn.most().wear(), worn, unit),
                                "place", worn.most().place().place().name(),
                                "reference", said(worn.most().was(), worn, unit),
                                "side", side(worn, unit)))
                : words.say("story.wear.unseen." + kind, Map.of("seen", said(worn.doubt(), worn, unit)));
    }

    private String side(Worn worn, LengthUnit unit) {
        return worn.wear().isOneSided()
                ? words.say("story.side.up-to-all")
                : words.say(
                        "story.side.half",
                        Map.of("half", said(worn.most().wear().half(), worn, unit)));
    }

    private String said(Length length, Worn worn, LengthUnit unit) {
        return form.told(length, worn.measured(), unit).withUnit();
    }
}
