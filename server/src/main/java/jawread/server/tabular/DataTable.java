package jawread.server.tabular;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A table for another program: no language of a country in it, times with their zone, lengths with their unit.
 *
 * @param name of it, in letters and digits
 * @param heads one for each column
 * @param rows of as many cells each: {@link String}, {@link BigDecimal}, {@link Instant}, or null where nothing is known
 */
public record DataTable(String name, List<String> heads, List<List<Object>> rows) {
    public DataTable {
        heads = List.copyOf(heads);
        rows = rows.stream()
                .map(row -> Collections.unmodifiableList(new ArrayList<>(row)))
                .toList();
    }

    /** What stands under a head, of whatever a row is made of. */
    public record Column<T>(String head, Function<T, Object> cell) {}

    public static <T> DataTable of(String name, Stream<T> of, List<Column<T>> columns) {
        return new DataTable(
                name,
                columns.stream().map(Column::head).toList(),
                of.map(each -> {
                            var row = new ArrayList<Object>();
                            columns.forEach(column -> row.add(column.cell().apply(each)));
                            return (List<Object>) row;
                        })
                        .toList());
    }
}
