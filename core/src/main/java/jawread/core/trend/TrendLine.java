package jawread.core.trend;

import java.util.List;
import jawread.core.length.Length;
import org.apache.commons.math3.stat.regression.SimpleRegression;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * The least-squares line of size against hours with its 90 % prediction band: where the next inspection will find it, nine times
 * in ten. Sizes in µm.
 *
 * @param first hours and size that all others are reckoned from, so that nothing is lost in large ones
 * @param meanHours from the first on
 * @param meanSize from the first on
 * @param slope µm per hour
 * @param hoursSquares sum of squared distances of the hours from their mean
 * @param deviation s of the sizes about the line, with n − 2; 0 for two points
 * @param student t at 0.95 with n − 2 degrees of freedom; 0 for two points
 * @param known standard uncertainty of a point: points that lie on a line by luck are known no better
 */
public record TrendLine(
        int count,
        Trend.Point first,
        double lastHours,
        double meanHours,
        double meanSize,
        double slope,
        double hoursSquares,
        double deviation,
        double student,
        double known) {
    private static final double UPPER_TAIL = 0.05;
    /** Of the normal distribution, at the same. */
    private static final double NORMAL = 1.645;

    /** Of two inspections or more whose hours differ. */
    static TrendLine through(List<Trend.Point> points, double known) {
        Trend.Point first = points.get(0);
        var line = new SimpleRegression();
        for (Trend.Point point : points) {
            line.addData(
                    point.hours() - first.hours(),
                    point.size().minus(first.size()).micrometres());
        }
        int n = points.size();
        double meanHours = points.stream()
                .mapToDouble(point -> point.hours() - first.hours())
                .average()
                .orElseThrow();
        double meanSize = points.stream()
                .mapToDouble(point -> point.size().minus(first.size()).micrometres())
                .average()
                .orElseThrow();
        double slope = line.getSlope();
        double squares = points.stream()
                .mapToDouble(point -> point.size().minus(first.size()).micrometres()
                        - meanSize
                        - slope * (point.hours() - first.hours() - meanHours))
                .map(away -> away * away)
                .sum();
        return new TrendLine(
                n,
                first,
                points.get(n - 1).hours(),
                meanHours,
                meanSize,
                slope,
                line.getXSumSquares(),
                n > 2 ? Math.sqrt(squares / (n - 2)) : 0,
                n > 2 ? TDistribution.of(n - 2.0).inverseSurvivalProbability(UPPER_TAIL) : 0,
                known);
    }

    /** Half of the 90 % interval of the slope, in µm per hour. */
    public double slopeHalfWidth() {
        return chance() / Math.sqrt(hoursSquares);
    }

    /** t·s, and no less than the gauge itself leaves open. */
    private double chance() {
        return Math.max(student * deviation, NORMAL * known);
    }

    /** The size at some hours, in µm. */
    public double at(double hours) {
        return first.size().micrometres() + meanSize + slope * (hours - first.hours() - meanHours);
    }

    /** Half the width of the band at some hours, in µm. */
    public double band(double hours) {
        double away = hours - first.hours() - meanHours;
        return chance() * Math.sqrt(1 + 1.0 / count + away * away / hoursSquares);
    }

    /** The hours at which the line comes to a size. The slope is not zero. */
    double meets(Length size) {
        return first.hours() + meanHours + left(size) / slope;
    }

    private double left(Length size) {
        return size.minus(first.size()).micrometres() - meanSize;
    }

    /**
     * The hours at which the band's edge first comes to a size, not before the last inspection. The slope is beyond its own
     * interval, else the edges turn back.
     */
    double bandMeets(Length size, boolean grows) {
        double edge = at(lastHours) + (grows ? 1 : -1) * band(lastHours);
        if (grows ? edge >= size.micrometres() : edge <= size.micrometres()) {
            return lastHours;
        }
        // (left − k·x)² = c²·(1 + 1/n + x²/Sxx), the earlier of both solutions; x from the mean hours on.
        double left = left(size);
        double chance = chance() * chance();
        double a = slope * slope - chance / hoursSquares;
        double b = slope * left;
        double c = left * left - chance * (1 + 1.0 / count);
        double x = (b - Math.sqrt(Math.max(0, b * b - a * c))) / a;
        return first.hours() + meanHours + x;
    }
}
