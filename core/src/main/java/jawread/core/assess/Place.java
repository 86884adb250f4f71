package jawread.core.assess;

import java.math.BigDecimal;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * Where on a feature the gauge is put.
 *
 * @param id the number it is kept under
 * @param key which place of the feature it is, through all editions
 * @param depth from the feature's own face; empty while nobody has said how long the feature is
 * @param degrees around, from 0 up to but not 360
 * @param part of a place taken besides the plan's, the one part that it is on; empty for the plan's own
 * @param isByHand whether a hand found it, on one part: it counts for size and wear, and no form is reckoned from it. Its axis is an empty
 *     text where nobody said at which angle it lies
 * @param cannotBeMeasured why no gauge gets there; empty where one does
 */
public record Place(
        long id,
        PlaceKey key,
        String name,
        String section,
        String axis,
        Optional<Length> depth,
        BigDecimal degrees,
        Optional<Long> part,
        boolean isByHand,
        Optional<String> cannotBeMeasured) {
    /** One that is laid out. */
    public static Place of(
            long id,
            String name,
            String section,
            String axis,
            Optional<Length> depth,
            BigDecimal degrees,
            Optional<Long> part,
            Optional<String> cannotBeMeasured) {
        return new Place(
                id,
                PlaceKey.of(depth, section, degrees),
                name,
                section,
                axis,
                depth,
                degrees,
                part,
                false,
                cannotBeMeasured);
    }

    /**
     * One that a hand found on a part.
     *
     * @param name as it was called there
     * @param degrees empty where nobody said
     */
    public static Place byHand(
            long id, String name, String axis, Optional<Length> depth, Optional<BigDecimal> degrees, long part) {
        return new Place(
                id,
                PlaceKey.byHand(name),
                name,
                name,
                degrees.isPresent() ? axis : "",
                depth,
                degrees.orElse(BigDecimal.ZERO),
                Optional.of(part),
                true,
                Optional.empty());
    }

    /** Whether a gauge is put there on this part: the plan says so of all parts, a third axis was taken on one. */
    public boolean isOf(long which) {
        return part.isEmpty() || part.get() == which;
    }

    /** Whether a gauge is put to the same spot of the same part. */
    public boolean isAs(Place other) {
        return key.equals(other.key) && part.equals(other.part);
    }

    /** Whether it was taken besides those of the plan. */
    public boolean isAdded() {
        return part.isPresent();
    }

    public boolean canBeMeasured() {
        return cannotBeMeasured.isEmpty();
    }
}
