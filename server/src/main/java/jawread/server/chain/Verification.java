package jawread.server.chain;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Snapshot;
import jawread.server.tables.Table;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Holds the journal's chain against itself and against the tables: which line was changed or taken out, and which row is not what the
 * last line that told of it says.
 */
public final class Verification {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** Whoever changed more than this is found out all the same. */
    private static final int MOST_SENTENCES = 50;

    private static final TypeReference<TreeMap<String, Object>> CELLS_READ = new TypeReference<>() {};
    private static final String CELLS = "cells";
    private static final String COLUMNS = "columns";

    /**
     * What it came to.
     *
     * @param lines of the journal
     * @param before of those, lines that were written before there was a chain
     * @param rows that were compared
     * @param misfits sentences that say what does not fit, the first fifty; empty when all does
     * @param count of everything that does not fit
     */
    public record Result(long lines, long before, long rows, List<String> misfits, long count) {
        public boolean fits() {
            return count == 0;
        }
    }

    /** What the last line that told of a row says. @param columns joined; those the digest is over */
    private record Expected(String digest, String columns, long line) {}

    private final Connection shop;
    private final Map<String, Table> tables = new HashMap<>();
    private final NavigableMap<String, Expected> expected = new TreeMap<>();
    private final Map<String, String> sameText = new HashMap<>();
    private final List<String> misfits = new ArrayList<>();
    private long count;
    private long lines;
    private long before;
    private long rows;
    private String last = Line.NONE;

    private Verification(Connection shop) {
        this.shop = shop;
    }

    /** Of the shop as it now is; whoever keeps something meanwhile waits for nothing. */
    public static Result of(Connection shop) throws SQLException {
        try (var then = Snapshot.of(shop)) {
            var verification = new Verification(then.connection());
            ToldRows.of(Table.all(then.connection()))
                    .tables()
                    .forEach(table -> verification.tables.put(table.name(), table));
            verification.chain();
            verification.compare();
            return new Result(
                    verification.lines,
                    verification.before,
                    verification.rows,
                    List.copyOf(verification.misfits),
                    verification.count);
        }
    }

    private void misfit(String sentence) {
        count++;
        if (misfits.size() < MOST_SENTENCES) {
            misfits.add(sentence);
        }
    }

    private void chain() throws SQLException {
        try (var statement = shop.createStatement();
                var all = statement.executeQuery(
                        "SELECT id, job_id, seq, what, at, form, told, sha256 FROM journal ORDER BY id")) {
            while (all.next()) {
                line(all);
            }
        }
        try (var statement = shop.createStatement();
                var head = statement.executeQuery("SELECT last_id, last_sha256 FROM journal_head")) {
            if (!head.next() || head.getLong(1) != lines || !Objects.equals(head.getString(2), last)) {
                misfit("The journal ends with line " + lines
                        + ", and its head says that it goes on: lines were taken off its end.");
            }
        }
    }

    private void line(ResultSet row) throws SQLException {
        long id = row.getLong(1);
        if (id != lines + 1) {
            misfit("Line " + (lines + 1) + " of the journal is missing.");
        }
        lines = id;
        String told = row.getString(7);
        String digest = CanonicalJson.digest(told);
        if (!digest.equals(row.getString(8))) {
            misfit("Line " + id + " of the journal was changed: what it tells is not what its digest was made of.");
        }
        try {
            JsonNode text = JSON.readTree(told);
            if (!text.path("before").asString("").equals(last)) {
                misfit("Line " + id + " of the journal does not follow the line before it.");
            }
            if (!isOf(text, row)) {
                misfit("Line " + id
                        + " of the journal was changed: its number, job, kind or time is not what it tells.");
            }
            if (text.has("since")) {
                before++;
            }
            take(text, id);
        } catch (JacksonException | ClassCastException unreadable) {
            misfit("Line " + id + " of the journal cannot be read.");
        }
        last = row.getString(8);
    }

    private static boolean isOf(JsonNode text, ResultSet row) throws SQLException {
        return text.path("id").asString("").equals(row.getString(1))
                && text.path("job").asString("").equals(row.getString(2))
                && text.path("seq").asString("").equals(row.getString(3))
                && text.path("what").asString("").equals(row.getString(4))
                && text.path("at")
                        .asString("")
                        .equals(row.getObject(5, OffsetDateTime.class)
                                .toInstant()
                                .toString())
                && text.path("form").asInt(0) == row.getInt(6);
    }

