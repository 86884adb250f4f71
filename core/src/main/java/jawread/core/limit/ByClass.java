package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/** A tolerance class or a fit: {@code 25 k6}, {@code 44 H8/f7}. Of a fit the limits of the part at hand are taken. */
final class ByClass implements LimitForm {
    private static final String CLASS = "(?!to|in|mm|um)[A-Za-z]{1,2}\\d{1,2}";
    /** Ends in a class: a letter or two and a grade. */
    private static final Pattern TEXT =
            Pattern.compile(".*\\d[.,]?(?: *(?i:mm|inches|inch|in|\"))? *" + CLASS + "(?: *[/-] *" + CLASS + ")?");

    /** The tables are in whole micrometres; half a grade may end on a half one. */
    private static final Length MICROMETRE = Length.ofMicrometres(1);

    private static final Length HALF = MICROMETRE.half();

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        return TEXT.matcher(text).matches()
                ? Optional.of(Fit.parse(text, block.unit()).then(fit -> ofThisPart(fit, text, kind)))
                : Optional.empty();
    }

    private static Outcome<TypedLimits> ofThisPart(Fit fit, String text, FeatureKind kind) {
        return (kind.isHole() ? fit.hole() : fit.shaft())
                .map(limits -> Outcome.of(TypedLimits.of(limits, fit.nominal(), resolutionOf(limits))
                        .from(fit)))
                .orElseGet(() -> Outcome.refused(Refusal.of(kind.isHole() ? "class-of-a-shaft" : "class-of-a-hole")
                        .with("text", text)));
    }

    private static Length resolutionOf(Limits limits) {
        boolean whole = limits.stated().stream().allMatch(limit -> limit.picometres() % MICROMETRE.picometres() == 0);
        return whole ? MICROMETRE : HALF;
    }
}
