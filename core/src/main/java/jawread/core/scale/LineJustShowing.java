package jawread.core.scale;

import java.util.Locale;

/**
 * The rule for a coarse line that only just shows at the edge.
 *
 * <p>The line counts if and only if the fine scale has passed its zero. So where the fine scale stands high in its turn a
 * line just showing does <em>not yet</em> count, and where it stands low a line that seems hidden counts
 * <em>already</em>. In between no line is near the edge and nobody is misled.
 */
public enum LineJustShowing {
    NOT_YET,
    ALREADY,
    NOT_NEAR;

    /** A fifth of a turn: within it an eye at arm's length cannot see on which side of the edge the line lies. */
    private static final double NEAR_TURNS = 0.2;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * The rule at a fine count.
     *
     * @param fine the graduation at the index, 0 up to and without {@code linesATurn}
     */
    public static LineJustShowing at(double fine, int linesATurn) {
        if (!(fine >= 0 && fine < linesATurn)) {
            throw new IllegalArgumentException(
                    "Fine count " + fine + " is not on a scale of " + linesATurn + " lines a turn");
        }
        double turns = fine / linesATurn;
        return turns > 1 - NEAR_TURNS ? NOT_YET : turns < NEAR_TURNS ? ALREADY : NOT_NEAR;
    }
}
