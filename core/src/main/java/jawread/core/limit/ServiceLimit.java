package jawread.core.limit;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * How far a feature may wear before it is to be replaced: W. It lies where wear leads, beyond the as-new limit or on it: for
 * what shrinks W ≤ Lo, for what grows W ≥ Hi.
 *
 * @param resolution one unit of the last figure it was written with
 */
public record ServiceLimit(Length length, Length resolution) {
    /** The same of a size that lies so much farther. */
    public ServiceLimit shifted(Length by) {
        return new ServiceLimit(length.plus(by), resolution);
    }

    /**
     * As typed. Refuses what {@link TypedLength#parse} refuses, a kind that does not wear in size ({@code does-not-wear}), and
     * a limit that a new part would be past ({@code service-above-new}, {@code service-below-new}).
     *
     * @param asNew the limits of a new part; empty where only the service limit is known
     */
    public static Outcome<ServiceLimit> parse(String text, LengthUnit unit, FeatureKind kind, Optional<Limits> asNew) {
        if (!kind.canBeCut()) {
            return Outcome.refused(Refusal.of("does-not-wear").with("kind", kind.code()));
        }
        return TypedLength.parse(text, unit, TypedLength.Kind.SIZE).then(typed -> onWearSide(typed, kind, asNew));
    }

    private static Outcome<ServiceLimit> onWearSide(TypedLength written, FeatureKind kind, Optional<Limits> asNew) {
        Length typed = written.length();
        Optional<Length> bound = asNew.flatMap(limits -> kind.shrinksWithCutting() ? limits.low() : limits.high());
        boolean wrong = bound.filter(asNewBound ->
                        kind.shrinksWithCutting() ? typed.compareTo(asNewBound) > 0 : typed.compareTo(asNewBound) < 0)
                .isPresent();
        return wrong
                ? Outcome.refused(Refusal.of(kind.shrinksWithCutting() ? "service-above-new" : "service-below-new")
                        .with("service", typed)
                        .with("limit", bound.get()))
                : Outcome.of(new ServiceLimit(typed, written.resolution()));
    }
}
