package jawread.server.journal;

import jakarta.annotation.Nullable;
import java.util.Locale;
import java.util.Objects;
import jawread.server.journal.Trailed.Under;

/**
 * One value that was changed.
 *
 * @param field what of it, as the trail names it: {@code range-low}
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

    /** The end of a property that is a length in whole picometres. */
    static final String LENGTH = "Pm";

    /** Notes it, where it is one, among what this thread's transaction has done. @param property {@code rangeLowPm} */
    static void note(Under under, String property, @Nullable String before, @Nullable String after) {
        if (property.equals(ADDED) || !Objects.equals(orNothing(before), orNothing(after))) {
            ThisTransaction.current()
                    .changes
                    .add(new Change(under, named(property), orNothing(before), orNothing(after)));
        }
    }

    /** An empty text says as little as none. */
    private static String orNothing(String text) {
        return text == null || text.isEmpty() ? null : text;
    }

    private static String named(String property) {
        String name = property.endsWith(LENGTH) ? property.substring(0, property.length() - LENGTH.length()) : property;
        return name.replaceAll("([a-z])([A-Z])", "$1-$2").toLowerCase(Locale.ROOT);
    }
}
