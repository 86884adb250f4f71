package jawread.core.assess;

import java.math.BigDecimal;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * Which place of a feature it is, whatever it is called: how deep its section lies, and at which angle its axis. Of a section that nobody
 * gave a depth, its name; of one that a hand found, its name too, for nothing else is sure to be known of it.
 *
 * @param section empty text where the depth is known
 * @param degrees without trailing zeros
 */
public record PlaceKey(Optional<Length> depth, String section, BigDecimal degrees, boolean isByHand) {
    public static PlaceKey of(Optional<Length> depth, String section, BigDecimal degrees) {
        return new PlaceKey(depth, depth.isPresent() ? "" : section, degrees.stripTrailingZeros(), false);
    }

    /** @param name as it was called on its part */
    static PlaceKey byHand(String name) {
        return new PlaceKey(Optional.empty(), name, BigDecimal.ZERO, true);
    }
}
