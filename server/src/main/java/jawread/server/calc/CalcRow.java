package jawread.server.calc;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.PlainDecimal;
import jawread.core.length.Refusal;
import jawread.core.limit.Limits;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Sense;

/**
 * The input columns of one calculation, each in its text form: a list is its items with {@code ;} between, an object of
 * parts is {@code name=value;name=value}. An empty text is a column left out.
 */
final class CalcRow {
    private final Map<String, String> columns;

    CalcRow(Map<String, String> columns) {
        this.columns = columns;
    }

    /** A column that cannot be used as it is. */
    static final class BadColumn extends RuntimeException {
        private final transient Refusal refusal;
        private final String column;

        private BadColumn(String column, Refusal refusal) {
            super(refusal.code() + " " + column, null, false, false);
            this.column = column;
            this.refusal = refusal.with("column", column);
        }

        Refusal refusal() {
            return refusal;
        }

        String column() {
            return column;
        }
    }

    /** As it was given, blanks and all. */
    String text(String column) {
        return columns.getOrDefault(column, "");
    }

    String required(String column) {
        return Optional.of(text(column))
                .filter(text -> !text.isEmpty())
                .orElseThrow(() -> new BadColumn(column, Refusal.of("missing-column")));
    }

    boolean yes(String column) {
        return oneOf(column, Stream.of("yes", "no"), Function.identity()).equals("yes");
    }

    /** The one whose code stands in the column; its codes are said when none does. */
    <T> T oneOf(String column, Stream<T> choices, Function<T, String> code) {
        return oneOf(column, required(column), choices, code);
    }

    /** The same, of one item of a list. */
    <T> T oneOf(String column, String text, Stream<T> choices, Function<T, String> code) {
        Map<String, T> byCode =
                choices.collect(Collectors.toMap(code, choice -> choice, (one, two) -> one, LinkedHashMap::new));
        if (byCode.containsKey(text)) {
            return byCode.get(text);
        }
        throw bad(column, text, String.join(", ", byCode.keySet()));
    }

    LengthUnit unit(String column) {
        String text = required(column);
        return LengthUnit.ofSuffix(text).orElseThrow(() -> bad(column, text, "in, mm, thou, tenths, µm"));
    }

    /** A decimal in the row's {@code unit}. */
    Length length(String column) {
        return length(column, required(column));
    }

    Optional<Length> optionalLength(String column) {
        return text(column).isEmpty() ? Optional.empty() : Optional.of(length(column));
    }

    /** A decimal of the column, or one item of its list, in the row's {@code unit}. */
    Length length(String column, String text) {
        return length(column, text, unit("unit"));
    }

    /** A decimal in a unit that the column's name says. */
    Length length(String column, String text, LengthUnit unit) {
        try {
            return Length.of(PlainDecimal.parse(text), unit);
        } catch (ArithmeticException | NumberFormatException e) {
            throw bad(column, text, "a decimal with a point, a whole number of picometres");
        }
    }

    /** Whole picometres. */
    Length pm(String column) {
        String text = required(column);
        try {
            return Length.ofPicometres(PlainDecimal.parse(text).longValueExact());
        } catch (ArithmeticException | NumberFormatException e) {
            throw bad(column, text, "a whole number of picometres");
        }
    }

    BigDecimal number(String column) {
        return number(column, required(column));
    }

    private static BigDecimal number(String column, String text) {
        try {
            return PlainDecimal.parse(text);
        } catch (NumberFormatException e) {
            throw bad(column, text, "a decimal with a point");
        }
    }

    BigDecimal notNegative(String column) {
        BigDecimal number = number(column);
        if (number.signum() < 0) {
            throw bad(column, text(column), "zero or above");
        }
        return number;
    }

    /** A length in a unit that the column's name says, zero or above. */
    Length notNegative(String column, LengthUnit unit) {
        Length length = length(column, required(column), unit);
        if (length.isNegative()) {
            throw bad(column, text(column), "zero or above");
        }
        return length;
    }

