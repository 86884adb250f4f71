package jawread.core.limit;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * How far from true form a feature may be. A service sheet gives out-of-round as the difference of two diameters; a drawing's
 * roundness (ISO 1101) is a radial zone, half of that.
 *
 * @param radial whether it is a drawing's roundness
 */
public record FormLimit(Length length, boolean radial) {
    private static final Pattern RADIAL = Pattern.compile("(?i)(?:roundness|round|radial|\u25cb)\\s+(.+)");

    /**
     * {@code 0.0020} is a difference of diameters, {@code round 0.0010} a drawing's roundness. Refuses what
     * {@link TypedLength#parse} refuses, and {@code form-limit-zero}.
     */
    public static Outcome<FormLimit> parse(String text, LengthUnit unit) {
        Matcher written = RADIAL.matcher(text.strip());
        boolean radial = written.matches();
        return TypedLength.parse(radial ? written.group(1) : text, unit, TypedLength.Kind.SIZE)
                .then(typed -> typed.length().isZero()
                        ? Outcome.refused(Refusal.of("form-limit-zero"))
                        : Outcome.of(new FormLimit(typed.length(), radial)));
    }

    /** What a difference of two diameters is compared with. */
    public Length asDifference() {
        return radial ? length.times(2) : length;
    }
}
