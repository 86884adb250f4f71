package jawread.core.judge;

import java.util.Collection;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/** What two-point sizes say of the envelope that a drawing demands: perfect form at maximum material (ISO 14405-1). */
public enum Envelope {
    /** A size is outside its limits: there is nothing to prove. */
    NOT_IN,
    PROVEN,
    /** Sizes are in; the form is not known, or does not stay within. */
    NOT_PROVEN;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** √(u² + u_diff²) of the places that are known least, in µm: a size and its form both stand against the limit. */
    public static double doubt(Collection<Uncertainty> places) {
        return Math.hypot(
                places.stream().mapToDouble(Uncertainty::standard).max().orElse(0),
                places.stream().mapToDouble(Uncertainty::difference).max().orElse(0));
    }

    /**
     * @param isOutside a shaft rather than a hole
     * @param form straightness, of a round part together with its roundness, by a check of its own; empty where nobody made one
     * @param guard 1.645 times {@link #doubt}; zero where limits are taken as they stand
     */
    public static Envelope of(
            boolean isOutside, Limits limits, Collection<Length> sizes, Optional<Length> form, Length guard) {
        if (sizes.isEmpty()) {
            throw new IllegalArgumentException("An envelope is about the sizes of some places, got none");
        }
        if (sizes.stream().anyMatch(size -> limits.isBelow(size) || limits.isAbove(size))) {
            return NOT_IN;
        }
        return form.filter(deviation -> staysWithin(isOutside, limits, sizes, deviation.plus(guard)))
                        .isPresent()
                ? PROVEN
                : NOT_PROVEN;
    }

    private static boolean staysWithin(boolean isOutside, Limits limits, Collection<Length> sizes, Length form) {
        return isOutside
                ? sizes.stream().noneMatch(size -> limits.isAbove(size.plus(form)))
                : sizes.stream().noneMatch(size -> limits.isBelow(size.minus(form)));
    }
}
