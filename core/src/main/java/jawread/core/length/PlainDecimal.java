package jawread.core.length;

import java.math.BigDecimal;
import java.util.regex.Pattern;

/**
 * A decimal as people write it: a sign, digits, a point, digits. One with an exponent is none: {@code 1e10000000} is eleven
 * characters, and ten million digits once it is reckoned with.
 */
public final class PlainDecimal {
    private static final int MOST_CHARACTERS = 60;
    private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d+(\\.\\d*)?|\\.\\d+)");

    private PlainDecimal() {}

    /** Exact. Throws {@link NumberFormatException} for anything else, and for more than 60 characters. */
    public static BigDecimal parse(String text) {
        String figure = text.strip();
        if (figure.length() > MOST_CHARACTERS || !PLAIN.matcher(figure).matches()) {
            String shown = figure.substring(0, Math.min(figure.length(), MOST_CHARACTERS));
            throw new NumberFormatException(
                    "\"" + shown + "\" is no decimal of up to " + MOST_CHARACTERS + " characters without an exponent");
        }
        return new BigDecimal(figure);
    }
}
