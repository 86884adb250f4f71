package jawread.core.form;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jawread.core.judge.NoiseRange;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import org.apache.commons.math3.stat.regression.SimpleRegression;

/**
 * How a feature runs down one axis.
 *
 * @param places at how many sections it was measured
 * @param threshold only more than this is a difference: one step of the gauge, or what noise alone makes of so many places; of one place
 *     alone there is none to tell
 * @param taper largest minus smallest; this, and what follows, is empty with fewer than two places
 * @param endDifference last section measured minus first, with its sign
 * @param slope of the least-squares line of size against depth, in µm per mm, which is thou per inch; empty, too, where the
 *     depths are not known
 */
public record AxisForm(
        int axis,
        int places,
        Length threshold,
        Optional<Length> taper,
        Optional<Length> endDifference,
        OptionalDouble slope,
        Optional<Shape> shape) {
    private static final double PER_MILLE = 1000;

    static AxisForm of(int axis, FormSizes sizes, Wears wears, double placeDeviation, Length resolution) {
        List<FormSizes.At> down = sizes.down(axis);
        Length noise = NoiseRange.of(down.size(), placeDeviation);
        Length threshold = noise.compareTo(resolution) > 0 ? noise : resolution;
        if (down.size() < 2) {
            return new AxisForm(
                    axis,
                    down.size(),
                    threshold,
                    Optional.empty(),
                    Optional.empty(),
                    OptionalDouble.empty(),
                    Optional.empty());
        }
        List<Length> measured = down.stream().map(FormSizes.At::size).toList();
        return new AxisForm(
                axis,
                down.size(),
                threshold,
                Optional.of(Length.spreadOf(measured)),
                Optional.of(measured.get(measured.size() - 1).minus(measured.get(0))),
                slope(down, sizes),
                Optional.of(Shape.of(measured, wears, threshold)));
    }

    private static OptionalDouble slope(List<FormSizes.At> down, FormSizes sizes) {
        if (down.stream().anyMatch(at -> sizes.depths().get(at.section()).isEmpty())) {
            return OptionalDouble.empty();
        }
        var line = new SimpleRegression();
        Length first = down.get(0).size();
        for (FormSizes.At at : down) {
            double depth = sizes.depths().get(at.section()).get().micrometres() / PER_MILLE;
            line.addData(depth, at.size().minus(first).micrometres());
        }
        return Double.isNaN(line.getSlope()) ? OptionalDouble.empty() : OptionalDouble.of(line.getSlope());
    }

    /** The angle between the walls in degrees, with the sign of the slope: 2·atan(slope/2). */
    public OptionalDouble includedAngle() {
        return slope.isPresent()
                ? OptionalDouble.of(2 * Math.toDegrees(Math.atan(slope.getAsDouble() / PER_MILLE / 2)))
                : OptionalDouble.empty();
    }

    /** What the slope comes to over a length, with its sign; empty where there is none. */
    public Optional<Length> over(Length length) {
        return slope.isPresent()
                ? Optional.of(Length.nearest(slope.getAsDouble() * length.micrometres() / PER_MILLE))
                : Optional.empty();
    }
}
