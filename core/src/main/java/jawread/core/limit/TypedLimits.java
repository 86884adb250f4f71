package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * Limits as a person types them into one field, in any form in use; each form is a file ({@link PlusMinus},
 * {@link Deviations}, {@link TwoLimits}, {@link OneLimit}, {@link ByClass}, {@link ByGeneralTolerance}).
 *
 * @param turned whether two limits were typed the wrong way round and have been turned; the user is told
 * @param resolution the finer of the figures' stated resolutions
 * @param nominal the size that a deviation, a class or a general tolerance was put to; empty for bare limits
 * @param fit the class or fit that was written, if one was: of a fit the mating part has its limits there too
 */
public record TypedLimits(
        Limits limits, boolean turned, Length resolution, Optional<Length> nominal, Optional<Fit> fit) {
    /** A sign for a diameter before the figure says what the kind says already. */
    private static final Pattern DIAMETER = Pattern.compile("^[\u00d8\u2300\u00f8]\\s*");

    static TypedLimits of(Limits limits, TypedLength one, TypedLength other) {
        Length finer = one.resolution().compareTo(other.resolution()) <= 0 ? one.resolution() : other.resolution();
        return new TypedLimits(limits, false, finer, Optional.empty(), Optional.empty());
    }

    static TypedLimits of(Limits limits, Length nominal, Length resolution) {
        return new TypedLimits(limits, false, resolution, Optional.of(nominal), Optional.empty());
    }

    /** The same of a size that lies so much farther; it is no class of the nominal size any more. */
    public TypedLimits shifted(Length by) {
        return new TypedLimits(limits.shifted(by), turned, resolution, nominal, by.isZero() ? fit : Optional.empty());
    }

    TypedLimits asTurned() {
        return new TypedLimits(limits, true, resolution, nominal, fit);
    }

    TypedLimits about(Length size) {
        return new TypedLimits(limits, turned, resolution, Optional.of(size), fit);
    }

    TypedLimits from(Fit written) {
        return new TypedLimits(limits, turned, resolution, Optional.of(written.nominal()), Optional.of(written));
    }

    /** As {@link #parse(String, TitleBlock, FeatureKind)}, of an outside size on a drawing that says nothing else. */
    public static Outcome<TypedLimits> parse(String text, LengthUnit defaultUnit) {
        return parse(text, TitleBlock.in(defaultUnit), FeatureKind.OUTSIDE);
    }

    /**
     * Exact. Refuses what {@link TypedLength#parse}, {@link ToleranceClass#at} and {@link GeneralTolerance#at} refuse, a class
     * of the mating part ({@code class-of-a-shaft}, {@code class-of-a-hole}), a size whose tolerance nobody stated
     * ({@code no-tolerance}), a low limit below zero ({@code limit-below-zero}), and {@code limits-not-understood}.
     *
     * @param block what the drawing says of all its sizes
     * @param kind says which part of a fit is meant; a bare figure for a runout is the largest allowed
     */
    public static Outcome<TypedLimits> parse(String text, TitleBlock block, FeatureKind kind) {
        String trimmed = DIAMETER.matcher(text.strip()).replaceFirst("");
        if (trimmed.isEmpty()) {
            return Outcome.refused("empty");
        }
        Outcome<TypedLimits> read =
                kind == FeatureKind.RUNOUT ? largest(trimmed, block) : written(trimmed, block, kind);
        return read.then(TypedLimits::aboveZero);
    }

    private static Outcome<TypedLimits> written(String text, TitleBlock block, FeatureKind kind) {
        return LimitForm.ALL.stream()
                .map(form -> form.read(text, block, kind))
                .flatMap(Optional::stream)
                .findFirst()
                .orElseGet(() ->
                        Outcome.refused(Refusal.of("limits-not-understood").with("text", text)));
    }

    private static Outcome<TypedLimits> largest(String text, TitleBlock block) {
        return new OneLimit()
                .read(text, block, FeatureKind.RUNOUT)
                .orElseGet(() -> TypedLength.parse(text, block.unit(), TypedLength.Kind.SIZE)
                        .map(most -> of(Limits.atMost(most.length()), most, most)));
    }

    /** A tolerance larger than the size it stands by is a slip of the pen. */
    private static Outcome<TypedLimits> aboveZero(TypedLimits typed) {
        return typed.limits()
                .low()
                .filter(Length::isNegative)
                .map(low -> Outcome.<TypedLimits>refused(
                        Refusal.of("limit-below-zero").with("limit", low)))
                .orElse(Outcome.of(typed));
    }
}
