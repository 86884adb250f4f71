package jawread.server.words;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;

/** A number that is no length, as typed: hours, degrees, months. */
public final class TypedNumber {
    private static final Pattern DECIMAL = Pattern.compile("-?\\d{1,9}(\\.\\d{1,6})?");

    private TypedNumber() {}

    /** With a point or a comma. Empty for anything else, and outside the bounds, which are allowed themselves. */
    public static Optional<BigDecimal> within(String text, BigDecimal leastInclusive, BigDecimal mostInclusive) {
        String figure = text.strip().replace(',', '.').replace('\u2212', '-');
        return DECIMAL.matcher(figure).matches()
                ? Optional.of(new BigDecimal(figure))
                        .filter(number -> number.compareTo(leastInclusive) >= 0 && number.compareTo(mostInclusive) <= 0)
                : Optional.empty();
    }
}
