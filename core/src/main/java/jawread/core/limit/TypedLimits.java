package jawread.core.limit;

import java.util.Optional;
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
 * @param leftOut what was typed with them that says nothing of the size: {@code 2X}, {@code TYP}; empty where nothing was
 * @param byClass what the table says of a class that stood before deviations, which count; empty where none did
 */
public record TypedLimits(
        Limits limits,
        boolean turned,
        Length resolution,
        Optional<Length> nominal,
        Optional<Fit> fit,
        String leftOut,
        Optional<Limits> byClass) {
    private TypedLimits(Limits limits, boolean turned, Length resolution, Optional<Length> nominal, Optional<Fit> fit) {
        this(limits, turned, resolution, nominal, fit, "", Optional.empty());
    }

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

    private TypedLimits without(String left) {
        return new TypedLimits(limits, turned, resolution, nominal, fit, left, byClass);
    }

    TypedLimits besideClass(Optional<Limits> table) {
        return new TypedLimits(limits, turned, resolution, nominal, fit, leftOut, table);
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
        var drawing = DrawingText.of(text);
        if (drawing.text().isEmpty()) {
            return Outcome.refused("empty");
        }
        Outcome<TypedLimits> read =
                kind == FeatureKind.RUNOUT ? largest(drawing.text(), block) : written(drawing.text(), block, kind);
        return read.then(TypedLimits::aboveZero).map(typed -> typed.without(drawing.leftOut()));
    }

    private static Outcome<TypedLimits> written(String text, TitleBlock block, FeatureKind kind) {
        return LimitForm.ALL.stream()
                .map(form -> form.read(text, block, kind))
                .flatMap(Optional::stream)
                .findFirst()
                .orElseGet(() -> LimitForm.notUnderstood(text));
    }

    private static Outcome<TypedLimits> largest(String text, TitleBlock block) {
        return new OneLimit()
                .read(text, block, FeatureKind.RUNOUT)
                .orElseGet(() -> TypedLength.parse(text, block.unit(), TypedLength.Kind.SIZE)
                        .map(most -> of(Limits.atMost(most.length()), most, most)));
    }

    /** A tolerance larger than the size it stands by is a slip of the pen; so is a part larger than any that is measured by hand. */
    private static Outcome<TypedLimits> aboveZero(TypedLimits typed) {
        Optional<Length> low = typed.limits().low().filter(Length::isNegative);
        if (low.isPresent()) {
            return Outcome.refused(Refusal.of("limit-below-zero").with("limit", low.get()));
        }
        return typed.limits().stated().stream().anyMatch(limit -> limit.compareTo(Length.LARGEST_SIZE) > 0)
                ? Outcome.refused("too-large")
                : Outcome.of(typed);
    }
}
