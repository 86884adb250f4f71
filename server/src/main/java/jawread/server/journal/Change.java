package jawread.server.journal;

import jakarta.annotation.Nullable;
import jawread.server.journal.Trailed.Under;

/**
 * One value that was changed.
 *
 * @param field what of it, as the trail names it
 * @param before absent where there was none
 * @param after absent where there is none now
 */
record Change(
        Under under,
        String field,
        @Nullable String before,
        @Nullable String after) {
    /** Of a thing that is new. */
    static final String ADDED = "added";
}
