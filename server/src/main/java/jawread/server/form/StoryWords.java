package jawread.server.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.FormFigure;
import jawread.core.assess.MeasuredForm;
import jawread.core.assess.PlaceKey;
import jawread.core.assess.Worn;
import jawread.core.form.AxisForm;
import jawread.core.form.FormDecision;
import jawread.core.form.Shape;
import jawread.core.judge.SizeVerdict;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.rework.NextSize;
import jawread.server.form.FormView.FormInFullView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tells what a feature's form comes to in one paragraph that says no more than its figures, and what noise leaves of them, allow. */
@Component
public class StoryWords {
    private final FormWords form;
    private final FormPictures pictures;
    private final FormFigureWords figures;
    private final WearWords wear;
    private final ReworkWords rework;
    private final Words words;

    StoryWords(
            FormWords form,
            FormPictures pictures,
            FormFigureWords figures,
            WearWords wear,
            ReworkWords rework,
            Words words) {
        this.form = form;
        this.pictures = pictures;
        this.figures = figures;
        this.wear = wear;
        this.rework = rework;
        this.words = words;
    }

    /**
     * What is known of the feature besides its form.
     *
     * @param sizes what its sizes come to, its form left aside
     * @param missing names of places that count for nothing here, and why
     * @param earlier what each place of the same part measured at the last inspection before; empty where there was none
     * @param stamped the grade that its mark claims; empty where it claims none
     * @param aroundAs how the job wants out-of-round shown: both, difference, roundness
     */
    public record Beside(
            SizeVerdict sizes,
            List<String> missing,
            Map<PlaceKey, Length> earlier,
            Optional<String> stamped,
            String aroundAs) {}

    /** What is said of a measured form. */
    public FormView of(MeasuredForm measured, Beside beside, LengthUnit unit) {
        boolean isLost = beside.sizes().isLost()
                || measured.verdict().filter(SizeVerdict::isLost).isPresent();
        Optional<NextSize> next = isLost ? measured.nextSize() : Optional.empty();
        var story = new ArrayList<String>();
        if (beside.sizes() == SizeVerdict.IN_DOUBT) {
            story.add(words.say("story.in-doubt"));
        }
        around(measured, unit).ifPresent(story::add);
        down(measured, unit).ifPresent(story::add);
        story.add(theSizes(measured, beside));
        wear.said(measured, beside, unit).ifPresent(story::add);
        rework.grade(measured, beside).ifPresent(story::add);
        if (isLost) {
            story.add(
                    next.map(of -> rework.said(measured, of, unit)).orElseGet(() -> words.say("story.next.unlisted")));
        }
        return new FormView(
                String.join(" ", story),
                wear.hints(measured, beside),
                next.map(of -> rework.stock(measured, of, unit)).orElse(List.of()));
    }

    /** What that rests on. */
    public FormInFullView inFull(MeasuredForm measured, Beside beside, LengthUnit unit) {
        return new FormInFullView(
                pictures.of(measured, unit), figures.of(measured, unit, beside.aroundAs()), remarks(measured, beside));
    }

    /** How the figure stands to its limit that the verdict rests on. */
    public String deciding(MeasuredForm measured, LengthUnit unit) {
        boolean isAround = measured.worst(what -> what != FormFigure.What.SPREAD)
                .orElseThrow()
                .what()
                .isAround();
        return (isAround ? around(measured, unit) : down(measured, unit)).orElseThrow();
    }

    private Optional<String> around(MeasuredForm measured, LengthUnit unit) {
        return measured.worst(FormFigure.What::isAround).map(figure -> {
            FormDecision decision = figure.decision();
            String where = measured.levels().size() == 1
                    ? ""
                    : words.say(
                            "story.at",
                            Map.of(
                                    "section",
                                    form.named(
                                            measured.levels().get(figure.at()).name())));
            String said = figure.isSeen()
                    ? words.say(
                            "story.oval",
                            Map.of(
                                    "by", form.inUnit(decision.figure(), measured, unit),
                                    "where", where,
                                    "direction",
                                            form.direction(measured, figure.at())
                                                    .map(of -> ", " + of)
                                                    .orElse("")))
                    : words.say("story.round", Map.of("seen", form.inUnit(decision.seen(), measured, unit)));
            return said + against(figure, measured, unit);
        });
    }

