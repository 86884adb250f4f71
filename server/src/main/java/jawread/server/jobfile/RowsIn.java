package jawread.server.jobfile;

import java.sql.BatchUpdateException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.jobfile.JobFile.NotAJob;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Column;
import jawread.server.tables.Table;
import tools.jackson.databind.JsonNode;

/**
 * Puts the rows of a file into the shop's tables. What a row points to is looked for in the file and nowhere else, so that nothing of a
 * file lands in another job; a row whose UUID is here already must say the same.
 */
final class RowsIn {
    private static final int ROWS_AT_ONCE = 500;
    private static final String READING = "reading";
    private static final String SEQ = "seq";
    private static final Set<String> OF_THE_SHOP = Set.of(Section.PERSON, Section.GAUGE, Section.MASTER);

    /** Told of each row that was put in. */
    @FunctionalInterface
    interface WithKey {
        void put(String table, Map<String, Object> key);
    }

    private final Connection connection;
    private final JobFile file;
    private final long job;
    private final Map<String, Table> tables;
    private final WithKey told;
    /** By table: what the file's numbers are here. */
    private final Map<String, Map<Integer, Long>> here = new HashMap<>();
    /** By table: the UUIDs that the file has. */
    private final Map<String, Set<String>> keys = new HashMap<>();

    /** Whether the job was here before: its readings get numbers after those that it has. */
    private final boolean isHere;

    private int kept;
    private long lastSeq;
    private int readings;

    /** @param job where they belong here */
    RowsIn(Connection connection, JobFile file, long job, Map<String, Table> tables, WithKey told, boolean isHere) {
        this.isHere = isHere;
        this.connection = connection;
        this.file = file;
        this.job = job;
        this.tables = tables;
        this.told = told;
    }

    /** What the file has under a number is this row here. */
    void isHere(String table, int number, long row) {
        here.computeIfAbsent(table, unused -> new HashMap<>()).put(number, row);
    }

    /** How many readings were put in. */
    int readings() {
        return readings;
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
        return kept;
    }

    /** Opens the job that a file is of, under its own key. @return its number here */
    static long job(Connection connection, JobFile file, Map<String, Table> tables, WithKey told) throws SQLException {
        var in = new RowsIn(connection, file, 0, tables, told, false);
        Section section = new Section(JobFile.JOB, Section.JOB, "", "", "");
        Table table = tables.get(Section.JOB);
        in.refuseOtherMembers(section, table, file.job(), 0);
        return in.insertNumbered(section, table, 0, in.values(section, table, file.job(), 0));
    }

    /** The readings of this job that are here already have numbers up to this one. */
    void after(long seq) {
        this.lastSeq = seq;
    }

    /** Throws {@link NotAJob} at the first row that is none. @param instead values of columns that are not the file's */
    void put(Section section, Map<Integer, Map<String, Object>> instead) throws SQLException {
        Table table = tables.get(section.table());
        List<JsonNode> rows = file.rows(section);
        var waiting = new ArrayList<Map<String, Object>>();
        for (int i = 0; i < rows.size(); i++) {
            JsonNode row = rows.get(i);
            refuseOtherMembers(section, table, row, i);
            Map<String, Object> values = values(section, table, row, i);
            values.putAll(instead.getOrDefault(i + 1, Map.of()));
            if (Section.isNumbered(table)) {
                number(section, table, row, i, values);
            } else if (!isHereAlready(section, table, values, i)) {
                if (section.table().equals(READING)) {
                    readings++;
                    if (isHere) {
                        values.put(SEQ, lastSeq + readings);
                    }
                }
                waiting.add(values);
            }
        }
        for (int from = 0; from < waiting.size(); from += ROWS_AT_ONCE) {
            insert(section, table, waiting.subList(from, Math.min(waiting.size(), from + ROWS_AT_ONCE)), from);
        }
    }

