package jawread.server.chain;

import jakarta.annotation.Nullable;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.stream.Collectors;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Table;

/** The rows of the shop as a line of the journal tells of them: with every column but the names of people. */
public final class ToldRows {
    /** The journal itself is the chain. */
    static final String JOURNAL = "journal";
    /** People stand in the chain by their number: a name can be taken out of the shop, and never out of a chain. */
    private static final Map<String, Set<String>> NAMES =
            Map.of("person", Set.of("name", "does"), "study", Set.of("people"));

    private static final int LONGEST_TEXT = 20_000;
    /** Rows that are asked for by one query: each that it finds is held against all that it asks for. */
    private static final int MOST_ASKED = 50;

    private final Map<String, Table> tables;

    private ToldRows(Map<String, Table> tables) {
        this.tables = tables;
    }

    /** Of a shop that has these. */
    public static ToldRows of(Collection<Table> tables) {
        return new ToldRows(tables.stream()
                .filter(table -> !table.name().equals(JOURNAL))
                .map(ToldRows::withoutNames)
                .collect(Collectors.toMap(Table::name, table -> table, (one, same) -> one, TreeMap::new)));
    }

    private static Table withoutNames(Table table) {
        Set<String> names = NAMES.getOrDefault(table.name(), Set.of());
        return new Table(
                table.name(),
                table.columns().stream()
                        .filter(column -> !names.contains(column.name()))
                        .toList(),
                table.key());
    }

    /** With the columns that are told. */
    Collection<Table> tables() {
        return tables.values();
    }

    /** Whether a table is told of: tickets and locks are not. */
    public boolean isTold(String table) {
        return tables.containsKey(table);
    }

    /** All cells of a row of a table that is told, empty ones as nothing: a line says by itself which columns there were. */
    static Map<String, Object> cells(Table table, ResultSet row) throws SQLException {
        Map<String, Object> cells = table.cells(row, column -> true);
        table.columns().forEach(column -> cells.putIfAbsent(column.name(), null));
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

    /** A row that was found: whole, or by its digest where a line has no room for it. */
    private record Found(
            @Nullable Map<String, Object> cells, @Nullable Told.Digest digest) {
        private static Found of(Table table, Map<String, Object> cells, boolean areMany) {
            return areMany || isLong(cells)
                    ? new Found(null, new Told.Digest(ToldRows.key(table, cells), ToldRows.digest(cells)))
                    : new Found(cells, null);
        }

        /** A picture, or what was signed: a line has no room for several of these. */
        private static boolean isLong(Map<String, Object> cells) {
            return cells.values().stream()
                    .anyMatch(cell -> cell instanceof String text && text.length() > LONGEST_TEXT);
        }

        private Told told(Table table, Map<String, Object> key) {
            return new Told(table, key, true, cells == null ? List.of() : List.of(cells), digest);
        }
    }

    /** Rows as they are found. Of many, the digests of some are made in a second thread while the next are asked for. */
    private static final class Finding {
        private final boolean areMany;
        private final Map<String, Found> all = new HashMap<>();

        @Nullable
        private ForkJoinTask<Map<String, Found>> last;

        private Finding(boolean areMany) {
            this.areMany = areMany;
        }

        private void add(Table table, List<Map<String, Object>> rows) {
            if (!areMany) {
                all.putAll(found(table, rows));
                return;
            }
            join();
            last = ForkJoinPool.commonPool().submit(() -> found(table, rows));
        }

        private void join() {
            if (last != null) {
                all.putAll(last.join());
            }
        }

        private Map<String, Found> all() {
            join();
            return all;
        }

        private Map<String, Found> found(Table table, List<Map<String, Object>> rows) {
            return rows.stream()
                    .collect(Collectors.toMap(cells -> key(table, cells), cells -> Found.of(table, cells, areMany)));
        }
    }

    /** Up to a hundred as they are, more by their digests, and by its digest one that holds a long text. All of one owner stay as they are. */
    public List<Told> tell(Connection connection, Collection<Touched> touched) throws SQLException {
        boolean areMany = touched.size() > Told.MOST_WHOLE;
        var many = new Finding(areMany);
        Map<String, List<Touched>> byTable =
                touched.stream().filter(this::isNumbered).collect(Collectors.groupingBy(Touched::table));
        for (List<Touched> ofTable : byTable.values()) {
            if (ofTable.size() > 1) {
                for (List<Touched> some : Told.cut(ofTable, MOST_ASKED)) {
                    many.add(tables.get(some.get(0).table()), ask(connection, some));
                }
            }
        }
        Map<String, Found> found = many.all();
        var told = new ArrayList<Told>();
        for (Touched each : touched) {
            Table table = tables.get(each.table());
            boolean asked = isNumbered(each) && byTable.get(each.table()).size() > 1;
            if (asked) {
                Found here = found.remove(key(table, each.key()));
                told.add(here == null ? gone(table, each.key()) : here.told(table, each.key()));
                continue;
            }
            List<Map<String, Object>> rows = rows(connection, table, each.key());
            boolean isOne = each.key().size() == table.key().size();
            told.add(
                    isOne && !rows.isEmpty()
                            ? Found.of(table, rows.get(0), areMany).told(table, each.key())
                            : new Told(table, each.key(), isOne, rows, null));
        }
        return told;
    }

    private static Told gone(Table table, Map<String, Object> key) {
        return new Told(table, key, true, List.of(), null);
    }

    /** Whether one column tells a row apart: then many of a table are asked for at once. */
    private boolean isNumbered(Touched touched) {
        return touched.key().size() == 1 && tables.get(touched.table()).key().size() == 1;
    }

    private List<Map<String, Object>> ask(Connection connection, List<Touched> of) throws SQLException {
        Table table = tables.get(of.get(0).table());
        String places = of.stream().map(unused -> "?").collect(Collectors.joining(", "));
        try (PreparedStatement query = connection.prepareStatement("SELECT " + table.names() + " FROM " + table.name()
                + " WHERE " + table.key().get(0) + " IN (" + places + ")")) {
            for (int i = 0; i < of.size(); i++) {
                query.setObject(i + 1, of.get(i).key().values().iterator().next());
            }
            return cells(table, query);
        }
    }

    private static List<Map<String, Object>> cells(Table table, PreparedStatement query) throws SQLException {
        var rows = new ArrayList<Map<String, Object>>();
        try (ResultSet found = query.executeQuery()) {
            while (found.next()) {
                rows.add(cells(table, found));
            }
        }
        return rows;
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
            return cells(table, query);
        }
    }

    static String digest(Map<String, Object> cells) {
        return CanonicalJson.digest(CanonicalJson.of(cells));
    }
}
