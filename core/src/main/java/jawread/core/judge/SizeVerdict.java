package jawread.core.judge;

import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.Optional;

/**
 * What is said of a size. In order from worst to best: the worst place decides its feature, the worst feature its part. That is
 * also why one place out outweighs another not yet measured.
 */
public enum SizeVerdict {
    /** It rests on a reading that is itself in doubt. */
    IN_DOUBT,
    /** Larger than an outside can be, smaller than an inside can be. */
    WRONG_WAY,
    GONE,
    BEYOND_SERVICE,
    METAL_LEFT,
    TOO_CLOSE,
    UNSETTLED,
    NOT_MEASURED,
    /** Where nobody has said what it was as new. */
    WITHIN_SERVICE,
    WORN,
    AS_NEW,
    IN;

    /** The one that is called so; empty for any other word. */
    public static Optional<SizeVerdict> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether a part with nothing worse may be used. */
    public boolean isGood() {
        return compareTo(WITHIN_SERVICE) >= 0;
    }

    /** Whether no cut and no further reading makes it better. */
    public boolean isLost() {
        return this == GONE || this == BEYOND_SERVICE;
    }

    /** The worst of several; not measured when there are none. */
    public static SizeVerdict worstOf(Collection<SizeVerdict> verdicts) {
        return Arrays.stream(values()).filter(verdicts::contains).findFirst().orElse(NOT_MEASURED);
    }
}
