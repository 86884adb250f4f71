package jawread.server.access;

import jakarta.annotation.Nullable;
import java.time.Instant;

/**
 * Something that was changed.
 *
 * @param person who did it; absent where nobody was signed on
 * @param about what it was done to, as it is called
 * @param field what of it
 * @param sentence all of it
 */
public record TrailView(
        long id,
        Instant at,
        @Nullable String person,
        String about,
        String field,
        @Nullable String before,
        @Nullable String after,
        String sentence) {}
