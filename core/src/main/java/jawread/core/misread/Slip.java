package jawread.core.misread;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The catalogue of slips, in the order in which they are named: by group, within a group as they stand here. */
public enum Slip {
    /** Counts a coarse line that is only just showing. */
    NEXT_LINE(1, Where.COARSE),
    /** Overlooks the visible half-millimetre line; stands in place of {@link #MISSED_LINE} on a metric thimble. */
    MISSED_HALF(1, Where.COARSE),
    /** Leaves out a coarse line that counts. */
    MISSED_LINE(1, Where.COARSE),
    /** Reads the main scale at the slide's edge instead of the vernier's zero. */
    SLIDE_EDGE(1, Where.COARSE),
    /** Takes the neighbouring printed figure. */
    WRONG_FIGURE(2, Where.COARSE),
    /** Leaves out frame, rod or nib. */
    BASE_FORGOTTEN(3, Where.BASE),
    /** Adds frame, rod or nib again. */
    BASE_TWICE(3, Where.BASE),
    /** Takes another rod, collar or nib than the one in hand. */
    OTHER_BASE(3, Where.BASE),
    /** Reads the figures in sight of a depth head, as on an outside head. */
    REVERSED(4, Where.COARSE),
    /** Reads the thimble the other way round. */
    THIMBLE_MIRRORED(4, Where.FINE),
    /** Adds what should be subtracted. */
    SENSE_FLIPPED(5, Where.FINE),
    /** Takes the graduation for another. */
    GRADUATION_VALUE(5, Where.FINE),
    /** Misses a full needle turn. */
    LOST_TURN(5, Where.FINE),
    /** Reads the vernier's figure in the wrong place. */
    FINE_FIGURE(6, Where.FINE),
    /** Leaves the vernier out. */
    FINE_LEFT_OUT(6, Where.FINE),
    /** Types millimetres for inches, or the reverse. */
    UNIT(7, Where.TYPING),
    /** Shifts the point. */
    DECIMAL_PLACE(8, Where.TYPING),
    /** Swaps two neighbouring digits. */
    SWAPPED_DIGITS(9, Where.TYPING),
    /** Takes the coinciding line's neighbour: inside the gauge's spread, never named. */
    NEIGHBOUR(10, Where.FINE),
    /** A tenth for a thou, 0.1 mm for 0.0001 in: told in practice, and never of a reading that was kept. */
    TENTH(11, Where.FINE);

    /** In which part of the reading a slip is made. */
    public enum Where {
        COARSE,
        FINE,
        /** What the gauge adds. */
        BASE,
        /** By the hand that types. */
        TYPING;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final int group;
    private final Where where;

    Slip(int group, Where where) {
        this.group = group;
        this.where = where;
    }

    public Where where() {
        return where;
    }

    /** 1 is named first. */
    public int group() {
        return group;
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Slip> of(String code) {
        return Arrays.stream(values()).filter(slip -> slip.code().equals(code)).findFirst();
    }
}
