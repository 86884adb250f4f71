package jawread.server.live;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/**
 * What is answered to whoever had something kept: that it is, whatever comes of it.
 *
 * @param seq its number in the job; empty where what was kept before has none of its own
 */
public record Receipt(UUID id, Optional<Long> seq, When kept) {
    public enum When {
        NOW,
        /** It was sent before, just so: a retry. */
        BEFORE;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public static Receipt now(UUID id, long seq) {
        return new Receipt(id, Optional.of(seq), When.NOW);
    }

    public static Receipt before(UUID id, long seq) {
        return new Receipt(id, Optional.of(seq), When.BEFORE);
    }

    public static Receipt before(UUID id) {
        return new Receipt(id, Optional.empty(), When.BEFORE);
    }
}
