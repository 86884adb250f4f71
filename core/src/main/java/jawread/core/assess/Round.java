package jawread.core.assess;

import java.util.Optional;
import jawread.core.length.Length;

/**
 * A round of readings on one feature of one part.
 *
 * @param number 0 as found, n after cut n
 * @param asked what the cut before it set out to take off the size; empty when it was not said
 */
public record Round(int number, Optional<Length> asked) {
    static final Round AS_FOUND = new Round(0, Optional.empty());
}
