package jawread.server.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** One file of the whole shop: a ZIP of the statements that make it anew, and of what each table comes to. */
final class Backup {
    private static final String STATEMENTS = "shop.sql";
    private static final String TABLES = "tables.csv";

    private Backup() {}

    /**
     * What a table holds.
     *
     * @param hash SHA-256 over its rows in order
     */
    record Contents(long rows, String hash) {}

    /** Writes all that a connection sees. */
    static Map<String, Contents> write(Connection connection, OutputStream to) throws SQLException, IOException {
        Path statements = Files.createTempFile("jawread", ".sql");
        try (var zip = new ZipOutputStream(to)) {
            Map<String, Contents> contents = script(connection, statements);
            zip.putNextEntry(new ZipEntry(TABLES));
            zip.write(table(contents).getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry(STATEMENTS));
            Files.copy(statements, zip);
            return contents;
        } finally {
            Files.deleteIfExists(statements);
        }
    }

    /**
     * The head of the journal is locked meanwhile, so that whoever keeps something waits and nothing is half in the file; no
     * longer than that, for whoever fetches the file may be slow.
     */
    private static Map<String, Contents> script(Connection connection, Path to) throws SQLException {
        boolean auto = connection.getAutoCommit();
        connection.setAutoCommit(false);
        try (var lock = connection.createStatement();
                var script = connection.prepareStatement("SCRIPT TO ?")) {
            lock.executeQuery("SELECT last_id FROM journal_head FOR UPDATE");
            script.setString(1, to.toString());
            script.execute();
            return contents(connection);
        } finally {
            connection.rollback();
            connection.setAutoCommit(auto);
        }
    }

    /**
     * Makes the shop of a file anew in an empty database, and compares each table with the file's count and hash.
     *
     * @return what was restored
     * @throws IllegalStateException when the database is not empty, or a table differs; it is left empty then
     */
    static Map<String, Contents> restore(Path file, Connection into) throws SQLException, IOException {
        Map<String, Contents> there = contents(into);
        if (there.entrySet().stream()
                .anyMatch(each ->
                        !isOfTheProgram(each.getKey()) && each.getValue().rows() > 0)) {
            throw new IllegalStateException(
                    "This shop is not empty: a backup is restored into an empty one. Name another"
                            + " folder with JAWREAD_DATA.");
        }
        Path statements = Files.createTempFile("jawread", ".sql");
        try (var zip = new ZipFile(file.toFile());
                var statement = into.createStatement();
                var run = into.prepareStatement("RUNSCRIPT FROM ?")) {
            Files.write(statements, zip.getInputStream(entry(zip, STATEMENTS)).readAllBytes());
            Map<String, Contents> expected = read(zip);
            statement.execute("DROP ALL OBJECTS");
            run.setString(1, statements.toString());
            run.execute();
            Map<String, Contents> restored = contents(into);
            if (!restored.equals(expected)) {
                statement.execute("DROP ALL OBJECTS");
                throw new IllegalStateException("The file is not whole: " + differing(expected, restored)
                        + " came out otherwise than it went in. Nothing was restored.");
            }
            return restored;
        } finally {
            Files.deleteIfExists(statements);
        }
    }

    private static String differing(Map<String, Contents> expected, Map<String, Contents> restored) {
        return expected.entrySet().stream()
                .filter(each -> !Objects.equals(restored.get(each.getKey()), each.getValue()))
                .map(Map.Entry::getKey)
                .collect(Collectors.joining(", "));
    }

    /** Rows that a new and empty shop has too. */
    private static boolean isOfTheProgram(String table) {
        return table.equals("flyway_schema_history") || table.equals("journal_head") || table.equals("shop_lock");
    }

    private static ZipEntry entry(ZipFile zip, String name) {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new IllegalStateException("This is no backup of a shop: it holds no " + name + ".");
        }
        return entry;
    }

    /** Each table by name. */
    static Map<String, Contents> contents(Connection connection) throws SQLException {
        var contents = new TreeMap<String, Contents>();
        try (var statement = connection.createStatement();
                var tables = statement.executeQuery("SELECT table_name, "
                        + "(SELECT COUNT(*) FROM information_schema.columns c WHERE c.table_schema = t.table_schema"
                        + " AND c.table_name = t.table_name) FROM information_schema.tables t"
                        + " WHERE table_schema = 'PUBLIC' AND table_type = 'BASE TABLE'")) {
            while (tables.next()) {
                String name = tables.getString(1);
                contents.put(name.toLowerCase(Locale.ROOT), contents(connection, name, tables.getInt(2)));
            }
        }
        return contents;
    }

    private static Contents contents(Connection connection, String table, int columns) throws SQLException {
        String order =
                IntStream.rangeClosed(1, columns).mapToObj(String::valueOf).collect(Collectors.joining(", "));
        try (var statement = connection.createStatement();
                var rows = statement.executeQuery("SELECT * FROM \"" + table + "\" ORDER BY " + order)) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            long count = 0;
            while (rows.next()) {
                count++;
                digest.update(line(rows, columns).getBytes(StandardCharsets.UTF_8));
            }
            return new Contents(count, HexFormat.of().formatHex(digest.digest()));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String line(ResultSet row, int columns) throws SQLException {
        var line = new StringBuilder();
        for (int i = 1; i <= columns; i++) {
            // A cell ends with a character that no text of ours holds, and nothing differs from an empty text.
            String cell = row.getString(i);
            line.append(cell == null ? "\u0001" : cell).append('\u0000');
        }
        return line.append('\n').toString();
    }

    private static String table(Map<String, Contents> contents) {
        return contents.entrySet().stream()
                .map(each -> each.getKey() + "," + each.getValue().rows() + ","
                        + each.getValue().hash())
                .collect(Collectors.joining("\n", "table,rows,sha256\n", "\n"));
    }

    private static Map<String, Contents> read(ZipFile zip) throws IOException {
        try (var lines = new BufferedReader(
                new InputStreamReader(zip.getInputStream(entry(zip, TABLES)), StandardCharsets.UTF_8))) {
            return lines.lines()
                    .skip(1)
                    .map(line -> line.split(","))
                    .collect(Collectors.toMap(
                            cells -> cells[0],
                            cells -> new Contents(Long.parseLong(cells[1]), cells[2]),
                            (one, other) -> one,
                            TreeMap::new));
        }
    }
}
