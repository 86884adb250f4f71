package jawread.core.form;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.LUDecomposition;
import org.apache.commons.math3.linear.RealMatrix;

/**
 * Least squares of d(θ) = D + A·cos 2θ + B·sin 2θ across some axes. What belongs to the axes alone is reckoned once, for all sections
 * that are measured across them.
 */
final class EllipseFit {
    private static final BigDecimal HALF_TURN = BigDecimal.valueOf(180);
    private static final int FEWEST_AXES = 3;
    /** Of more the ovality would be known so much worse than any place. */
    private static final double MOST_SPREAD = 5;

    /** D, A and B of sizes: the inverse normal matrix times the transposed design. */
    private final RealMatrix solving;

    private final double spread;

    private EllipseFit(List<BigDecimal> degrees) {
        var design = new double[degrees.size()][];
        for (int i = 0; i < design.length; i++) {
            double twice = 2 * Math.toRadians(degrees.get(i).doubleValue());
            design[i] = new double[] {1, Math.cos(twice), Math.sin(twice)};
        }
        var rows = new Array2DRowRealMatrix(design, false);
        RealMatrix transposed = rows.transpose();
        RealMatrix inverse =
                new LUDecomposition(transposed.multiply(rows)).getSolver().getInverse();
        solving = inverse.multiply(transposed);
        spread = 2
                * Math.sqrt(largestEigenvalue(inverse.getEntry(1, 1), inverse.getEntry(1, 2), inverse.getEntry(2, 2)));
    }

    /** Empty where fewer than three axes differ modulo 180°, or stand too near each other to tell an ellipse. */
    static Optional<EllipseFit> across(List<BigDecimal> degrees) {
        return degrees.size() < FEWEST_AXES
                        || degrees.stream().map(EllipseFit::halfTurn).distinct().count() < FEWEST_AXES
                ? Optional.empty()
                : Optional.of(new EllipseFit(degrees)).filter(fit -> fit.spread <= MOST_SPREAD);
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

    /** @param sizes one for each axis */
    Ovality through(List<Length> sizes) {
        var away = new double[sizes.size()];
        for (int i = 0; i < away.length; i++) {
            // From the first on, so that nothing is lost in a large size.
            away[i] = sizes.get(i).minus(sizes.get(0)).micrometres();
        }
        double[] found = solving.operate(away);
        return new Ovality(new Ellipse(sizes.get(0).plus(Length.nearest(found[0])), found[1], found[2]), spread);
    }
}
