package jawread.server.calc;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/** Builds the output columns of an answer. */
final class CalcAnswer {
    private final Map<String, Object> columns = new LinkedHashMap<>();

    CalcAnswer with(String column, Object value) {
        columns.put(column, value);
        return this;
    }

    CalcAnswer withPm(String column, Optional<Length> length) {
        return with(column, length.map(Length::picometres).orElse(null));
    }

    /** The figure in a unit; null where the length has no finite decimal in it. */
    static BigDecimal decimal(Length length, LengthUnit unit) {
        BigDecimal figure = length.in(unit).stripTrailingZeros();
        if (figure.precision() >= MathContext.DECIMAL128.getPrecision()) {
            return null;
        }
        return figure.scale() < 0 ? figure.setScale(0) : figure;
    }

    /** Lengths apart by semicolons. */
    static String list(List<Length> lengths, LengthUnit unit) {
        return lengths.stream()
                .map(length -> decimal(length, unit).toPlainString())
                .collect(Collectors.joining(";"));
    }

    /** A list of whole picometres, an empty item where there is none. */
    CalcAnswer withPms(String column, List<Optional<Length>> lengths) {
        return with(
                column,
                lengths.stream()
                        .map(length ->
                                length.map(of -> Long.toString(of.picometres())).orElse(""))
                        .collect(Collectors.joining(";")));
    }

    /** A list of statistics, an empty item where there is none. */
    CalcAnswer withFigures(String column, List<OptionalDouble> figures) {
        return with(
                column,
                figures.stream()
                        .map(figure -> figure.isPresent()
                                ? BigDecimal.valueOf(figure.getAsDouble()).toPlainString()
                                : "")
                        .collect(Collectors.joining(";")));
    }

    /** A statistic; null where there is none. */
    CalcAnswer withFigure(String column, OptionalDouble figure) {
        return with(column, figure.isPresent() ? figure.getAsDouble() : null);
    }

    CalcAnswer withYes(String column, boolean yes) {
        return with(column, yes ? "yes" : "no");
    }

    Map<String, Object> columns() {
        return columns;
    }
}
