package jawread.core.limit;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * The sizes a worn part may be reworked to, as steps from its as-new size: oversizes of a bore (+0.030, +0.060), undersizes of a
 * shaft (−0.25, −0.50).
 *
 * @param steps how far from new each is, without its sign, the nearest first
 */
public record SizeSteps(List<Length> steps) {
    public SizeSteps {
        steps = List.copyOf(steps);
    }

    /**
     * {@code +0.030 +0.060}, {@code 0.25; 0.5; 0.75}: with or without the sign, that of the kind. Refuses what
     * {@link TypedLength#parse} refuses, a sign that puts metal back ({@code step-wrong-way-shaft},
     * {@code step-wrong-way-hole}), a step of nothing
     * ({@code step-zero}), and a kind that is not reworked to a size ({@code no-steps}).
     */
    public static Outcome<SizeSteps> parse(String text, LengthUnit unit, FeatureKind kind) {
        if (!kind.canBeCut()) {
            return Outcome.refused(Refusal.of("no-steps").with("kind", kind.code()));
        }
        Outcome<List<Length>> all = Outcome.of(List.of());
        for (String each : text.strip().split("[;\\s]+|,\\s+")) {
            all = all.then(before -> step(each, unit, kind).map(step -> with(before, step)));
        }
        return all.map(steps -> new SizeSteps(List.copyOf(new TreeSet<>(steps))));
    }

    private static Outcome<Length> step(String text, LengthUnit unit, FeatureKind kind) {
        boolean signed = !text.isEmpty() && !Character.isDigit(text.charAt(0)) && text.charAt(0) != '.';
        return TypedLength.parse(text, unit, TypedLength.Kind.DEVIATION).then(typed -> {
            if (typed.length().isZero()) {
                return Outcome.refused(Refusal.of("step-zero"));
            }
            boolean shrinks = typed.length().isNegative();
            return signed && shrinks != kind.shrinksWithCutting()
                    ? Outcome.refused(
                            Refusal.of(kind.shrinksWithCutting() ? "step-wrong-way-shaft" : "step-wrong-way-hole")
                                    .with("text", text))
                    : Outcome.of(typed.length().abs());
        });
    }

    private static List<Length> with(List<Length> before, Length step) {
        var all = new ArrayList<>(before);
        all.add(step);
        return all;
    }
}
