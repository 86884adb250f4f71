package jawread.server.card;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
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

    private static final Length USUAL_AT = Length.ofMillimetres("40");
    private static final Pattern CLASSES =
            Pattern.compile("[A-Za-z]{1,2} *\\d{1,2}(?: *[/-] *[A-Za-z]{1,2} *\\d{1,2})?$");
    private static final Length ONE_MILLIMETRE = Length.ofMillimetres("1");
    private static final int COARSEST_UP_TO_ONE = 13;
    private static final int COARSEST_N_UP_TO_ONE = 8;

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

    private UsualView usual(String classes) {
        Fit.Word word = Fit.parse("40 " + classes, LengthUnit.MILLIMETRE)
                .fold(fit -> fit.word().orElseThrow(), refusal -> {
                    throw new IllegalStateException(classes + " at " + USUAL_AT + ": " + refusal.code());
                });
        return new UsualView(
                classes, words.say("fit.word." + word.code()), words.say("fit.use." + classes.replace('/', '-')));
    }

    /** Refuses a text that is neither a size nor a size with classes, and what the tables do not have. */
    FitView of(TypedFit typed) {
        LengthUnit unit = fields.unit(typed.unit());
        Matcher classes = CLASSES.matcher(typed.text().strip());
        Optional<Length> alone =
                classes.find() ? Optional.empty() : fields.aboveZero("text", typed.text(), unit, "size-needed");
        Fit fit = alone.map(size -> new Fit(size, Optional.empty(), Optional.empty()))
                .orElseGet(() -> Fit.parse(typed.text(), unit).fold(found -> found, refusal -> {
                    throw fields.refused("text", refusal, unit);
                }));
        Optional<Length> hole = fields.aboveZero("hole", typed.hole(), unit, "size-needed");
        Optional<Length> shaft = fields.aboveZero("shaft", typed.shaft(), unit, "size-needed");
        String written = alone.isPresent() ? "" : classes.group().replace(" ", "");
        Fit made = hole.map(fit::withHole).orElse(fit);
        made = shaft.map(made::withShaft).orElse(made);
        boolean isMeasured = hole.isPresent() || shaft.isPresent();
        GapView gap = gap(fit, "fit.gap.", unit);
        return new FitView(
                figures.fine(fit.nominal(), unit),
                written,
                fit.hole()
                        .map(limits -> zone(fit, limits, written, true, hole, unit))
                        .orElse(null),
                fit.shaft()
                        .map(limits -> zone(fit, limits, written, false, shaft, unit))
                        .orElse(null),
                gap,
                isMeasured
                        ? gap(made, hole.isPresent() && shaft.isPresent() ? "fit.made." : "fit.may-be.", unit)
                        : null,
                general(fit.nominal(), unit),
                remarks(fit, written, unit),
                gap == null ? alone(fit, unit) : gap.sentence());
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

    private ZoneView zone(
            Fit fit, Limits limits, String written, boolean isHole, Optional<Length> measured, LengthUnit unit) {
        String[] both = written.split("[/-]");
        String name = isHole || both.length == 1 ? both[0] : both[1];
        Length low = limits.low().orElseThrow();
        Length high = limits.high().orElseThrow();
        return new ZoneView(
                name,
                TypedFields.asTyped(fit.nominal(), unit) + " " + name,
                shown(low, unit),
                shown(high, unit),
                shown(low.minus(fit.nominal()), unit),
                shown(high.minus(fit.nominal()), unit),
                words.say(isHole ? "fit.hole" : "fit.shaft", Map.of("name", name, "limits", between(limits, unit))),
                measured.map(size -> figures.fine(size, unit)).orElse(null),
                measured.map(size -> limits.isBelow(size) ? "below" : limits.isAbove(size) ? "above" : "in")
                        .orElse(""));
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

    private List<String> remarks(Fit fit, String written, LengthUnit unit) {
        var remarks = new ArrayList<String>();
        if (unit.isInch() && !written.isEmpty()) {
            remarks.add(words.say("doubt.class-is-metric"));
        }
        for (String each : written.split("[/-]")) {
            String letters = each.replaceAll("\\d", "");
            int grade = each.equals(letters) ? 0 : Integer.parseInt(each.substring(letters.length()));
            boolean isSmall = fit.nominal().compareTo(ONE_MILLIMETRE) <= 0;
            if (isSmall && (grade > COARSEST_UP_TO_ONE || (letters.equals("N") && grade > COARSEST_N_UP_TO_ONE))) {
                remarks.add(words.say("fit.not-used-so-small", Map.of("name", each)));
            }
            if (letters.equalsIgnoreCase("js")) {
                remarks.add(words.say("fit.js", Map.of("name", each)));
            }
        }
        return remarks;
    }
}
