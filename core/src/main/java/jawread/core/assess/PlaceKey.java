package jawread.core.assess;

import java.math.BigDecimal;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * Which place of a feature it is, whatever it is called: how deep its section lies, and at which angle its axis. Of a section that nobody
 * gave a depth, its name.
 *
 * @param section empty text where the depth is known
 * @param degrees without trailing zeros
 */
public record PlaceKey(Optional<Length> depth, String section, BigDecimal degrees) {
    public static PlaceKey of(Optional<Length> depth, String section, BigDecimal degrees) {
        return new PlaceKey(depth, depth.isPresent() ? "" : section, degrees.stripTrailingZeros());
    }
}
