package jawread.server.report;

import java.util.function.DoubleUnaryOperator;
import jawread.server.paper.Svg;

/**
 * A closed smooth line around a middle, as a path of few curves. A report of some hundred features draws thousands of them, and each stands
 * in what is signed.
 */
final class OutlineDrawing {
    /** A rim that swings out twice a turn by half its radius lies on it to a quarter of a unit, which is a thirtieth of a millimetre on paper. */
    private static final int CURVES = 16;

    private static final double STEP = 2 * Math.PI / CURVES;
    private static final double NEARBY = 1e-4;
    private static final double TENTHS = 10;

    private OutlineDrawing() {}

    /** A point of the line, to a tenth, and how far it goes from there with a turn of one radian. */
    private record Knot(double x, double y, double dx, double dy) {}

    private static Knot knot(double turned, double middle, DoubleUnaryOperator radius) {
        double reach = radius.applyAsDouble(turned);
        double grows = (radius.applyAsDouble(turned + NEARBY) - radius.applyAsDouble(turned - NEARBY)) / (2 * NEARBY);
        double cosine = Math.cos(turned);
        double sine = Math.sin(turned);
        return new Knot(
                tenths(middle + reach * cosine),
                tenths(middle - reach * sine),
                grows * cosine - reach * sine,
                -grows * sine - reach * cosine);
    }

    private static double tenths(double value) {
        return Math.rint(value * TENTHS) / TENTHS;
    }

    /** @param radius by the angle, in radians against the clock from the right */
    static String around(double middle, DoubleUnaryOperator radius) {
        Knot from = knot(0, middle, radius);
        var drawn = new StringBuilder("M").append(Svg.point(from.x(), from.y())).append('c');
        for (int i = 1; i <= CURVES; i++) {
            Knot to = knot(i * STEP, middle, radius);
            double x = to.x() - from.x();
            double y = to.y() - from.y();
            add(drawn, from.dx() * STEP / 3);
            add(drawn, from.dy() * STEP / 3);
            add(drawn, x - to.dx() * STEP / 3);
            add(drawn, y - to.dy() * STEP / 3);
            add(drawn, x);
            add(drawn, y);
            from = to;
        }
        return drawn.append('Z').toString();
    }

    /** A minus keeps it apart from the one before, too. */
    private static void add(StringBuilder drawn, double value) {
        String said = Svg.number(tenths(value));
        if (said.charAt(0) != '-' && drawn.charAt(drawn.length() - 1) != 'c') {
            drawn.append(' ');
        }
        drawn.append(said);
    }
}
