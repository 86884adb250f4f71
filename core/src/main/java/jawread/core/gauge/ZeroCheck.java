package jawread.core.gauge;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * What a gauge showed on closed faces or on a master, what was done about it, and what is left.
 *
 * @param found shown − true, before anything was done
 * @param left shown − true, afterwards
 */
public record ZeroCheck(Length found, Done done, Length left) {
    /** What was done. */
    public enum Done {
        NOTHING,
        SET_TO_ZERO,
        SENT_AWAY;

        /** The one that is called so; empty for any other word. */
        public static Optional<Done> of(String code) {
            return Arrays.stream(values())
                    .filter(done -> done.code().equals(code))
                    .findFirst();
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Refuses {@code check-again}: who has set a gauge to zero looks again at what it shows; {@code left-differs}: nothing was
     * done, and yet something else is left.
     *
     * @param left of a second look; null where there was none
     */
    public static Outcome<ZeroCheck> of(Length found, Done done, Length left) {
        if (done == Done.SET_TO_ZERO && left == null) {
            return Outcome.refused(Refusal.of("check-again"));
        }
        if (done != Done.SET_TO_ZERO && left != null && !left.equals(found)) {
            return Outcome.refused(Refusal.of("left-differs"));
        }
        return Outcome.of(new ZeroCheck(found, done, left == null ? found : left));
    }

    /** Whether what was found is more than may be left alone. @param allowed zero or above */
    public boolean wasOff(Length allowed) {
        return found.abs().compareTo(allowed) > 0;
    }

    /** Whether what is left is more than may be left alone. */
    public boolean isOff(Length allowed) {
        return left.abs().compareTo(allowed) > 0;
    }

    /** What is added to each reading while this check stands: what is known is not left in, however small. */
    public Length correction() {
        return Length.ZERO.minus(left);
    }
}
