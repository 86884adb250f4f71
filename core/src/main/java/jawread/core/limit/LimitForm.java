package jawread.core.limit;

import java.util.List;
import java.util.Optional;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/** One way of writing limits. */
interface LimitForm {
    /**
     * Tried in this order: ± before single deviations, those before two limits, for a sign tells more than a dash; a size
     * that says nothing of what is allowed comes last.
     */
    List<LimitForm> ALL = List.of(
            new ByClass(),
            new ClassWithDeviations(),
            new PlusMinus(),
            new Deviations(),
            new OneLimit(),
            new TwoLimits(),
            new ByGeneralTolerance());

    /** Empty when the text is not written so; refused when it is, and a figure in it cannot be understood. */
    Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind);

    /** Around deviations they mean nothing. */
    static String withoutBrackets(String text) {
        return text.replaceAll(" *[()] *", " ").strip();
    }

    /** A micrometre is not divided into fractions. */
    static boolean isFineFraction(WrittenFigure figure) {
        return figure.isFraction()
                && figure.unit().filter(LengthUnit.MICROMETRE::equals).isPresent();
    }

    /** Two limits that are one and the same allow no part. */
    static Outcome<TypedLimits> apart(TypedLimits typed, String text) {
        return typed.limits().low().equals(typed.limits().high()) ? notUnderstood(text) : Outcome.of(typed);
    }

    static <T> Outcome<T> notUnderstood(String text) {
        return Outcome.refused(Refusal.of("limits-not-understood")
                .with("text", text)
                .with("likely", LikelyMeant.of(text).code()));
    }
}
