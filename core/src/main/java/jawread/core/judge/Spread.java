package jawread.core.judge;

import java.util.Arrays;

/** Sums of squares about a mean. */
final class Spread {
    private Spread() {}

    /** Of one figure or more. */
    static double mean(double[] figures) {
        return Arrays.stream(figures).sum() / figures.length;
    }

    static double squares(double[] figures, double about) {
        return Arrays.stream(figures)
                .map(figure -> (figure - about) * (figure - about))
                .sum();
    }
}
