package jawread.server.card;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.TypedLength;
import jawread.core.limit.Fit;
import jawread.core.limit.GeneralTolerance;
import jawread.core.limit.Limits;
import jawread.core.limit.ToleranceClass;
import jawread.server.card.FitView.ClassesView;
import jawread.server.card.FitView.GapView;
import jawread.server.card.FitView.GeneralView;
import jawread.server.card.FitView.UsualView;
import jawread.server.card.FitView.ZoneView;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** Fits and general tolerances: the zones of hole and shaft, what lies between them, and what two measured parts make. */
@Service
class FitTable {
    /** Hole basis, from a loose running fit to a press fit: those that ISO 286-1 prefers. */
    private static final List<String> USUAL = List.of(
            "H11/c11", "H9/d9", "H8/e8", "H8/f7", "H7/g6", "H7/h6", "H7/js6", "H7/k6", "H7/n6", "H7/p6", "H7/s6",
            "H7/u6");

    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    FitTable(TypedFields fields, Figures figures, Words words) {
        this.fields = fields;
        this.figures = figures;
        this.words = words;
    }

    /**
     * @param text {@code 40 H7/g6}, {@code 25 k6}, or a size alone
     * @param hole as it was measured; empty where it was not
     * @param shaft as it was measured; empty where it was not
     */
    record TypedFit(String unit, String text, String hole, String shaft) {}

    ClassesView classes() {
        return new ClassesView(
                ToleranceClass.holeLetters(),
                ToleranceClass.shaftLetters(),
                IntStream.rangeClosed(ToleranceClass.FINEST_GRADE, ToleranceClass.COARSEST_GRADE)
                        .boxed()
                        .toList(),
                USUAL.stream().map(this::usual).toList());
    }

    /** What a class is called does not hang on the size. */
    private UsualView usual(String classes) {
        Fit.Word word = Fit.parse("40 " + classes, LengthUnit.MILLIMETRE)
                .orThrow()
                .word()
                .orElseThrow();
        return new UsualView(
                classes, words.say("fit.word." + word.code()), words.say("fit.use." + classes.replace('/', '-')));
    }

    /** Refuses a text that is neither a size nor a size with classes, and what the tables do not have. */
    FitView of(TypedFit typed) {
        LengthUnit unit = fields.unit(typed.unit());
        Fit fit = fit(typed.text(), unit);
        Optional<Length> hole = fields.aboveZero("hole", typed.hole(), unit, "size-needed");
        Optional<Length> shaft = fields.aboveZero("shaft", typed.shaft(), unit, "size-needed");
        Fit withHole = hole.map(fit::withHole).orElse(fit);
        Fit made = shaft.map(withHole::withShaft).orElse(withHole);
        String measured = hole.isPresent() && shaft.isPresent() ? "fit.made." : "fit.may-be.";
        GapView gap = gap(fit, "fit.gap.", unit);
        return new FitView(
                TypedFields.asTyped(fit.nominal(), unit),
                figures.fine(fit.nominal(), unit),
                fit.hole()
                        .map(limits -> zone(fit, fit.holeClass().orElseThrow(), limits, hole, unit))
                        .orElse(null),
                fit.shaft()
                        .map(limits -> zone(fit, fit.shaftClass().orElseThrow(), limits, shaft, unit))
                        .orElse(null),
                gap,
                made.equals(fit) ? null : gap(made, measured, unit),
                general(fit.nominal(), unit),
                remarks(fit, unit),
                gap == null ? alone(fit, unit) : gap.sentence());
    }

    private Fit fit(String text, LengthUnit unit) {
        boolean isSize = TypedLength.parse(text, unit, TypedLength.Kind.SIZE).fold(size -> true, refusal -> false);
        return isSize
                ? Fit.alone(fields.aboveZero("text", text, unit, "size-needed").orElseThrow())
                : Fit.parse(text, unit).fold(found -> found, refusal -> {
                    throw fields.refused("text", refusal, unit);
                });
    }

