package jawread.core.limit;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * Limits as a person types them into one field, in any form in use; each form is a file ({@link PlusMinus},
 * {@link Deviations}, {@link TwoLimits}, {@link OneLimit}, {@link ByClass}).
 *
 * @param turned whether two limits were typed the wrong way round and have been turned; the user is told
 * @param resolution the finer of the figures' stated resolutions
 */
public record TypedLimits(Limits limits, boolean turned, Length resolution) {
    static TypedLimits of(Limits limits, TypedLength one, TypedLength other) {
        Length finer = one.resolution().compareTo(other.resolution()) <= 0 ? one.resolution() : other.resolution();
        return new TypedLimits(limits, false, finer);
    }

    TypedLimits asTurned() {
        return new TypedLimits(limits, true, resolution);
    }

    /** As {@link #parse(String, LengthUnit, FeatureKind)}, of an outside size. */
    public static Outcome<TypedLimits> parse(String text, LengthUnit defaultUnit) {
        return parse(text, defaultUnit, FeatureKind.OUTSIDE);
    }

    /**
     * Exact. Refuses what {@link TypedLength#parse} and {@link ToleranceClass#at} refuse, a class of the mating part
     * ({@code class-of-a-shaft}, {@code class-of-a-hole}), and {@code limits-not-understood}.
     *
     * @param kind says which part of a fit is meant
     */
    public static Outcome<TypedLimits> parse(String text, LengthUnit defaultUnit, FeatureKind kind) {
        String trimmed = text.strip();
        if (trimmed.isEmpty()) {
            return Outcome.refused("empty");
        }
        return LimitForm.ALL.stream()
                .map(form -> form.read(trimmed, defaultUnit, kind))
                .flatMap(Optional::stream)
                .findFirst()
                .orElseGet(() ->
                        Outcome.refused(Refusal.of("limits-not-understood").with("text", trimmed)));
    }
}
