package jawread.core.form;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jawread.core.length.Length;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.LUDecomposition;
import org.apache.commons.math3.linear.RealMatrix;

/**
 * The ellipse that fits a section best, by least squares: d(θ) = D + A·cos 2θ + B·sin 2θ. Two contacts see nothing else of a
 * section's shape, and no odd lobes at all.
 *
 * @param mean D, exact to 1 pm
 * @param cosine A in µm
 * @param sine B in µm
 * @param spread how much of u_place goes into the ovality: 2·√(largest eigenvalue of the cos/sin block of the inverse normal
 *     matrix); √(8/n) for n axes evenly spread
 */
public record Ovality(Length mean, double cosine, double sine, double spread) {
    private static final BigDecimal HALF_TURN = BigDecimal.valueOf(180);
    private static final int FEWEST_AXES = 3;

    /** Below this an oval has no direction, in µm. */
    private static final double NO_DIRECTION = 0.001;

    /** Empty where fewer than three axes differ modulo 180°. */
    static Optional<Ovality> of(List<BigDecimal> degrees, List<Length> sizes) {
        return degrees.stream().map(Ovality::halfTurn).distinct().count() < FEWEST_AXES
                ? Optional.empty()
                : Optional.of(fit(degrees, sizes));
    }

    private static Ovality fit(List<BigDecimal> degrees, List<Length> sizes) {
        var design = new double[degrees.size()][];
        var away = new double[degrees.size()];
        for (int i = 0; i < design.length; i++) {
            double twice = 2 * Math.toRadians(degrees.get(i).doubleValue());
            design[i] = new double[] {1, Math.cos(twice), Math.sin(twice)};
            // From the first on, so that nothing is lost in a large size.
            away[i] = sizes.get(i).minus(sizes.get(0)).micrometres();
        }
        var rows = new Array2DRowRealMatrix(design, false);
        RealMatrix transposed = rows.transpose();
        RealMatrix inverse =
                new LUDecomposition(transposed.multiply(rows)).getSolver().getInverse();
        double[] found = inverse.multiply(transposed)
                .operate(new ArrayRealVector(away, false))
                .toArray();
        return new Ovality(
                sizes.get(0).plus(Length.nearest(found[0])),
                found[1],
                found[2],
                2
                        * Math.sqrt(largestEigenvalue(
                                inverse.getEntry(1, 1), inverse.getEntry(1, 2), inverse.getEntry(2, 2))));
    }

    /** Of a symmetric matrix of two rows. */
    private static double largestEigenvalue(double first, double beside, double last) {
        return (first + last) / 2 + Math.hypot((first - last) / 2, beside);
    }

    /** An angle in [0°, 180°), without zeros behind its point: two contacts see no more of it. */
    static BigDecimal halfTurn(BigDecimal degrees) {
        BigDecimal rest = degrees.remainder(HALF_TURN);
        return (rest.signum() < 0 ? rest.add(HALF_TURN) : rest).stripTrailingZeros();
    }

    /** Largest minus smallest diameter of the ellipse, in µm: 2·√(A² + B²). */
    public double micrometres() {
        return 2 * Math.hypot(cosine, sine);
    }

    /** The same, rounded half to even to 1 pm. */
    public Length length() {
        return Length.nearest(micrometres());
    }

    /** Where the long axis lies, in [0°, 180°); empty below 0.001 µm. */
    public OptionalDouble longAxis() {
        double half = Math.toDegrees(Math.atan2(sine, cosine)) / 2;
        return micrometres() < NO_DIRECTION
                ? OptionalDouble.empty()
                : OptionalDouble.of(half < 0 ? half + HALF_TURN.doubleValue() : half);
    }

    /** u_oval in µm. @param placeDeviation u_place in µm */
    public double standard(double placeDeviation) {
        return spread * placeDeviation;
    }
}
