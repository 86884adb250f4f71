package jawread.server.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.assess.FormPlace;
import jawread.core.assess.MeasuredForm;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.HeldGrade;
import jawread.core.rework.NextSize;
import jawread.server.form.FormView.StockView;
import jawread.server.form.StoryWords.Beside;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tells what can still be made of a feature: its grade, and the next size it cleans up at. */
@Component
public class ReworkWords {
    private final FormWords form;
    private final Figures figures;
    private final Words words;

    ReworkWords(FormWords form, Figures figures, Words words) {
        this.form = form;
        this.figures = figures;
        this.words = words;
    }

    /** The grade that its sizes bear out, held against its stamp; empty where none is listed. */
    Optional<String> grade(MeasuredForm measured, Beside beside) {
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
    String said(MeasuredForm measured, NextSize next, LengthUnit unit) {
        if (next.size().isEmpty()) {
            return words.say("story.next.none");
        }
        FinishedSize size = next.size().get();
        String said = words.say(
                "story.next.size",
                Map.of(
                        "size", name(size, unit),
                        "stock",
                                form.told(next.leastStock().orElseThrow(), measured, unit)
                                        .withUnit()));
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
                .map(step -> step(step, unit))
                .orElseGet(() ->
                        words.say("story.grade", Map.of("grade", size.stamp().orElseThrow())));
    }

    /** {@code +0.030 in}. @param fromNew not zero */
    public String step(Length fromNew, LengthUnit unit) {
        return (fromNew.isNegative() ? "\u2212" : "+") + stepSaid(fromNew.abs(), unit);
    }

    /** As steps are usually listed, to a thou or a hundredth, with more digits only where it has them. */
    private String stepSaid(Length step, LengthUnit unit) {
        Length usual = unit.isInch() ? Length.ofInches("0.001") : Length.ofMillimetres("0.01");
        boolean isWhole = step.picometres() % usual.picometres() == 0;
        return (isWhole ? figures.reading(step, unit, usual) : figures.all(step, unit)).withUnit();
    }

    /** What comes off each side at each place on the way there. */
    List<StockView> stock(MeasuredForm measured, NextSize next, LengthUnit unit) {
        var stock = new ArrayList<StockView>();
        int i = 0;
        for (List<Optional<FormPlace>> level : measured.places()) {
            for (Optional<FormPlace> place : level) {
                if (place.isPresent() && i < next.stockPerSide().size()) {
                    stock.add(new StockView(
                            place.get().place().id(),
                            place.get().place().name(),
                            form.told(next.stockPerSide().get(i++), measured, unit)));
                }
            }
        }
        return List.copyOf(stock);
    }
}
