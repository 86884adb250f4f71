package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * A figure that stands among others in limits: its sign, its digits, its unit if it bears one.
 *
 * @param sign {@code +}, {@code -} or empty
 * @param digits {@code 25.02}, {@code 1 3/8}, {@code .5}
 * @param unit that it bears itself
 */
record WrittenFigure(String sign, String digits, Optional<LengthUnit> unit) {
    /** A decimal has a decimal mark; a whole number is a figure, too. */
    static final String DECIMAL = "\\d+[.,]\\d*|[.,]\\d+";

    static final String FRACTION = "(?:\\d+(?: +|-))?\\d+/(?!0)\\d+";
    static final String UNIT = "(?i:mm|inches|inch|in|\"|um|\u00b5m|\u03bcm|thou|tenths|tenth)";
    /** Without a sign. */
    static final String FIGURE = "(?:" + FRACTION + "|" + DECIMAL + "|\\d+)(?: *" + UNIT + ")?";

    private static final Pattern PARTS =
            Pattern.compile("([+-]?) *((?:" + FRACTION + "|" + DECIMAL + "|\\d+)) *(" + UNIT + ")?");
    private static final Pattern ZERO = Pattern.compile("0*[.,]?0*");

    /** Empty where it is no well-formed figure. */
    static Optional<WrittenFigure> of(String text) {
        Matcher parts = PARTS.matcher(text.strip());
        return parts.matches()
                ? Optional.of(new WrittenFigure(
                        parts.group(1),
                        parts.group(2),
                        Optional.ofNullable(parts.group(3)).flatMap(LengthUnit::ofSuffix)))
                : Optional.empty();
    }

    boolean isFraction() {
        return digits.indexOf('/') >= 0;
    }

    boolean isDecimal() {
        return digits.indexOf('.') >= 0 || digits.indexOf(',') >= 0;
    }

    boolean isZero() {
        return ZERO.matcher(digits).matches();
    }

    boolean isSigned() {
        return !sign.isEmpty();
    }

    int decimals() {
        return digits.length() - 1 - Math.max(digits.indexOf('.'), digits.indexOf(','));
    }

    /** A unit that is too fine to be that of a size stands for the deviations alone. */
    boolean bearsFine() {
        return unit.filter(WrittenFigure::isFine).isPresent();
    }

    /** Millimetres and inches belong to every figure before them. */
    boolean bearsWhole() {
        return unit.filter(of -> !isFine(of)).isPresent();
    }

    private static boolean isFine(LengthUnit unit) {
        return unit != LengthUnit.MILLIMETRE && unit != LengthUnit.INCH;
    }

    /** In its own unit, else in that. Refused as {@link TypedLength#parse} refuses. */
    Outcome<TypedLength> read(LengthUnit usual, Kind kind) {
        return TypedLength.parse(sign + digits, unit.orElse(usual), kind);
    }
}