    private Optional<String> down(MeasuredForm measured, LengthUnit unit) {
        return measured.worst(what -> what == FormFigure.What.TAPER).map(figure -> {
            AxisForm axis = measured.form().down().get(figure.at());
            Shape shape = axis.shape().orElse(Shape.STRAIGHT);
            boolean isAlone = measured.form().down().stream()
                            .filter(each -> each.shape().isPresent())
                            .count()
                    == 1;
            var ends = measured.sizes().down(figure.at());
            String said = words.say(
                    "story.down." + shape.code(),
                    Map.of(
                            "by", form.inUnit(figure.decision().figure(), measured, unit),
                            "seen", form.inUnit(axis.threshold(), measured, unit),
                            "axis",
                                    isAlone
                                            ? ""
                                            : words.say(
                                                    "story.down-axis",
                                                    Map.of(
                                                            "axis",
                                                            measured.axes()
                                                                    .get(figure.at())
                                                                    .name())),
                            "first",
                                    form.named(measured.levels()
                                            .get(ends.get(0).section())
                                            .name()),
                            "last",
                                    form.named(measured.levels()
                                            .get(ends.get(ends.size() - 1).section())
                                            .name())));
            return said + against(figure, measured, unit);
        });
    }

    /** How a figure stands to its limit; the end of the sentence where there is none. */
    private String against(FormFigure figure, MeasuredForm measured, LengthUnit unit) {
        FormDecision decision = figure.decision();
        if (decision.word().isEmpty()) {
            return words.say("story.against.none");
        }
        String key = decision.cannotProve() && figure.isTooClose()
                ? "cannot-prove"
                : decision.word().get().code();
        return words.say(
                "story.against." + key,
                Map.of(
                        "limit",
                        form.inUnit(figure.limit().orElseThrow().asDifference(), measured, unit),
                        "guard",
                        form.inUnit(decision.guard(), measured, unit)));
    }

    /** After something past its limit, "the rest holds" where it does. */
    private String theSizes(MeasuredForm measured, Beside beside) {
        boolean isFormOut = measured.figures().stream().anyMatch(FormFigure::isOut);
        boolean isFormClose = measured.figures().stream().anyMatch(FormFigure::isTooClose);
        boolean isOneOut = measured.figures().stream()
                        .filter(FormFigure::isOut)
                        .map(figure -> figure.what().isAround())
                        .distinct()
                        .count()
                == 1;
        boolean hasOtherLimit = measured.planned().outOfRound().isPresent()
                && measured.planned().taper().isPresent();
        if (isFormOut
                && isOneOut
                && !isFormClose
                && hasOtherLimit
                && beside.sizes().isGood()) {
            return words.say(
                    "story.rest",
                    Map.of("sizes", words.say("story.rest." + beside.sizes().code())));
        }
        return words.say("story.sizes." + beside.sizes().code());
    }

    private List<String> remarks(MeasuredForm measured, Beside beside) {
        var remarks = new ArrayList<String>();
        if (!beside.missing().isEmpty()) {
            remarks.add(words.say("form.missing", Map.of("places", String.join("; ", beside.missing()))));
        }
        boolean isAround = measured.planned().typed().round();
        if (isAround
                && measured.figures().stream().noneMatch(figure -> figure.what().isAround())) {
            remarks.add(words.say("form.one-axis"));
        }
        if (measured.levels().size() < 2) {
            remarks.add(words.say("form.one-section"));
        }
        if (measured.planned().service().isEmpty()
                && measured.canWear()
                && Worn.of(measured, beside.earlier()).isEmpty()) {
            remarks.add(words.say("form.no-reference"));
        }
        if (isAround) {
            remarks.add(words.say("form.lobes"));
        }
        remarks.add(words.say("form.straightness"));
        return List.copyOf(remarks);
    }
}
