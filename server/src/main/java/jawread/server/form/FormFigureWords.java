package jawread.server.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.assess.FormFigure;
import jawread.core.assess.MeasuredForm;
import jawread.core.form.FormDecision;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FormLimit;
import jawread.server.form.FormView.FormFigureView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tables the figures of a measured form. */
@Component
class FormFigureWords {
    private final FormWords form;
    private final Words words;

    FormFigureWords(FormWords form, Words words) {
        this.form = form;
        this.words = words;
    }

    /** Each figure of form, with its limit and how far this method sees. */
    List<FormFigureView> of(MeasuredForm measured, LengthUnit unit, String aroundAs) {
        return measured.figures().stream()
                .map(figure -> figure(figure, measured, unit, aroundAs))
                .toList();
    }

    private FormFigureView figure(FormFigure figure, MeasuredForm measured, LengthUnit unit, String aroundAs) {
        FormDecision decision = figure.decision();
        Optional<Length> limit = figure.limit().map(FormLimit::asDifference);
        return new FormFigureView(
                words.say("form.figure." + figure.what().code()),
                where(figure, measured),
                form.shown(decision.figure(), measured, unit),
                limit.map(of -> form.shown(of, measured, unit)).orElse(null),
                decision.word().map(word -> mark(word, measured)).orElse(""),
                decision.word()
                        .map(word -> words.say("form.word." + word.code()))
                        .orElse(""),
                Stream.of(
                                roundness(figure, measured, unit, aroundAs),
                                figure.isSeen()
                                        ? Optional.<String>empty()
                                        : Optional.of(words.say(
                                                "form.not-seen",
                                                Map.of("seen", form.inUnit(decision.seen(), measured, unit)))),
                                limit.filter(of -> decision.cannotProve())
                                        .map(of -> words.say(
                                                "form.cannot-prove",
                                                Map.of(
                                                        "limit", form.inUnit(of, measured, unit),
                                                        "guard", form.inUnit(decision.guard(), measured, unit)))))
                        .flatMap(Optional::stream)
                        .reduce((one, other) -> one + " " + other)
                        .orElse(""));
    }

    /** Half of an out-of-round is a drawing's roundness, half of the whole spread its cylindricity. */
    private Optional<String> roundness(FormFigure figure, MeasuredForm measured, LengthUnit unit, String aroundAs) {
        String half = form.inUnit(figure.decision().figure().half(), measured, unit);
        if (figure.what() == FormFigure.What.SPREAD) {
            return Optional.of(words.say("form.half.spread", Map.of("half", half)));
        }
        return figure.what() == FormFigure.What.OUT_OF_ROUND && !aroundAs.equals("difference")
                ? Optional.of(words.say("form.half.out-of-round", Map.of("half", half)))
                : Optional.empty();
    }

    private static String where(FormFigure figure, MeasuredForm measured) {
        return switch (figure.what()) {
            case OUT_OF_ROUND, OVALITY -> measured.levels().get(figure.at()).name();
            case TAPER -> measured.axes().get(figure.at()).name();
            case SPREAD -> "";
        };
    }

    private static String mark(FormDecision.Word word, MeasuredForm measured) {
        return switch (word) {
            case IN -> "in";
            case TOO_CLOSE -> "too-close";
            case OUT -> measured.canWear() ? "beyond-service" : "gone";
        };
    }
}
