package jawread.server.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.form.AxisForm;
import jawread.core.form.FormDecision;
import jawread.core.form.Shape;
import jawread.core.form.Wear;
import jawread.core.form.WearReference;
import jawread.core.judge.SizeVerdict;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.HeldGrade;
import jawread.core.rework.NextSize;
import jawread.server.form.FormView.StockView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tells what a feature's form comes to in one paragraph that says no more than its figures, and what noise leaves of them, allow. */
@Component
public class StoryWords {
    private final FormWords form;
    private final Figures figures;
    private final Words words;

    StoryWords(FormWords form, Figures figures, Words words) {
        this.form = form;
        this.figures = figures;
        this.words = words;
    }

    /**
     * What is known of the feature besides its form.
     *
     * @param sizes what its sizes come to, its form left aside
     * @param missing names of places that count for nothing here, and why
     * @param earlier the mean size of the same part at the last inspection before; empty where there was none
     * @param stamped the grade that its mark claims; empty where it claims none
     * @param aroundAs how the job wants out-of-round shown: both, difference, roundness
     */
    public record Beside(
            SizeVerdict sizes,
            List<String> missing,
            Optional<Length> earlier,
            Optional<String> stamped,
            String aroundAs) {}

    /** Everything that is said of a measured form. */
    public FormView of(MeasuredForm measured, Beside beside, LengthUnit unit) {
        Optional<Wear> wear = measured.wear(beside.earlier());
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
        wear.flatMap(of -> worn(measured, of, beside, unit)).ifPresent(story::add);
        grade(measured, beside).ifPresent(story::add);
        if (isLost) {
            story.add(next.map(of -> next(measured, of, unit)).orElseGet(() -> words.say("story.next.unlisted")));
        }
        return new FormView(
                String.join(" ", story),
                form.picture(measured, unit),
                form.figures(measured, unit, beside.aroundAs()),
                remarks(measured, beside),
                wear.filter(of -> isTold(measured, of, beside))
                        .map(of -> measured.hints(of).stream()
                                .map(hint -> words.say("wear.hint." + hint.code()))
                                .toList())
                        .orElse(List.of()),
                next.map(of -> stock(measured, of, unit)).orElse(List.of()));
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
                : words.say(
                        "story.side.half",
                        Map.of(
                                "half",
                                figures.rounded(
                                        wear.half(), unit, measured.resolution().dividedBy(10))));
    }

    private Optional<String> grade(MeasuredForm measured, Beside beside) {
        return measured.grade().map(held -> {
            String is = held.proven()
                    .map(grade -> words.say("story.grade.is", Map.of("grade", grade.stamp())))
                    .orElseGet(() -> held.possible().isEmpty()
                            ? words.say("story.grade.none")
                            : words.say("story.grade.perhaps", Map.of("grades", stamps(held))));
            return beside.stamped()
                    .map(stamp -> is + " " + words.say("story.stamp." + agrees(stamp, held), Map.of("stamp", stamp)))
                    .orElse(is);
        });
    }

    private static String agrees(String stamp, HeldGrade held) {
        if (held.proven().filter(grade -> grade.stamp().equals(stamp)).isPresent()) {
            return "agrees";
        }
        return held.possible().stream().anyMatch(grade -> grade.stamp().equals(stamp)) ? "may-be" : "differs";
    }

    private static String stamps(HeldGrade held) {
        return held.possible().stream().map(grade -> grade.stamp()).collect(Collectors.joining(", "));
    }

    /** The next size, whether it cleans up everywhere and with how much, and what if all the wear lies on one side. */
    private String next(MeasuredForm measured, NextSize next, LengthUnit unit) {
        if (next.size().isEmpty()) {
            return words.say("story.next.none");
        }
        FinishedSize size = next.size().get();
        String said = words.say(
                "story.next.size",
                Map.of(
                        "size", name(size, unit),
                        "stock", form.inUnit(next.leastStock().orElseThrow(), measured, unit)));
        if (next.oneSideSize().equals(next.size())) {
            return said;
        }
        return said + " "
                + next.oneSideSize()
                        .map(other -> words.say("story.next.one-side", Map.of("size", name(other, unit))))
                        .orElseGet(() -> words.say("story.next.one-side.none"));
    }

    /** {@code +0.030 in}, or {@code grade C}. */
    public String name(FinishedSize size, LengthUnit unit) {
        return size.fromNew()
                .map(step -> (step.isNegative() ? "\u2212" : "+") + stepSaid(step.abs(), unit))
                .orElseGet(() ->
                        words.say("story.grade", Map.of("grade", size.stamp().orElseThrow())));
    }

    /** As steps are usually listed, to a thou or a hundredth, with more digits only where it has them. */
    private String stepSaid(Length step, LengthUnit unit) {
        Length usual = unit.isInch() ? Length.ofInches("0.001") : Length.ofMillimetres("0.01");
        boolean isWhole = step.picometres() % usual.picometres() == 0;
        return (isWhole ? figures.reading(step, unit, usual) : figures.all(step, unit)).withUnit();
    }

    private List<StockView> stock(MeasuredForm measured, NextSize next, LengthUnit unit) {
        var stock = new ArrayList<StockView>();
        int i = 0;
        for (List<Optional<FormPlace>> level : measured.places()) {
            for (Optional<FormPlace> place : level) {
                if (place.isPresent() && i < next.stockPerSide().size()) {
                    stock.add(new StockView(
                            place.get().place().id(),
                            place.get().place().name(),
                            form.shown(next.stockPerSide().get(i++), measured, unit)));
                }
            }
        }
        return List.copyOf(stock);
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
                && measured.reference(beside.earlier()).isEmpty()) {
            remarks.add(words.say("form.no-reference"));
        }
        if (isAround) {
            remarks.add(words.say("form.lobes"));
        }
        remarks.add(words.say("form.straightness"));
        return List.copyOf(remarks);
    }
}
