package jawread.server.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
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
        return measured.wear(beside.earlier()).flatMap(wear -> worn(measured, wear, beside, unit));
    }

    /** Things to look at; none where no wear can be told. */
    List<String> hints(MeasuredForm measured, Beside beside) {
        return measured
                .wear(beside.earlier())
                .filter(wear -> isTold(measured, wear, beside))
                .map(measured::hints)
                .orElse(List.of())
                .stream()
                .map(hint -> words.say("wear.hint." + hint.code()))
                .toList();
    }

    private Optional<String> worn(MeasuredForm measured, Wear wear, Beside beside, LengthUnit unit) {
        WearReference reference = measured.reference(beside.earlier()).orElseThrow();
        String place = measured.places()
                .get(wear.worst().section())
                .get(wear.worst().axis())
                .orElseThrow()
                .place()
                .name();
        if (reference.kind() == WearReference.Kind.AS_NEW) {
            Wear.Reach reach = wear.reach().orElseThrow();
            if (!isTold(measured, wear, beside)) {
                return Optional.of(reach.atMost())
                        .filter(most -> !most.isZero())
                        .map(most ->
                                words.say("story.wear.perhaps", Map.of("most", form.inUnit(most, measured, unit))));
            }
            return Optional.of(words.say(
                    "story.wear.as-new",
                    Map.of(
                            "least", form.inUnit(reach.atLeast(), measured, unit),
                            "most", form.inUnit(reach.atMost(), measured, unit),
                            "place", place,
                            "side", side(wear, measured, unit))));
        }
        if (!isTold(measured, wear, beside)) {
            return Optional.of(words.say(
                    "story.wear.unseen." + reference.kind().code(),
                    Map.of("seen", form.inUnit(doubt(measured, reference), measured, unit))));
        }
        return Optional.of(words.say(
                "story.wear." + reference.kind().code(),
                Map.of(
                        "by", form.inUnit(wear.worst().wear(), measured, unit),
                        "place", place,
                        "reference", form.inUnit(reference.single(), measured, unit),
                        "side", side(wear, measured, unit))));
    }

    /** Whether there is more of it than is not known of it. */
    private static boolean isTold(MeasuredForm measured, Wear wear, Beside beside) {
        WearReference reference = measured.reference(beside.earlier()).orElseThrow();
        Length least = wear.reach().map(Wear.Reach::atLeast).orElse(wear.worst().wear());
        return least.compareTo(doubt(measured, reference)) > 0;
    }

    /** What two sizes differ by without wear: of one setting little, of two inspections both their U. */
    private static Length doubt(MeasuredForm measured, WearReference reference) {
        return switch (reference.kind()) {
            case UNWORN_PLACE -> measured.threshold();
            case EARLIER_RECORD -> Length.nearest(Math.sqrt(2) * measured.expanded());
            case AS_NEW -> Length.nearest(measured.expanded());
        };
    }

    private String side(Wear wear, MeasuredForm measured, LengthUnit unit) {
        return wear.isOneSided()
                ? words.say("story.side.up-to-all")
                : words.say("story.side.half", Map.of("half", form.inUnit(wear.half(), measured, unit)));
    }
}
