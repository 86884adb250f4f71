package jawread.core.form;

import java.util.OptionalDouble;
import jawread.core.length.Length;

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
    private static final double HALF_TURN = 180;

    /** Below this an oval has no direction, in µm. */
    private static final double NO_DIRECTION = 0.001;

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
                : OptionalDouble.of(half < 0 ? half + HALF_TURN : half);
    }

    /** u_oval in µm. @param placeDeviation u_place in µm */
    public double standard(double placeDeviation) {
        return spread * placeDeviation;
    }
}
