package jawread.server.plan;

import java.math.BigDecimal;
import java.util.Optional;

/** Limits that a table has in columns of their own, put together as a person would type them. */
final class LimitsInColumns {
    private static final BigDecimal HALF = new BigDecimal("0.5");

    private LimitsInColumns() {}

    /**
     * @param nominal empty where the columns hold both limits themselves
     * @param upper a size, or a deviation from the nominal: it is one where it bears a sign, is zero, or is less than half of the nominal
     * @param unit of all of them, as a head says it; empty where none does
     * @return empty where there is nothing in any of them
     */
    static String of(String nominal, String upper, String lower, String unit) {
        String limits = put(nominal.strip(), upper.strip(), lower.strip());
        return limits.isEmpty() || unit.isEmpty() ? limits : limits + " " + unit;
    }

    private static String put(String nominal, String upper, String lower) {
        if (upper.isEmpty() && lower.isEmpty()) {
            return nominal;
        }
        if (!nominal.isEmpty() && isDeviation(upper, nominal) && isDeviation(lower, nominal)) {
            return nominal + " " + signed(upper.isEmpty() ? "0" : upper) + "/" + signed(lower.isEmpty() ? "0" : lower);
        }
        if (lower.isEmpty()) {
            return "max " + upper;
        }
        return upper.isEmpty() ? "min " + lower : lower + " / " + upper;
    }

    private static boolean isDeviation(String text, String nominal) {
        if (text.isEmpty() || "+-−±".indexOf(text.charAt(0)) >= 0) {
            return true;
        }
        Optional<BigDecimal> value = number(text);
        Optional<BigDecimal> of = number(nominal);
        return value.isPresent()
                && of.isPresent()
                && value.get().compareTo(of.get().multiply(HALF)) < 0;
    }

    private static String signed(String deviation) {
        boolean isPlain =
                Character.isDigit(deviation.charAt(0)) || deviation.charAt(0) == '.' || deviation.charAt(0) == ',';
        boolean isZero = number(deviation).filter(value -> value.signum() == 0).isPresent();
        return isPlain && !isZero ? "+" + deviation : deviation;
    }

    private static Optional<BigDecimal> number(String text) {
        try {
            return Optional.of(new BigDecimal(text.replace(',', '.').replace('−', '-')));
        } catch (NumberFormatException none) {
            return Optional.empty();
        }
    }
}
