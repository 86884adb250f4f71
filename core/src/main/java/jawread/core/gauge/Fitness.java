package jawread.core.gauge;

import java.util.Locale;

/** What a method is for a feature, the best first. */
public enum Fitness {
    GOOD,
    /** It decides with the limits guarded: a part of the zone is too close to call. */
    WITH_CARE,
    /** The zone is narrower than what it does not know. */
    CANNOT_DECIDE,
    /** Three contacts see no plain ovality, and a limit asks for it. */
    CANNOT_SEE,
    /** A comparator that nothing in the drawer can set at this size. */
    NO_MASTER,
    OUT_OF_REACH,
    WRONG_RANGE,
    WRONG_KIND,
    /** Quarantined, or retired. */
    NOT_FIT;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether a reading can be taken with it at all. */
    public boolean canMeasure() {
        return compareTo(CANNOT_SEE) <= 0;
    }
}
