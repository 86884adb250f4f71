package jawread.core.length;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A figure as a person types it, understood exactly, with the resolution its digits state: {@code 27.00 mm} and
 * {@code 27 mm} are one length with two resolutions.
 *
 * <p>Accepted: {@code 1.2505}, {@code 1,2505}, {@code .5}, {@code 5.}, {@code 43/64}, {@code 1 3/8}, {@code 1-3/8}, each
 * with a sign before and a unit behind, in any case, and whatever {@link PlainText} makes so. One comma or one point is the decimal mark,
 * always.
 *
 * @param length the length typed, whole picometres
 * @param unit the unit it was typed in: its suffix, else the default
 * @param decimals how many decimals were typed; empty for a fraction
 * @param resolution one unit of the last decimal, or of the fraction's denominator
 */
public record TypedLength(Length length, LengthUnit unit, OptionalInt decimals, Length resolution) {
    /** Whether a figure below zero makes sense. */
    public enum Kind {
        SIZE,
        DEVIATION
    }

    private static final Pattern SIGNS_NUMBER_SUFFIX =
            Pattern.compile("(?<signs>[-+\\s]*)(?<number>.*?)\\s*(?<suffix>[\\p{L}\"]*)", Pattern.DOTALL);
    private static final Pattern BLANK = Pattern.compile("\\s");
    private static final Pattern DECIMAL = Pattern.compile("(?<whole>[0-9]*)[.,]?(?<decimals>[0-9]*)");
    private static final Pattern FRACTION =
            Pattern.compile("(?:(?<whole>[0-9]+)(?:\\s+|\\s*-\\s*))?(?<over>[0-9]+)\\s*/\\s*(?<under>[0-9]+)");
    private static final int SMALLEST_DENOMINATOR = 2;
    private static final int LARGEST_DENOMINATOR = 512;
    /** Far beyond any figure: a longer text is no number, and is not worked on. */
    private static final int LONGEST_TEXT = 60;

    /**
     * Understands a typed figure. Exact. Refusals: {@code empty}, {@code no-number}, {@code two-signs},
     * {@code group-separator}, {@code bad-denominator}, {@code too-many-decimals}, {@code negative-size},
     * {@code too-large}, {@code unknown-unit}.
     */
    public static Outcome<TypedLength> parse(String text, LengthUnit defaultUnit, Kind kind) {
        String trimmed = text.length() > LONGEST_TEXT ? text.strip() : PlainText.of(text);
        if (trimmed.isEmpty()) {
            return Outcome.refused("empty");
        }
        Matcher matcher = SIGNS_NUMBER_SUFFIX.matcher(trimmed);
        if (trimmed.length() > LONGEST_TEXT || trimmed.chars().noneMatch(TypedLength::isDigit) || !matcher.matches()) {
            return refused("no-number", trimmed);
        }
        String signs = BLANK.matcher(matcher.group("signs")).replaceAll("");
        if (signs.length() > 1) {
            return refused("two-signs", trimmed);
        }
        String number = matcher.group("number");
        if (number.chars().filter(c -> c == '.' || c == ',').count() > 1) {
            return refused("group-separator", trimmed);
        }
        String suffix = matcher.group("suffix");
        var unit = suffix.isEmpty() ? Optional.of(defaultUnit) : LengthUnit.ofSuffix(suffix);
        if (unit.isEmpty()) {
            return Outcome.refused(Refusal.of("unknown-unit").with("suffix", suffix));
        }
        boolean negative = !signs.isEmpty() && !signs.equals("+");
        return magnitude(number, unit.get(), trimmed).then(typed -> typed.signed(negative, kind));
    }

    private static boolean isDigit(int character) {
        return character >= '0' && character <= '9';
    }

    private static Outcome<TypedLength> magnitude(String number, LengthUnit unit, String text) {
        Matcher decimal = DECIMAL.matcher(number);
        if (decimal.matches()) {
            return decimal(decimal, unit);
        }
        Matcher fraction = FRACTION.matcher(number);
        return fraction.matches() ? fraction(fraction, unit) : refused("no-number", text);
    }

    private static Outcome<TypedLength> decimal(Matcher matcher, LengthUnit unit) {
        String decimals = matcher.group("decimals");
        if (decimals.length() > unit.mostDecimals()) {
            return Outcome.refused(Refusal.of("too-many-decimals")
                    .with("decimals", decimals.length())
                    .with("most", unit.mostDecimals())
                    .with("unit", unit.symbol()));
        }
        var figure = new BigDecimal("0" + matcher.group("whole") + "." + decimals + (decimals.isEmpty() ? "0" : ""));
        Length resolution = Length.of(BigDecimal.ONE.movePointLeft(decimals.length()), unit);
        return within40Metres(figure, unit)
                .map(length -> new TypedLength(length, unit, OptionalInt.of(decimals.length()), resolution));
    }

    private static Outcome<TypedLength> fraction(Matcher matcher, LengthUnit unit) {
        var under = new BigDecimal(matcher.group("under"));
        if (!isAllowedDenominator(under, unit)) {
            return Outcome.refused(Refusal.of("bad-denominator").with("denominator", under.toPlainString()));
        }
        var whole = new BigDecimal(matcher.group("whole") == null ? "0" : matcher.group("whole"));
        // Exact: a denominator that is a power of two has a finite decimal.
        BigDecimal figure = whole.add(new BigDecimal(matcher.group("over")).divide(under));
        Length resolution = Length.of(BigDecimal.ONE.divide(under), unit);
        return within40Metres(figure, unit)
                .map(length -> new TypedLength(length, unit, OptionalInt.empty(), resolution));
    }

    /** A power of two from 2 to 512 that leaves whole picometres; 1/512 of a micrometre does not, 1/64 does. */
    private static boolean isAllowedDenominator(BigDecimal under, LengthUnit unit) {
        if (under.compareTo(BigDecimal.valueOf(SMALLEST_DENOMINATOR)) < 0
                || under.compareTo(BigDecimal.valueOf(LARGEST_DENOMINATOR)) > 0) {
            return false;
        }
        int denominator = under.intValueExact();
        return Integer.bitCount(denominator) == 1 && unit.picometres() % denominator == 0;
    }

    private static Outcome<Length> within40Metres(BigDecimal figure, LengthUnit unit) {
        var picometres = figure.multiply(BigDecimal.valueOf(unit.picometres()));
        return picometres.compareTo(BigDecimal.valueOf(Length.LARGEST_SIZE.picometres())) > 0
                ? Outcome.refused("too-large")
                : Outcome.of(Length.of(figure, unit));
    }

    private Outcome<TypedLength> signed(boolean negative, Kind kind) {
        if (!negative || length.isZero()) {
            return Outcome.of(this);
        }
        return kind == Kind.SIZE
                ? Outcome.refused("negative-size")
                : Outcome.of(new TypedLength(Length.ZERO.minus(length), unit, decimals, resolution));
    }

    private static Outcome<TypedLength> refused(String code, String text) {
        return Outcome.refused(Refusal.of(code).with("text", text));
    }
}
