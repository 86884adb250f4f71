package jawread.server.calc;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;

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

    Map<String, Object> columns() {
        return columns;
    }
}