    private void number(Section section, Table table, JsonNode row, int at, Map<String, Object> values)
            throws SQLException {
        if (row.path("id").asInt(0) != at + 1) {
            throw wrong(section, at, "id");
        }
        Long known = here.getOrDefault(table.name(), Map.of()).get(at + 1);
        if (known != null) {
            if (!OF_THE_SHOP.contains(table.name())) {
                values.put("id", known);
                isHereAlready(section, table, values, at);
            }
            return;
        }
        if (isHere && !OF_THE_SHOP.contains(table.name())) {
            throw new NotAJob("job-file-plan-differs", Map.of("section", section.member()));
        }
        isHere(table.name(), at + 1, insertNumbered(section, table, at, values));
    }

    private long insertNumbered(Section section, Table table, int at, Map<String, Object> values) {
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
            throw wrong(section, at, columnOf(refused));
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
            throw wrong(section, from + firstFailed(refused.getUpdateCounts()), columnOf(refused));
        }
        for (Map<String, Object> row : rows) {
            tell(table, row);
        }
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
        kept++;
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

    private void refuseOtherMembers(Section section, Table table, JsonNode row, int at) {
        Set<String> known = table.columns().stream()
                .filter(Section::isTakenAlong)
                .map(Section::member)
                .collect(Collectors.toSet());
        row.propertyNames().stream()
                .filter(name -> !known.contains(name))
                .findFirst()
                .ifPresent(name -> {
                    throw wrong(section, at, name);
                });
    }

    private Map<String, Object> values(Section section, Table table, JsonNode row, int at) {
        var values = new LinkedHashMap<String, Object>();
        for (Column column : table.columns()) {
            if (!Section.isTakenAlong(column)) {
                ofTheShop(column).ifPresent(value -> values.put(column.name(), value));
                continue;
            }
            JsonNode cell = row.get(Section.member(column));
            if (cell == null || Section.isNumber(column)) {
                continue;
            }
            try {
                values.put(column.name(), value(section, column, cell));
            } catch (RuntimeException none) {
                throw wrong(section, at, Section.member(column));
            }
        }
        Object key = values.get("id");
        if (key instanceof UUID
                && !keys.computeIfAbsent(table.name(), unused -> new HashSet<>())
                        .add(key.toString())) {
            throw wrong(section, at, "id");
        }
        return values;
    }

    /** What the file does not say, for it is the same in all rows, or begins anew. */
    private Optional<Object> ofTheShop(Column column) {
        return Section.pointsTo(column).filter(Section.JOB::equals).isPresent()
                ? Optional.of(job)
                : Optional.ofNullable(Section.OF_EACH_SHOP.get(column.name()));
    }

    private Object value(Section section, Column column, JsonNode cell) {
        Optional<String> to = Section.pointsTo(column);
        if (to.isPresent()) {
            Long id = here.getOrDefault(to.get(), Map.of()).get(cell.isInt() ? cell.intValue() : 0);
            if (id == null) {
                throw new IllegalArgumentException("points to nothing");
            }
            return id;
        }
        Object value = column.form().read(cell);
        Optional<String> key = Section.keyOf(column);
        if (key.isPresent()
                && !keys.getOrDefault(key.get(), Set.of()).contains(value.toString())
                && !(key.get().equals(section.table()))) {
            throw new IllegalArgumentException("points to nothing");
        }
        if (value instanceof String text && !isSound(text)) {
            throw new IllegalArgumentException("holds what steers a machine");
        }
        return value;
    }

    private static boolean isSound(String text) {
        return text.codePoints()
                .noneMatch(point -> Character.getType(point) == Character.CONTROL && "\t\n\r".indexOf(point) < 0
                        || Character.getType(point) == Character.SURROGATE);
    }

    /** Whether a row of that UUID is here, and says the same; throws where it says something else. */
    private boolean isHereAlready(Section section, Table table, Map<String, Object> values, int at)
            throws SQLException {
        if (table.key().stream().anyMatch(column -> values.get(column) == null)) {
            throw wrong(section, at, table.key().get(0));
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

    private static String columnOf(SQLException refused) {
        var named = java.util.regex.Pattern.compile("\"?([A-Z_]+)\"? ").matcher(String.valueOf(refused.getMessage()));
        return named.find() ? named.group(1).toLowerCase(java.util.Locale.ROOT) : "?";
    }

    private static NotAJob wrong(Section section, int at, String member) {
        return new NotAJob(
                "job-file-row", Map.of("section", section.member(), "row", Integer.toString(at + 1), "member", member));
    }
}
