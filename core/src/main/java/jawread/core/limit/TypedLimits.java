package jawread.core.limit;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * Limits as a person types them: nominal ± t ({@code 118 ± 0.2}, {@code 118 +/- 0.2}), or two limits in either order
 * ({@code 31.938 / 32.000}, {@code 32.000 to 31.938}).
 *
 * @param turned whether two limits were typed the wrong way round and have been turned; the user is told
 * @param resolution the finer of the two figures' stated resolutions
 */
public record TypedLimits(Limits limits, boolean turned, Length resolution) {
    private static final Pattern PLUS_MINUS =
            Pattern.compile("(.+?)\\s*(?:±|\\+\\s*/\\s*[-\u2212]|\\+[-\u2212])\\s*(.+)");
    /** A slash with space around it, so that 1 3/8 / 1 1/2 keeps its fractions; or one beside a decimal. */
    private static final Pattern TWO =
            Pattern.compile("(.+?)(?:\\s+/\\s+|\\s*(?:\u2026|\\.\\.\\.?|\u2013)\\s*|\\s+to\\s+)(.+)");

    private static final Pattern TWO_DECIMALS_TIGHT = Pattern.compile("([^/]*[.,][^/]*)/([^/]+)");

    /** Exact. Refuses what {@link TypedLength#parse} refuses, and {@code limits-not-understood}. */
    public static Outcome<TypedLimits> parse(String text, LengthUnit defaultUnit) {
        String trimmed = text.strip();
        if (trimmed.isEmpty()) {
            return Outcome.refused("empty");
        }
        Matcher plusMinus = PLUS_MINUS.matcher(trimmed);
        if (plusMinus.matches()) {
            return both(plusMinus, defaultUnit, TypedLimits::ofPlusMinus);
        }
        for (Pattern form : new Pattern[] {TWO, TWO_DECIMALS_TIGHT}) {
            Matcher two = form.matcher(trimmed);
            if (two.matches()) {
                return both(two, defaultUnit, TypedLimits::ofTwo);
            }
        }
        return Outcome.refused(Refusal.of("limits-not-understood").with("text", trimmed));
    }

    private interface Form {
        TypedLimits of(TypedLength first, TypedLength second);
    }

    private static Outcome<TypedLimits> both(Matcher matcher, LengthUnit unit, Form form) {
        return TypedLength.parse(matcher.group(1), unit, Kind.SIZE)
                .then(first -> TypedLength.parse(matcher.group(2), first.unit(), Kind.SIZE)
                        .map(second -> form.of(first, second)));
    }

    private static TypedLimits ofPlusMinus(TypedLength nominal, TypedLength tolerance) {
        return new TypedLimits(
                Limits.of(
                        nominal.length().minus(tolerance.length()),
                        nominal.length().plus(tolerance.length())),
                false,
                finer(nominal, tolerance));
    }

    private static TypedLimits ofTwo(TypedLength first, TypedLength second) {
        boolean turned = first.length().compareTo(second.length()) > 0;
        Limits limits =
                turned ? Limits.of(second.length(), first.length()) : Limits.of(first.length(), second.length());
        return new TypedLimits(limits, turned, finer(first, second));
    }

    private static Length finer(TypedLength one, TypedLength two) {
        return one.resolution().compareTo(two.resolution()) <= 0 ? one.resolution() : two.resolution();
    }
}
