package jawread.core.form;

import java.util.Locale;
import java.util.Optional;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.Guard;
import jawread.core.judge.NoiseRange;
import jawread.core.length.Length;
import jawread.core.limit.FormLimit;

/**
 * A figure of form, out-of-round, taper or spread, against its limit. A difference is read too large by noise alone and never
 * too small on the whole, so that being out is guarded twice.
 *
 * @param figure as a difference of diameters
 * @param guard 1.645·√2·u_place, the doubt of a difference; of a fit 1.645·u_oval
 * @param seen up to which such a figure may be noise alone: f(k)·u_place; of a fit 2.45·u_oval
 * @param cannotProve whether the guard alone fills the limit
 * @param word empty where there is no limit
 */
public record FormDecision(Length figure, Length guard, Length seen, boolean cannotProve, Optional<Word> word) {
    /** 95 % of the lengths of a vector with two such components are below it: the Rayleigh distribution. */
    private static final double FIT_SEEN = 2.45;

    /** What is decided. */
    public enum Word {
        OUT,
        TOO_CLOSE,
        IN;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Of a difference of places.
     *
     * @param places how many it was taken from, two or more
     * @param placeDeviation u_place in µm
     */
    public static FormDecision of(
            DecisionRule rule, Length figure, int places, Optional<FormLimit> limit, double placeDeviation) {
        return of(rule, figure, guardOf(placeDeviation), NoiseRange.of(places, placeDeviation), limit);
    }

    /** The doubt of a difference of two places. @param placeDeviation u_place in µm */
    public static Length guardOf(double placeDeviation) {
        return Guard.of(Math.sqrt(2) * placeDeviation);
    }

    /** Of an ellipse through a section. @param placeDeviation u_place in µm */
    public static FormDecision of(DecisionRule rule, Ovality fit, Optional<FormLimit> limit, double placeDeviation) {
        double standard = fit.standard(placeDeviation);
        return of(rule, fit.length(), Guard.of(standard), Length.nearest(FIT_SEEN * standard), limit);
    }

    /** Of a figure whose doubt is known already. */
    public static FormDecision of(
            DecisionRule rule, Length figure, Length guard, Length seen, Optional<FormLimit> limit) {
        Optional<Length> bound = limit.map(FormLimit::asDifference);
        return new FormDecision(
                figure,
                guard,
                seen,
                bound.filter(most -> guard.compareTo(most) >= 0).isPresent(),
                bound.map(most -> rule == DecisionRule.PLAIN
                        ? word(figure, most, Length.ZERO, Length.ZERO)
                        : word(figure, most, guard, guard.compareTo(seen) > 0 ? guard : seen)));
    }

    private static Word word(Length figure, Length limit, Length inside, Length outside) {
        if (figure.plus(inside).compareTo(limit) <= 0) {
            return Word.IN;
        }
        return figure.minus(outside).compareTo(limit) > 0 ? Word.OUT : Word.TOO_CLOSE;
    }

    /** Whether a true form would show no less: then nothing is said of its direction. */
    public boolean isNotLargerThanSeen() {
        return figure.compareTo(seen) <= 0;
    }
}