    private String alone(Fit fit, LengthUnit unit) {
        return fit.hole()
                .or(fit::shaft)
                .map(limits -> words.say("fit.alone", Map.of("limits", between(limits, unit))))
                .orElseGet(() -> words.say("fit.no-class"));
    }

    private String between(Limits limits, LengthUnit unit) {
        return words.say(
                "fit.between",
                Map.of(
                        "low", figures.exactly(limits.low().orElseThrow(), unit),
                        "high", figures.exactly(limits.high().orElseThrow(), unit)));
    }

    private ZoneView zone(Fit fit, ToleranceClass of, Limits limits, Optional<Length> measured, LengthUnit unit) {
        Length low = limits.low().orElseThrow();
        Length high = limits.high().orElseThrow();
        return new ZoneView(
                of.letter(),
                of.grade(),
                TypedFields.asTyped(fit.nominal(), unit) + " " + of,
                shown(low, unit),
                shown(high, unit),
                shown(low.minus(fit.nominal()), unit),
                shown(high.minus(fit.nominal()), unit),
                words.say(
                        of.isHole() ? "fit.hole" : "fit.shaft",
                        Map.of("name", of.toString(), "limits", between(limits, unit))),
                measured.map(size -> figures.fine(size, unit)).orElse(null),
                measured.map(size -> words.say(
                                "fit.measured."
                                        + (limits.isBelow(size) ? "below" : limits.isAbove(size) ? "above" : "in"),
                                Map.of("size", figures.exactly(size, unit))))
                        .orElse(null));
    }

    /** To the micrometre, or the hundred-thousandth of an inch: a converted limit stays on its side. */
    private LengthText shown(Length length, LengthUnit unit) {
        return unit.isInch()
                ? figures.computed(length, unit, Length.ofInches("0.0001"), List.of())
                : figures.reading(length, unit, LengthUnit.MICROMETRE.whole());
    }

    private GapView gap(Fit fit, String key, LengthUnit unit) {
        if (fit.word().isEmpty()) {
            return null;
        }
        Length smallest = fit.smallestClearance().orElseThrow();
        Length largest = fit.largestClearance().orElseThrow();
        Fit.Word word = fit.word().orElseThrow();
        boolean isPress = word == Fit.Word.INTERFERENCE;
        return new GapView(
                shown(smallest, unit),
                shown(largest, unit),
                words.say("fit.word." + word.code()),
                words.say(
                        key + word.code(),
                        Map.of(
                                "least", figures.exactly((isPress ? largest : smallest).abs(), unit),
                                "most", figures.exactly((isPress ? smallest : largest).abs(), unit))));
    }

    private List<GeneralView> general(Length nominal, LengthUnit unit) {
        return Arrays.stream(GeneralTolerance.values())
                .map(each -> {
                    Optional<Length> width = each.at(nominal).fold(Optional::of, refusal -> Optional.empty());
                    return new GeneralView(
                            words.say("fit.general." + each.code()),
                            width.map(found -> figures.fine(found, unit)).orElse(null),
                            width.map(found -> TypedFields.asTyped(nominal, unit) + " ± "
                                            + TypedFields.asTyped(found, unit))
                                    .orElse(""));
                })
                .toList();
    }

    private List<String> remarks(Fit fit, LengthUnit unit) {
        List<ToleranceClass> classes = Stream.of(fit.holeClass(), fit.shaftClass())
                .flatMap(Optional::stream)
                .toList();
        return Stream.of(
                        classes.stream()
                                .filter(each -> unit.isInch())
                                .limit(1)
                                .map(each -> words.say("doubt.class-is-metric")),
                        classes.stream()
                                .filter(each -> !each.isUsedAt(fit.nominal()))
                                .map(each -> words.say("fit.not-used-so-small", Map.of("name", each.toString()))),
                        classes.stream()
                                .filter(ToleranceClass::isSymmetric)
                                .map(each -> words.say("fit.js", Map.of("name", each.toString()))))
                .flatMap(each -> each)
                .toList();
    }
}
