package jawread.core.table;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A table kept beside the class that uses it: comma separated, no quotes, no cell with a comma. */
public record Table(List<String> columns, List<Row> rows) {
    public Table {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** The cells of one row, each by the name over its column. */
    public record Row(Map<String, String> cells) {
        /** Throws {@link IllegalArgumentException} for a column that the table has not. */
        public String text(String column) {
            String cell = cells.get(column);
            if (cell == null) {
                throw new IllegalArgumentException("No column \"" + column + "\" among " + cells.keySet());
            }
            return cell;
        }

        public boolean has(String column) {
            return !text(column).isEmpty();
        }
    }

    /** Throws {@link IllegalArgumentException} when there is no such table, or a row has not a cell for each column. */
    public static Table beside(Class<?> user, String name) {
        var stream = user.getResourceAsStream(name);
        if (stream == null) {
            throw new IllegalArgumentException("No table " + name + " beside " + user.getName());
        }
        try (var file = new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
            List<String[]> lines = file.lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(",", -1))
                    .toList();
            List<String> columns = List.of(lines.get(0));
            var rows = new ArrayList<Row>();
            for (String[] cells : lines.subList(1, lines.size())) {
                rows.add(row(name, columns, cells));
            }
            return new Table(columns, rows);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Row row(String name, List<String> columns, String[] cells) {
        if (cells.length != columns.size()) {
            throw new IllegalArgumentException(
                    name + ": a row has " + cells.length + " cells for " + columns.size() + " columns");
        }
        var byColumn = new LinkedHashMap<String, String>();
        for (int i = 0; i < cells.length; i++) {
            byColumn.put(columns.get(i), cells[i]);
        }
        return new Row(byColumn);
    }
}
