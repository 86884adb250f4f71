package jawread.core.scale;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Outcome;

/**
 * How a size is found that no gauge can be laid on: as half a sum of figures, each taken so many times or taken away. Each size is rounded
 * once, half to even, to 1 pm.
 */
public enum MadeFrom {
    /** (A + B)/2: the centres of two equal holes or pins, A over their outer edges, B between the inner ones; their diameter drops out. */
    EQUAL(1, 1),
    /** B + (d1 + d2)/2: the centres of two holes, B between their near edges. */
    HOLES(2, 1, 1),
    /** A − (d1 + d2)/2: the centres of two pins, A over their far edges. */
    PINS(2, -1, -1),
    /** |B − A|: between two positions of a stage or a display. */
    ZEROS(-2, 2),
    /** A − B: a keyway from the opposite side, a groove from a shoulder. */
    DIFFERENCE(2, -2),
    /** A + B. */
    SUM(2, 2),
    /** (A − B)/2: the wall of a tube. */
    HALF_DIFFERENCE(1, -1);

    private final int[] halves;

    MadeFrom(int... halves) {
        this.halves = halves;
    }

    /** The one that is called so; empty for any other word. */
    public static Optional<MadeFrom> of(String code) {
        return Arrays.stream(values()).filter(way -> way.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** How many figures it takes: two or three. */
    public int figures() {
        return halves.length;
    }

    /** How often a figure counts; below zero where it is taken away. */
    public double weight(int figure) {
        return halves[figure] / 2.0;
    }

    /**
     * The size. What it cannot be is refused: {@code edges-swapped} where the outer edges are the nearer ones, {@code figures-swapped} where
     * the first figure of any other is the smaller one.
     *
     * @param figures in the order of the formula, {@link #figures()} of them
     */
    public Outcome<Length> of(List<Length> figures) {
        boolean isSwapped = this == EQUAL && figures.get(0).compareTo(figures.get(1)) < 0;
        Length size = weighed(figures);
        if (this == ZEROS) {
            return Outcome.of(size.abs());
        }
        return isSwapped || size.isNegative()
                ? Outcome.refused(this == EQUAL || this == PINS ? "edges-swapped" : "figures-swapped")
                : Outcome.of(size);
    }

    private Length weighed(List<Length> figures) {
        if (figures.size() != halves.length) {
            throw new IllegalArgumentException(
                    "A size made as " + code() + " takes " + halves.length + " figures; got " + figures.size());
        }
        Length twice = Length.ZERO;
        for (int i = 0; i < halves.length; i++) {
            twice = twice.plus(figures.get(i).times(halves[i]));
        }
        return twice.half();
    }
}
