package jawread.core.scale;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * Which way the figures of a comparator go. To find out, push the contact in with a thumb: the size gets smaller; look
 * whether the figures fall or rise.
 */
public enum Sense {
    /** The figures grow as the bore grows. */
    GROWS(1),
    /** The figures shrink as the bore grows. */
    SHRINKS(-1);

    private final int sign;

    Sense(int sign) {
        this.sign = sign;
    }

    /** σ: +1 or −1. */
    public int sign() {
        return sign;
    }

    /** As it is written among the parts: +1 or -1. */
    public String code() {
        return sign > 0 ? "+1" : "-1";
    }

    /** The sense written as +1 or −1; empty for any other number. */
    public static Optional<Sense> ofSign(BigDecimal sign) {
        return sign.compareTo(BigDecimal.ONE) == 0
                ? Optional.of(GROWS)
                : sign.compareTo(BigDecimal.ONE.negate()) == 0 ? Optional.of(SHRINKS) : Optional.empty();
    }
}
