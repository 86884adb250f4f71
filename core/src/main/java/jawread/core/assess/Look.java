package jawread.core.assess;

import java.time.Instant;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/**
 * What somebody saw of an item of a part that is looked at; a later look stands beside it.
 *
 * @param gauge that a thread was tried with, by the number it is kept under; empty where it was looked at
 */
public record Look(UUID id, UUID feature, Found found, Optional<Long> gauge, String note, long person, Instant madeAt) {
    /** What was seen. */
    public enum Found {
        OK,
        NOT_OK,
        /** It could not be seen: covered, dirty, out of sight. */
        NOT_SEEN;

        public static Optional<Found> of(String code) {
            return Arrays.stream(values())
                    .filter(each -> each.code().equals(code))
                    .findFirst();
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
