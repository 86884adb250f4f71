package jawread.core.assess;

import java.util.Optional;
import jawread.core.length.Length;

/**
 * A round of readings on one feature of one part.
 *
 * @param number 0 as found, n after cut n
 * @param asked what the cut before it set out to take off the size; empty when it was not said
 * @param to how far the size that it was reworked to lies from new, with its sign; zero: as new again; empty: it stays what it was
 * @param isCarried whether nobody said so here: it was left at that size in an earlier job
 */
public record Round(int number, Optional<Length> asked, Optional<Length> to, boolean isCarried) {
    public static final Round AS_FOUND = new Round(0, Optional.empty());

    /** One that stays the size it was. */
    public Round(int number, Optional<Length> asked) {
        this(number, asked, Optional.empty(), false);
    }

    /** The same, said to be another size from then on; empty: it stays what it was. */
    public Round saidToBe(Optional<Length> size) {
        return new Round(number, asked, size, false);
    }

    /** The same, of a part that came in at another size. */
    public Round cameAt(Length size) {
        return new Round(number, asked, Optional.of(size), true);
    }
}
