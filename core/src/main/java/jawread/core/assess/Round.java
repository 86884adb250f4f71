package jawread.core.assess;

import java.util.Optional;
import jawread.core.length.Length;

/**
 * A round of readings on one feature of one part.
 *
 * @param number 0 as found, n after cut n
 * @param asked what the cut before it set out to take off the size; empty when it was not said
 * @param to how far the size that it was reworked to lies from new, with its sign; zero: as new again; empty: it stays what it was
 */
public record Round(int number, Optional<Length> asked, Optional<Length> to) {
    public static final Round AS_FOUND = new Round(0, Optional.empty(), Optional.empty());

    /** The same, known to be another size from then on. */
    public Round at(Optional<Length> size) {
        return new Round(number, asked, size);
    }
}
