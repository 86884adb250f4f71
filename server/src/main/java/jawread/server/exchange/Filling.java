package jawread.server.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.exchange.Manifest.Binary;
import jawread.server.exchange.Manifest.Rows;
import jawread.server.storage.StorageTrouble;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Column;
import jawread.server.tables.Table;
import tools.jackson.databind.JsonNode;

/** Puts the rows of a backup into tables that are there and empty, and looks whether they came out as they went in. */
final class Filling {
    private static final int ROWS_AT_ONCE = 500;

    private final BackupFile from;
    private final Connection connection;
    private final List<Table> tables;
    private final Map<String, Binary> binaries;

    /** @param connection that commits nothing by itself */
    Filling(BackupFile from, Connection connection) throws SQLException {
        this.from = from;
        this.connection = connection;
        this.tables = Table.all(connection);
        this.binaries = from.manifest().binaries().stream()
                .collect(Collectors.toMap(Binary::sha256, Function.identity(), (one, same) -> one));
    }

    /** Throws {@link NotABackup} where the file is not what it says, or holds other tables. */
    void fill() throws SQLException, IOException {
        refuseOtherTables();
        checked(false);
        for (Rows rows : from.manifest().tables()) {
            insert(table(rows.name()), rows);
        }
        connection.commit();
        checked(true);
        compare();
    }

    private void refuseOtherTables() {
        Set<String> ours = tables.stream().map(Table::name).collect(Collectors.toSet());
        Set<String> theirs = from.manifest().tables().stream().map(Rows::name).collect(Collectors.toSet());
        if (!ours.equals(theirs) || theirs.size() != from.manifest().tables().size()) {
            var odd = new HashSet<>(ours);
            odd.removeAll(theirs);
            Stream<String> more = theirs.stream().filter(name -> !ours.contains(name));
            throw from.damaged(
                    "its tables are not those of schema " + from.manifest().schema() + " ("
                            + Stream.concat(odd.stream(), more).sorted().collect(Collectors.joining(", ")) + ")",
                    null);
        }
    }

    private Table table(String name) {
        return tables.stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Rows come table by table, and point to one another both ways: whether each is there is looked at once all are. */
    private void checked(boolean on) throws SQLException {
        for (Table table : tables) {
            try (var statement = connection.createStatement()) {
                statement.execute(
                        "ALTER TABLE " + table.name() + " SET REFERENTIAL_INTEGRITY " + (on ? "TRUE CHECK" : "FALSE"));
            } catch (SQLException dangling) {
                throw from.damaged("a row of " + table.name() + " points to one that is not there", dangling);
            }
        }
    }

    private void insert(Table table, Rows rows) throws SQLException, IOException {
        String places = table.columns().stream().map(unused -> "?").collect(Collectors.joining(", "));
        Set<String> names = table.columns().stream().map(Column::name).collect(Collectors.toSet());
        try (PreparedStatement insert = connection.prepareStatement(
                "INSERT INTO " + table.name() + " (" + table.names() + ") VALUES (" + places + ")")) {
            var waiting = new int[1];
            from.each(rows, row -> {
                try {
                    bind(insert, table, names, row);
                    insert.addBatch();
                    if (++waiting[0] % ROWS_AT_ONCE == 0) {
                        insert.executeBatch();
                    }
                } catch (SQLException refused) {
                    throw from.damaged(
                            "a row of " + table.name() + " is none: " + StorageTrouble.sentence(refused), refused);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
            insert.executeBatch();
        } catch (java.sql.BatchUpdateException refused) {
            throw from.damaged("a row of " + table.name() + " is none: " + StorageTrouble.sentence(refused), refused);
        }
        if (rows.next().isPresent()) {
            try (var statement = connection.createStatement()) {
                statement.execute("ALTER TABLE " + table.name() + " ALTER COLUMN "
                        + table.key().get(0) + " RESTART WITH " + rows.next().get());
            }
        }
    }

    private void bind(PreparedStatement insert, Table table, Set<String> names, JsonNode row)
            throws SQLException, IOException {
        if (!row.isObject() || !names.containsAll(row.propertyNames())) {
            throw from.damaged("a row of " + table.name() + " has what the table has not", null);
        }
        for (int i = 0; i < table.columns().size(); i++) {
            Column column = table.columns().get(i);
            JsonNode cell = row.get(column.name());
            try {
                insert.setObject(i + 1, cell == null ? null : value(column, cell));
            } catch (RuntimeException refused) {
                throw refused instanceof NotABackup
                        ? refused
                        : from.damaged(
                                "a row of " + table.name() + " is none: " + column.name() + " is "
                                        + refused.getMessage(),
                                refused);
            }
        }
    }

    private Object value(Column column, JsonNode cell) throws IOException {
        Object value = column.form().read(cell);
        if (column.form() != Column.Form.BYTES) {
            return value;
        }
        Binary binary = binaries.get(value);
        if (binary == null) {
            throw from.damaged("a row points to binaries/" + value + ", which is not there", null);
        }
        return from.bytes(binary);
    }

    /** Reads all of it again, and holds it against the file's counts and digests. */
    private void compare() throws SQLException {
        var digests = new TreeMap<String, String>();
        for (Table table : tables) {
            var digest = CanonicalJson.sha256();
            table.each(
                    connection,
                    row -> digest.update((table.text(row, unused -> true) + '\n')
                            .getBytes(java.nio.charset.StandardCharsets.UTF_8)));
            digests.put(table.name(), java.util.HexFormat.of().formatHex(digest.digest()));
        }
        for (Rows rows : from.manifest().tables()) {
            if (!rows.sha256().equals(digests.get(rows.name()))) {
                throw from.damaged(rows.name() + " came out otherwise than it went in", null);
            }
        }
    }
}
