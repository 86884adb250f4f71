package jawread.server.jobfile;

import java.sql.BatchUpdateException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.jobfile.JobFile.NotAJob;
import jawread.server.live.Underway.Progress;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Column;
import jawread.server.tables.Table;
import tools.jackson.databind.JsonNode;

/** Puts the rows of a file into the shop's tables. A row whose UUID is here already must say the same. */
final class RowsIn {
    private static final int ROWS_AT_ONCE = 500;
    static final String READING = "reading";
    private static final String SEQ = "seq";

    /** Told of each row that was put in. */
    @FunctionalInterface
    interface WithKey {
        void put(String table, Map<String, Object> key);
    }

    private final Connection connection;
    private final JobFile file;
    private final Map<String, Table> tables;
    private final WithKey told;
    private final RowValues values;
    /** Whether the job was here before: its readings get numbers after those that it has. */
    private final boolean isHere;

    /** How many rows were put in, by table. */
    private final Map<String, Integer> kept = new HashMap<>();

    private long lastSeq;

    /** Rows of the sections that are in. */
    private int done;

    /** @param job where they belong here */
    RowsIn(Connection connection, JobFile file, long job, Map<String, Table> tables, WithKey told, boolean isHere) {
        this.isHere = isHere;
        this.connection = connection;
        this.file = file;
        this.values = new RowValues(job);
        this.tables = tables;
        this.told = told;
    }

    /** What the file has under a number is this row here. */
    void isHere(String table, int number, long row) {
        values.isHere(table, number, row);
    }

    /** The highest number of a reading, or of a record, that the file has. */
    static long lastSeq(JobFile file) {
        return Stream.of("readings", JobFile.SIGNED)
                .flatMap(section -> file.content().path(section).valueStream())
                .mapToLong(row -> row.path("seq").asLong(0))
                .max()
                .orElse(0);
    }

