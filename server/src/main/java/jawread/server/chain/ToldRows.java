package jawread.server.chain;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Column;
import jawread.server.tables.Table;

/** The rows of the shop as a line of the journal tells of them: with every column but the names of people. */
public final class ToldRows {
    /** The journal itself is the chain. */
    static final String JOURNAL = "journal";
    /** People stand in the chain by their number: a name can be taken out of the shop, and never out of a chain. */
    private static final Map<String, Set<String>> NAMES =
            Map.of("person", Set.of("name", "does"), "study", Set.of("people"));

    private static final int DIGESTS_A_LINE = 500;

    private final Map<String, Table> tables;

    private ToldRows(Map<String, Table> tables) {
        this.tables = tables;
    }

    /** Of the shop as it now is. */
    public static ToldRows of(Connection connection) throws SQLException {
        return new ToldRows(Table.all(connection).stream()
                .filter(table -> !table.name().equals(JOURNAL))
                .collect(Collectors.toMap(Table::name, table -> table, (one, same) -> one, TreeMap::new)));
    }

    Collection<Table> tables() {
        return tables.values();
    }

    /** Whether a table is told of: tickets and locks are not. */
    public boolean isTold(String table) {
        return tables.containsKey(table);
    }

    /** All cells of a row, empty ones as nothing: a line says by itself which columns there were. */
    static Map<String, Object> cells(Table table, ResultSet row) throws SQLException {
        Set<String> names = NAMES.getOrDefault(table.name(), Set.of());
        Map<String, Object> cells = table.cells(row, column -> !names.contains(column.name()));
        for (Column column : table.columns()) {
            if (!names.contains(column.name())) {
                cells.putIfAbsent(column.name(), null);
            }
        }
        return cells;
    }

    /** The table and the key of a row, in one text. */
    static String key(Table table, Map<String, ?> cells) {
        return table.key().stream()
                .map(column -> "/" + cells.get(column))
                .collect(Collectors.joining("", table.name(), ""));
    }

    /**
     * A row that was written or taken away, or all rows of an owner in a table that has none of its own.
     *
     * @param key columns and what they hold: the whole key, or the beginning of it
     */
    public record Touched(String table, Map<String, Object> key) {}

    /**
     * What is told of one row, or of all rows of an owner, as they now stand.
     *
     * @param rows empty where the row is gone
     */
    public record Told(Table table, Map<String, Object> key, boolean isOne, List<Map<String, Object>> rows) {
        private boolean isOneThatIsThere() {
            return isOne && !rows.isEmpty();
        }

        private Map<String, Object> whole() {
            var says = new TreeMap<String, Object>();
            says.put("table", table.name());
            says.put("key", texts(table, key));
            if (isOneThatIsThere()) {
                says.put("cells", rows.get(0));
            } else if (isOne) {
                says.put("gone", true);
            } else {
                says.put("all", rows);
            }
            return says;
        }
    }

    public List<Told> tell(Connection connection, Collection<Touched> touched) throws SQLException {
        var told = new ArrayList<Told>();
        for (Touched each : touched) {
            Table table = tables.get(each.table());
            boolean one = each.key().size() == table.key().size();
            told.add(new Told(table, each.key(), one, rows(connection, table, each.key())));
        }
        return told;
    }

    /**
     * Told rows, as the parts of as many lines as they take: few as they are, many by their digests. Everything of one owner, and
     * what is gone, stays as it is.
     */
    public static List<Map<String, Object>> inParts(List<Told> told, int most) {
        if (told.isEmpty()) {
            return List.of();
        }
        if (told.size() <= most) {
            return List.of(Map.of("rows", told.stream().map(Told::whole).toList()));
        }
        var parts = new ArrayList<Map<String, Object>>();
        cut(
                        told.stream()
                                .filter(each -> !each.isOneThatIsThere())
                                .map(Told::whole)
                                .toList(),
                        most)
                .forEach(rows -> parts.add(Map.of("rows", rows)));
        told.stream()
                .filter(Told::isOneThatIsThere)
                .collect(Collectors.groupingBy(each -> each.table().name(), TreeMap::new, Collectors.toList()))
                .values()
                .forEach(rows -> cut(rows, DIGESTS_A_LINE).forEach(some -> parts.add(digested(some))));
        return parts;
    }

    private static <T> List<List<T>> cut(List<T> all, int most) {
        var cut = new ArrayList<List<T>>();
        for (int from = 0; from < all.size(); from += most) {
            cut.add(all.subList(from, Math.min(all.size(), from + most)));
        }
        return cut;
    }

    /** @param rows of one table */
    private static Map<String, Object> digested(List<Told> rows) {
        var digests = new TreeMap<String, String>();
        for (Told row : rows) {
            digests.put(key(row.table(), row.rows().get(0)), digest(row.rows().get(0)));
        }
        Told any = rows.get(0);
        return Map.of(
                "digests",
                List.of(Line.digests(
                        any.table().name(), List.copyOf(any.rows().get(0).keySet()), digests)));
    }

    private static Map<String, Object> texts(Table table, Map<String, Object> key) {
        var texts = new TreeMap<String, Object>();
        table.key().stream()
                .filter(key::containsKey)
                .forEach(column -> texts.put(column, String.valueOf(key.get(column))));
        return texts;
    }

    private static List<Map<String, Object>> rows(Connection connection, Table table, Map<String, Object> key)
            throws SQLException {
        var ordered = new LinkedHashMap<>(key);
        String where = ordered.keySet().stream().map(column -> column + " = ?").collect(Collectors.joining(" AND "));
        try (PreparedStatement query = connection.prepareStatement("SELECT " + table.names() + " FROM " + table.name()
                + " WHERE " + where + " ORDER BY " + String.join(", ", table.key()))) {
            int index = 1;
            for (Object value : ordered.values()) {
                query.setObject(index++, value);
            }
            var rows = new ArrayList<Map<String, Object>>();
            try (ResultSet found = query.executeQuery()) {
                while (found.next()) {
                    rows.add(cells(table, found));
                }
            }
            return rows;
        }
    }

    static String digest(Map<String, Object> cells) {
        return CanonicalJson.digest(CanonicalJson.of(cells));
    }
}