    /** A later line about a row stands in place of those before. */
    private void take(JsonNode text, long line) {
        for (JsonNode row : text.path("rows")) {
            Table table = tables.get(row.path("table").asString(""));
            if (table == null) {
                continue;
            }
            String key = ToldRows.key(table, texts(row.path("key")));
            if (row.has(CELLS)) {
                cells(table, row.path(CELLS), line);
            } else if (row.has("all")) {
                String owner = key.replaceAll("(/null)+$", "") + "/";
                expected.subMap(owner, owner + Character.MAX_VALUE).clear();
                row.path("all").forEach(cells -> cells(table, cells, line));
            } else {
                expected.remove(key);
            }
        }
        for (JsonNode many : text.path("digests")) {
            var columns = new ArrayList<String>();
            many.path(COLUMNS).forEach(column -> columns.add(column.asString("")));
            String joined = same(String.join(",", columns));
            many.path("rows")
                    .properties()
                    .forEach(each -> expected.put(
                            each.getKey(), new Expected(each.getValue().asString(""), joined, line)));
        }
    }

    private void cells(Table table, JsonNode cells, long line) {
        Map<String, Object> values = JSON.convertValue(cells, CELLS_READ);
        expected.put(
                ToldRows.key(table, values),
                new Expected(ToldRows.digest(values), same(String.join(",", values.keySet())), line));
    }

    /** Thousands of rows have the same columns: their names are kept once. */
    private String same(String text) {
        return sameText.computeIfAbsent(text, unused -> text);
    }

    private static Map<String, String> texts(JsonNode key) {
        var texts = new TreeMap<String, String>();
        key.properties()
                .forEach(each -> texts.put(each.getKey(), each.getValue().asString("")));
        return texts;
    }

    private void compare() throws SQLException {
        for (Table table : tables.values().stream()
                .sorted(java.util.Comparator.comparing(Table::name))
                .toList()) {
            table.each(shop, row -> {
                rows++;
                compare(table, ToldRows.cells(table, row));
            });
        }
        expected.forEach(
                (key, is) -> misfit(named(key) + " is gone; line " + is.line() + " of the journal tells of it."));
    }

    private void compare(Table table, Map<String, Object> cells) throws SQLException {
        String key = ToldRows.key(table, cells);
        Expected was = expected.remove(key);
        if (was == null) {
            misfit(named(key) + " is there, and no line of the journal tells of it.");
            return;
        }
        var told = new TreeMap<String, Object>();
        for (String column : was.columns().split(",")) {
            told.put(column, cells.get(column));
        }
        if (!ToldRows.digest(told).equals(was.digest())) {
            misfit(named(key) + " was changed: " + difference(table, key, told, was.line()));
        }
    }

    /** Which column, from what to what; where only a digest was told, that much cannot be said. */
    private String difference(Table table, String key, Map<String, Object> now, long line) throws SQLException {
        try (var query = shop.prepareStatement("SELECT told FROM journal WHERE id = ?")) {
            query.setLong(1, line);
            try (var row = query.executeQuery()) {
                Optional<JsonNode> then =
                        row.next() ? toldOf(table, key, JSON.readTree(row.getString(1))) : Optional.empty();
                return then.map(cells -> differing(now, cells))
                        .orElse("line " + line + " of the journal has another digest.");
            }
        }
    }

    private static Optional<JsonNode> toldOf(Table table, String key, JsonNode text) {
        var found = new ArrayList<JsonNode>();
        for (JsonNode row : text.path("rows")) {
            found.add(row.path(CELLS));
            row.path("all").forEach(found::add);
        }
        return found.stream()
                .filter(JsonNode::isObject)
                .filter(cells -> ToldRows.key(table, texts(cells)).equals(key))
                .findFirst();
    }

    private static String differing(Map<String, Object> now, JsonNode then) {
        return now.entrySet().stream()
                        .filter(each -> !said(each.getValue()).equals(said(then.get(each.getKey()))))
                        .map(each -> each.getKey() + " is " + said(each.getValue()) + " and was kept as "
                                + said(then.get(each.getKey())))
                        .reduce((one, other) -> one + "; " + other)
                        .orElse("in what it does not say")
                + ".";
    }

    private static String said(Object value) {
        if (value == null || value instanceof JsonNode node && node.isNull()) {
            return "nothing";
        }
        return value instanceof JsonNode node ? node.asString("") : value.toString();
    }

    private static String named(String key) {
        int slash = key.indexOf('/');
        String table = key.substring(0, slash).replace('_', ' ');
        return Character.toUpperCase(table.charAt(0)) + table.substring(1) + " " + key.substring(slash + 1);
    }
}