    /** The same, above zero. */
    Length aboveZero(String column, LengthUnit unit) {
        Length length = notNegative(column, unit);
        if (length.isZero()) {
            throw bad(column, text(column), "above zero");
        }
        return length;
    }

    /** A whole number from 1 to 10 000. */
    int count(String column) {
        String text = required(column).strip();
        if (!text.matches("\\d{1,5}") || Integer.parseInt(text) < 1 || Integer.parseInt(text) > 10_000) {
            throw bad(column, text, "a whole number from 1 to 10 000");
        }
        return Integer.parseInt(text);
    }

    /** Of {@code lo} and {@code hi}, either of which may be left out; empty without both. */
    Optional<Limits> limits() {
        Optional<Length> low = optionalLength("lo");
        Optional<Length> high = optionalLength("hi");
        if (low.isEmpty() && high.isEmpty()) {
            return Optional.empty();
        }
        if (low.isPresent() && high.isPresent() && low.get().compareTo(high.get()) > 0) {
            throw bad("lo", text("lo"), "no larger than hi");
        }
        return Optional.of(new Limits(low, high));
    }

    Limits requiredLimits() {
        return limits().orElseThrow(() -> new BadColumn("lo", Refusal.of("missing-column")));
    }

    /** Those of a list, one at the least, in the row's {@code unit}. */
    List<Length> lengths(String column) {
        List<String> items = list(column);
        if (items.isEmpty()) {
            throw new BadColumn(column, Refusal.of("missing-column"));
        }
        return items.stream().map(item -> length(column, item)).toList();
    }

    /** Lists apart by |, of lengths in the row's {@code unit}; an empty item is one not measured. */
    List<List<Optional<Length>>> rowsOfLengths(String column) {
        return Arrays.stream(required(column).split("\\|", -1))
                .map(list -> Arrays.stream(list.split(";", -1))
                        .map(item -> item.isBlank() ? Optional.<Length>empty() : Optional.of(length(column, item)))
                        .toList())
                .toList();
    }

    /** Those of a list, one at the least. */
    List<BigDecimal> numbers(String column) {
        required(column);
        return list(column).stream().map(item -> number(column, item)).toList();
    }

    /** Both limits, in the row's {@code unit}. */
    Limits bothLimits(String lowColumn, String highColumn) {
        Length low = length(lowColumn);
        Length high = length(highColumn);
        if (low.compareTo(high) > 0) {
            throw bad(lowColumn, text(lowColumn), "no larger than " + highColumn);
        }
        return Limits.of(low, high);
    }

    /** A length of the row's unit, above zero. */
    Length aboveZeroLength(String column) {
        return aboveZero(column, unit("unit"));
    }

    /** A length of the row's unit, zero or above. */
    Length notNegativeLength(String column) {
        return notNegative(column, unit("unit"));
    }

    Scale scale() {
        String id = required("scale");
        return Scales.of(id)
                .orElseThrow(
                        () -> new BadColumn("scale", Refusal.of("unknown-scale").with("scale", id)));
    }

    Parts parts() {
        String text = required("parts");
        try {
            return Parts.parse(text);
        } catch (IllegalArgumentException e) {
            throw bad("parts", text, "name=count;name=count");
        }
    }

    /** +1 or -1; empty where it is not said. */
    Optional<Sense> sense(String column) {
        return text(column).isEmpty()
                ? Optional.empty()
                : Optional.of(Sense.ofSign(number(column)).orElseThrow(() -> bad(column, text(column), "+1, -1")));
    }

    /** The items of a list; none for an empty one. */
    List<String> list(String column) {
        return Arrays.stream(text(column).split(";"))
                .map(String::strip)
                .filter(item -> !item.isEmpty())
                .toList();
    }

    private static BadColumn bad(String column, String value, String allowed) {
        return new BadColumn(
                column, Refusal.of("bad-value").with("value", value).with("allowed", allowed));
    }
}
