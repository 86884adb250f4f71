package jawread.core.form;

import java.math.BigDecimal;
import java.util.List;
import java.util.OptionalDouble;
import jawread.core.length.Length;

/**
 * A section's shape as two contacts see it: d(θ) = D + A·cos 2θ + B·sin 2θ.
 *
 * @param mean D, exact to 1 pm
 * @param cosine A in µm
 * @param sine B in µm
 */
public record Ellipse(Length mean, double cosine, double sine) {
    private static final double HALF_TURN = 180;

    /** Below this an oval has no direction, in µm. */
    private static final double NO_DIRECTION = 0.001;

    /** The one along two axes at right angles: there is no telling of an oval between them. @param degrees of the first */
    static Ellipse along(Length first, Length second, BigDecimal degrees) {
        double twice = 2 * Math.toRadians(degrees.doubleValue());
        double half = first.minus(second).micrometres() / 2;
        return new Ellipse(Length.meanOf(List.of(first, second)), half * Math.cos(twice), half * Math.sin(twice));
    }

    /** Largest minus smallest diameter, in µm: 2·√(A² + B²). */
    public double micrometres() {
        return 2 * Math.hypot(cosine, sine);
    }

    /** Where the long axis lies, in [0°, 180°); empty below 0.001 µm. */
    public OptionalDouble longAxis() {
        double half = Math.toDegrees(Math.atan2(sine, cosine)) / 2;
        return micrometres() < NO_DIRECTION
                ? OptionalDouble.empty()
                // A hair below zero is rounded to a half turn, which is none.
                : OptionalDouble.of((half < 0 ? half + HALF_TURN : half) % HALF_TURN);
    }
}