    /** How many rows were put in. */
    int kept() {
        return kept.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** How many of some tables. */
    int kept(String... tables) {
        return Stream.of(tables).mapToInt(table -> kept.getOrDefault(table, 0)).sum();
    }

    /** Opens the job that a file is of, under its own key. @return its number here */
    static long job(Connection connection, JobFile file, Map<String, Table> tables, WithKey told) throws SQLException {
        var in = new RowsIn(connection, file, 0, tables, told, false);
        Section section = new Section(JobFile.JOB, Section.JOB, "", "", "");
        Table table = tables.get(Section.JOB);
        return in.insertNumbered(section, table, 0, in.values.of(section, table, file.job(), 0));
    }

    /** The readings of this job that are here already have numbers up to this one. */
    void after(long seq) {
        this.lastSeq = seq;
    }

    /** Throws {@link NotAJob} at the first row that is none. @param instead values of columns that are not the file's */
    void put(Section section, Map<Integer, Map<String, Object>> instead, Progress progress) throws SQLException {
        Table table = tables.get(section.table());
        List<JsonNode> rows = file.rows(section);
        var waiting = new ArrayList<Map<String, Object>>();
        boolean isKeyed = KeysHere.has(table);
        Set<String> here = isKeyed ? KeysHere.of(connection, table, rows) : Set.of();
        for (int i = 0; i < rows.size(); i++) {
            JsonNode row = rows.get(i);
            Map<String, Object> cells = values.of(section, table, row, i);
            cells.putAll(instead.getOrDefault(i + 1, Map.of()));
            if (Section.isNumbered(table)) {
                number(section, table, row, i, cells);
            } else if (isKeyed && !here.contains(String.valueOf(cells.get("id")))
                    || !isHereAlready(section, table, cells, i)) {
                if (isHere && section.table().equals(READING)) {
                    cells.put(SEQ, ++lastSeq);
                }
                waiting.add(cells);
            }
        }
        int known = rows.size() - waiting.size();
        for (int from = 0; from < waiting.size(); from += ROWS_AT_ONCE) {
            int to = Math.min(waiting.size(), from + ROWS_AT_ONCE);
            insert(section, table, waiting.subList(from, to), from);
            progress.reached(done + known + to);
        }
        done += rows.size();
        progress.reached(done);
    }

    private void number(Section section, Table table, JsonNode row, int at, Map<String, Object> cells)
            throws SQLException {
        if (row.path("id").asInt(0) != at + 1) {
            throw RowValues.wrong(section, at, "id");
        }
        Long known = values.here(table.name(), at + 1);
        if (known != null) {
            if (!section.isOfTheShop()) {
                cells.put("id", known);
                isHereAlready(section, table, cells, at);
            }
            return;
        }
        if (isHere && !section.isOfTheShop()) {
            throw new NotAJob("job-file-plan-differs", Map.of("section", section.member()));
        }
        values.isHere(table.name(), at + 1, insertNumbered(section, table, at, cells));
    }

    private long insertNumbered(Section section, Table table, int at, Map<String, Object> values) throws SQLException {
        values.remove("id");
        List<String> names = List.copyOf(values.keySet());
        try (PreparedStatement insert =
                connection.prepareStatement(into(table, names), Statement.RETURN_GENERATED_KEYS)) {
            bind(insert, names, values);
            insert.executeUpdate();
            try (ResultSet key = insert.getGeneratedKeys()) {
                key.next();
                long id = key.getLong("id");
                tell(table, Map.of("id", id));
                return id;
            }
        } catch (SQLException refused) {
            if (isOfTheRow(refused)) {
                throw RowValues.wrong(section, at, "id");
            }
            throw refused;
        }
    }

    private void insert(Section section, Table table, List<Map<String, Object>> rows, int from) throws SQLException {
        List<String> names = table.columns().stream()
                .map(Column::name)
                .filter(name -> rows.stream().anyMatch(row -> row.containsKey(name)))
                .toList();
        try (PreparedStatement insert = connection.prepareStatement(into(table, names))) {
            for (Map<String, Object> row : rows) {
                bind(insert, names, row);
                insert.addBatch();
            }
            insert.executeBatch();
        } catch (BatchUpdateException refused) {
            // Each cell was looked at: what is left is that a row stands there twice, or a figure has no room.
            if (isOfTheRow(refused)) {
                throw RowValues.wrong(section, from + firstFailed(refused.getUpdateCounts()), "id");
            }
            throw refused;
        }
        for (Map<String, Object> row : rows) {
            tell(table, row);
        }
    }

    /** Whether it is no trouble of the disk or the database: a figure has no room, or a constraint does not hold. */
    private static boolean isOfTheRow(SQLException refused) {
        String state = String.valueOf(refused.getSQLState());
        return state.startsWith("22") || state.startsWith("23");
    }

    private static int firstFailed(int[] counts) {
        int at = 0;
        while (at < counts.length - 1 && counts[at] != Statement.EXECUTE_FAILED) {
            at++;
        }
        return at;
    }

    private void tell(Table table, Map<String, Object> row) {
        var key = new LinkedHashMap<String, Object>();
        table.key().forEach(column -> key.put(column, row.get(column)));
        told.put(table.name(), key);
        kept.merge(table.name(), 1, Integer::sum);
    }

    private static String into(Table table, List<String> names) {
        return "INSERT INTO " + table.name() + " (" + String.join(", ", names) + ") VALUES ("
                + names.stream().map(unused -> "?").collect(Collectors.joining(", ")) + ")";
    }

    private static void bind(PreparedStatement insert, List<String> names, Map<String, Object> row)
            throws SQLException {
        for (int i = 0; i < names.size(); i++) {
            insert.setObject(i + 1, row.get(names.get(i)));
        }
    }

    /** Whether a row of that UUID is here, and says the same; throws where it says something else. */
    private boolean isHereAlready(Section section, Table table, Map<String, Object> values, int at)
            throws SQLException {
        if (table.key().stream().anyMatch(column -> values.get(column) == null)) {
            throw RowValues.wrong(section, at, table.key().get(0));
        }
        String which = table.key().stream().map(column -> column + " = ?").collect(Collectors.joining(" AND "));
        try (PreparedStatement query =
                connection.prepareStatement("SELECT " + table.names() + " FROM " + table.name() + " WHERE " + which)) {
            bind(query, table.key(), values);
            try (ResultSet found = query.executeQuery()) {
                if (!found.next()) {
                    return false;
                }
                Map<String, Object> ours = table.cells(found, column -> !isCountedHere(table, column));
                if (!CanonicalJson.of(ours).equals(CanonicalJson.of(written(table, values)))) {
                    throw new NotAJob(
                            "job-file-other-body",
                            Map.of("section", section.member(), "row", Integer.toString(at + 1)));
                }
                return true;
            }
        }
    }

    /** Its place among the job's readings is each shop's own, once both went on. */
    private static boolean isCountedHere(Table table, Column column) {
        return Section.OF_EACH_SHOP.containsKey(column.name())
                || table.name().equals(READING) && column.name().equals(SEQ);
    }

    /** Values as a row of a table writes them. */
    private static Map<String, Object> written(Table table, Map<String, Object> values) {
        var cells = new LinkedHashMap<String, Object>();
        for (Column column : table.columns()) {
            Object value = values.get(column.name());
            if (value != null && !isCountedHere(table, column)) {
                cells.put(column.name(), column.form().asWritten(value));
            }
        }
        return cells;
    }
}
