package jawread.core.scale;

import java.math.BigDecimal;
import jawread.core.length.Length;

/**
 * What the eye takes off a scale in one look: a printed figure, the short lines after it, the half line, the thimble. Several
 * of them may make the count of one part.
 *
 * @param name what it is called among the words: {@code figure}, {@code lines}, {@code half}
 * @param part whose count it is a share of; {@link #NO_PART} where it adds nothing
 * @param per counts of that part that one of it stands for
 * @param first the smallest there is, or {@link ScalePart#NO_START}
 * @param last the largest there is, or {@link ScalePart#NO_END}
 * @param worth of one
 * @param estimate whether one decimal may be judged between two lines
 */
public record Glance(String name, String part, int per, int first, int last, Length worth, boolean estimate) {
    /** It only says how the others are to be read: which of two rows. */
    public static final String NO_PART = "";

    public static final String ROW = "row";
    public static final String INCHES = "inches";
    public static final String FIGURE = "figure";
    public static final String LINES = "lines";
    public static final String MILLIMETRES = "millimetres";
    public static final String HALF = "half";
    public static final String TENTH = "tenth";
    public static final String SIXTEENTHS = "sixteenths";
    public static final String FRACTION = "fraction";
    public static final String VERNIER_FIGURE = "vernier-figure";
    public static final String VERNIER_LINES = "vernier-lines";

    static Glance row() {
        return new Glance(ROW, NO_PART, 0, 1, 2, Length.ZERO, false);
    }

    /** A part that is read in one look. */
    static Glance of(ScalePart part) {
        return new Glance(part.name(), part.name(), 1, part.first(), part.last(), part.division(), part.estimate());
    }

    boolean isOn(BigDecimal count) {
        return count.compareTo(BigDecimal.valueOf(first)) >= 0
                && count.subtract(BigDecimal.valueOf(last)).compareTo(BigDecimal.ONE) < 0;
    }
}
