package jawread.server.tables;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A table as the database describes it.
 *
 * @param name in small letters
 * @param columns by name
 * @param key the columns that tell its rows apart, in their order
 */
public record Table(String name, List<Column> columns, List<String> key) {
    /**
     * Made again from the others, or of no meaning elsewhere: what was migrated, locks, the journal's end, tickets and tokens, versions, what is in
     * doubt, what a migration tells of.
     */
    private static final Set<String> NOT_KEPT = Set.of(
            "flyway_schema_history",
            "shop_lock",
            "journal_head",
            "shop_session",
            "script_token",
            "stored_version",
            "plan_judged",
            "part_in_doubt",
            "counts_again");

    /** All that hold something of the shop's own, by name. */
    public static List<Table> all(Connection connection) throws SQLException {
        Map<String, List<Column>> columns = new TreeMap<>();
        asked(
                connection,
                "SELECT LOWER(c.table_name), LOWER(c.column_name), c.data_type, c.is_nullable, c.character_maximum_length"
                        + " FROM information_schema.columns c"
                        + " JOIN information_schema.tables t ON t.table_schema = c.table_schema AND t.table_name = c.table_name"
                        + " WHERE c.table_schema = 'PUBLIC' AND t.table_type = 'BASE TABLE' ORDER BY 1, 2",
                row -> {
                    if (!NOT_KEPT.contains(row.getString(1))) {
                        columns.computeIfAbsent(row.getString(1), unused -> new ArrayList<>())
                                .add(new Column(
                                        row.getString(2),
                                        Column.Form.of(row.getString(3)),
                                        row.getString(4).equals("YES"),
                                        row.getLong(5)));
                    }
                });
        Map<String, List<String>> keys = new TreeMap<>();
        asked(
                connection,
                "SELECT LOWER(k.table_name), LOWER(k.column_name) FROM information_schema.key_column_usage k"
                        + " JOIN information_schema.table_constraints c ON c.constraint_schema = k.constraint_schema"
                        + " AND c.constraint_name = k.constraint_name WHERE k.table_schema = 'PUBLIC'"
                        + " AND c.constraint_type = 'PRIMARY KEY' ORDER BY 1, k.ordinal_position",
                row -> keys.computeIfAbsent(row.getString(1), unused -> new ArrayList<>())
                        .add(row.getString(2)));
        return columns.entrySet().stream()
                .map(each -> new Table(
                        each.getKey(),
                        List.copyOf(each.getValue()),
                        List.copyOf(keys.getOrDefault(each.getKey(), List.of()))))
                .toList();
    }

    /** Something done with a row of an answer. */
    @FunctionalInterface
    public interface WithRow {
        void take(ResultSet row) throws SQLException;
    }

    private static void asked(Connection connection, String query, WithRow with) throws SQLException {
        try (var statement = connection.createStatement();
                var rows = statement.executeQuery(query)) {
            while (rows.next()) {
                with.take(rows);
            }
        }
    }

    /** Hands over its rows one by one, in the order of their keys; they are never in memory all at once. */
    public void each(Connection connection, WithRow with) throws SQLException {
        asked(connection, "SELECT " + names() + " FROM " + name + orderByKey(), with);
    }

    /** The same of some of them. @param which a condition of ours; nothing that anybody typed stands in it */
    public void each(Connection connection, String which, WithRow with) throws SQLException {
        asked(connection, "SELECT " + names() + " FROM " + name + " WHERE " + which + orderByKey(), with);
    }

    /** The same of some of them, in another order. @param order columns, with a comma between */
    public void eachOrdered(Connection connection, String which, String order, WithRow with) throws SQLException {
        asked(connection, "SELECT " + names() + " FROM " + name + " WHERE " + which + " ORDER BY " + order, with);
    }

    private String orderByKey() {
        return key.isEmpty() ? "" : " ORDER BY " + String.join(", ", key);
    }

    /** Its columns, as a query names them. */
    public String names() {
        return columns.stream().map(Column::name).collect(Collectors.joining(", "));
    }

    /** A row as a line of canonical JSON; an empty cell is left out. @param row as {@link #names} asked for it */
    public String text(ResultSet row, Predicate<Column> which) throws SQLException {
        return CanonicalJson.of(cells(row, which));
    }

    public Map<String, Object> cells(ResultSet row, Predicate<Column> which) throws SQLException {
        var cells = new TreeMap<String, Object>();
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            if (which.test(column) && row.getObject(i + 1) != null) {
                cells.put(column.name(), column.form().write(row, i + 1));
            }
        }
        return cells;
    }
}
