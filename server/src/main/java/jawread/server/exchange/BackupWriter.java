package jawread.server.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import jawread.server.exchange.Manifest.Binary;
import jawread.server.exchange.Manifest.Rows;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Column;
import jawread.server.tables.Snapshot;
import jawread.server.tables.Table;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes a shop into one file: a ZIP of one entry a table (a line of canonical JSON a row), one for each binary value, named by its
 * SHA-256, and a manifest. Nothing in it is ever executed.
 */
final class BackupWriter {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final int ROWS_AT_ONCE = 25;

    private final Connection shop;
    private final ZipOutputStream zip;
    private final Runnable pace;
    private final List<Binary> binaries = new ArrayList<>();

    private BackupWriter(Connection shop, ZipOutputStream zip, Runnable pace) {
        this.shop = shop;
        this.zip = zip;
        this.pace = pace;
    }

    /**
     * All that is committed now; whoever keeps something meanwhile waits for nothing.
     *
     * @param pace asked after each few rows: a server that is at work gives way to whoever measures
     */
    static Manifest write(Connection shop, OutputStream to, Clock clock, Runnable pace)
            throws SQLException, IOException {
        try (var zip = new ZipOutputStream(to);
                var then = Snapshot.of(shop)) {
            // Lines of figures are packed four to one at once, and hardly better by trying harder.
            zip.setLevel(Deflater.BEST_SPEED);
            var writer = new BackupWriter(then.connection(), zip, pace);
            var tables = new ArrayList<Rows>();
            Map<String, Long> next = nextNumbers(shop);
            for (Table table : Table.all(shop)) {
                tables.add(writer.rows(table, Optional.ofNullable(next.get(table.name()))));
            }
            for (Table table : Table.all(shop)) {
                writer.binaries(table);
            }
            var manifest = new Manifest(
                    Manifest.FORMAT, Manifest.FORM, schema(shop), clock.instant(), tables, writer.binaries);
            zip.putNextEntry(new ZipEntry(Manifest.ENTRY));
            zip.write(JSON.writeValueAsBytes(manifest));
            zip.closeEntry();
            return manifest;
        }
    }

    private Rows rows(Table table, Optional<Long> next) throws SQLException, IOException {
        MessageDigest digest = CanonicalJson.sha256();
        zip.putNextEntry(new ZipEntry(new Rows(table.name(), 0, 0, "", next).entry()));
        var counted = new Counted(new DigestOutputStream(zip, digest));
        table.each(shop, row -> {
            try {
                counted.line(table.text(row, unused -> true));
                if (counted.lines % ROWS_AT_ONCE == 0) {
                    pace.run();
                }
            } catch (IOException e) {
                throw new SQLException(e);
            }
        });
        zip.closeEntry();
        return new Rows(
                table.name(), counted.lines, counted.bytes, HexFormat.of().formatHex(digest.digest()), next);
    }

    /** What a row holds twice is written once. */
    private void binaries(Table table) throws SQLException {
        if (table.columns().stream().noneMatch(column -> column.form() == Column.Form.BYTES)) {
            return;
        }
        table.each(shop, row -> {
            for (int i = 0; i < table.columns().size(); i++) {
                byte[] bytes = table.columns().get(i).form() == Column.Form.BYTES ? row.getBytes(i + 1) : null;
                if (bytes != null) {
                    binary(bytes);
                }
            }
        });
    }

    private void binary(byte[] bytes) throws SQLException {
        var binary = new Binary(CanonicalJson.digest(bytes), bytes.length);
        if (binaries.contains(binary)) {
            return;
        }
        binaries.add(binary);
        try {
            zip.putNextEntry(new ZipEntry(binary.entry()));
            zip.write(bytes);
            zip.closeEntry();
        } catch (IOException e) {
            throw new SQLException(e);
        }
    }

    /** The number of the last migration. */
    private static int schema(Connection shop) throws SQLException {
        try (var statement = shop.createStatement();
                var row = statement.executeQuery(
                        "SELECT MAX(CAST(\"version\" AS INT)) FROM \"flyway_schema_history\" WHERE \"success\"")) {
            row.next();
            return row.getInt(1);
        }
    }

    private static Map<String, Long> nextNumbers(Connection shop) throws SQLException {
        var next = new HashMap<String, Long>();
        try (var statement = shop.createStatement();
                var rows = statement.executeQuery("SELECT table_name, identity_base FROM information_schema.columns"
                        + " WHERE table_schema = 'PUBLIC' AND is_identity = 'YES'")) {
            while (rows.next()) {
                next.put(rows.getString(1).toLowerCase(Locale.ROOT), rows.getLong(2));
            }
        }
        return next;
    }

    /** Counts lines and bytes. */
    private static final class Counted {
        private final OutputStream to;
        private long lines;
        private long bytes;

        private Counted(OutputStream to) {
            this.to = to;
        }

        private void line(String text) throws IOException {
            byte[] line = (text + '\n').getBytes(StandardCharsets.UTF_8);
            to.write(line);
            lines++;
            bytes += line.length;
        }
    }
}
