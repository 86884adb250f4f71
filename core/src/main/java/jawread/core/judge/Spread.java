package jawread.core.judge;

import java.util.Arrays;
import java.util.List;
import jawread.core.length.Length;

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

    /** Sample standard deviation of two readings or more, rounded half to even to 1 pm. */
    static Length deviationOf(List<Length> readings) {
        // From the first on, so that nothing is lost in a large size.
        double[] away = readings.stream()
                .mapToDouble(reading -> reading.minus(readings.get(0)).micrometres())
                .toArray();
        return Length.nearest(Math.sqrt(squares(away, mean(away)) / (away.length - 1)));
    }
}
