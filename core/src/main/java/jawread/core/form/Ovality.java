package jawread.core.form;

import java.util.OptionalDouble;
import jawread.core.length.Length;

/**
 * The ellipse that fits a section best, by least squares, and how well. Two contacts see nothing else of a section's shape, and no odd
 * lobes at all.
 *
 * @param spread how much of u_place goes into the ovality: 2·√(largest eigenvalue of the cos/sin block of the inverse normal
 *     matrix); √(8/n) for n axes evenly spread
 */
public record Ovality(Ellipse ellipse, double spread) {
    /** Largest minus smallest diameter of the ellipse, in µm. */
    public double micrometres() {
        return ellipse.micrometres();
    }

    /** The same, rounded half to even to 1 pm. */
    public Length length() {
        return Length.nearest(micrometres());
    }

    /** Where the long axis lies, in [0°, 180°); empty below 0.001 µm. */
    public OptionalDouble longAxis() {
        return ellipse.longAxis();
    }

    /** u_oval in µm. @param placeDeviation u_place in µm */
    public double standard(double placeDeviation) {
        return spread * placeDeviation;
    }
}
