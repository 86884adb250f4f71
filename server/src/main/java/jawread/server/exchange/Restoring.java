package jawread.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.stream.Stream;
import jawread.server.storage.DiskRoom;
import jawread.server.storage.Migrations;
import jawread.server.storage.OwnerOnly;
import jawread.server.storage.ShopFile;
import jawread.server.storage.StorageTrouble;
import org.flywaydb.core.api.FlywayException;

/**
 * A shop made anew from a backup, in a folder of its own beside where it is wanted: the tables by our own migrations up to the file's
 * schema, the rows by our own inserts, each table compared with what the file says. Whatever fails leaves nothing behind.
 */
final class Restoring implements AutoCloseable {
    private static final long MEGABYTE = 1_000_000;
    /** A row takes so much more in the database than as a line, until it is tidied. */
    private static final long LARGER = 4;

    private final BackupFile from;
    private final ShopFile shop;

    private Restoring(BackupFile from, ShopFile shop) {
        this.from = from;
        this.shop = shop;
    }

    /**
     * Does it.
     *
     * @param scratch a folder that is not there; it is gone again when this is closed
     */
    static Restoring of(BackupFile from, Path scratch, DiskRoom room) throws IOException {
        Manifest manifest = from.manifest();
        int newest = Migrations.newest();
        if (manifest.schema() > newest) {
            throw new NotABackup("The backup was made by a newer program (schema " + manifest.schema()
                    + "; this one knows " + newest + "). Restore it with that program.");
        }
        discard(scratch);
        var restoring = new Restoring(from, new ShopFile(OwnerOnly.folder(scratch)));
        try {
            restoring.refuseWithoutRoom(room);
            restoring.make();
            return restoring;
        } catch (SQLException | FlywayException failure) {
            restoring.close();
            throw new NotABackup(
                    "The backup could not be made into a shop: " + StorageTrouble.sentence(failure), failure);
        } catch (IOException | RuntimeException failure) {
            restoring.close();
            throw failure;
        }
    }

    private void refuseWithoutRoom(DiskRoom room) {
        long wanted = LARGER * from.manifest().bytes() + 4 * MEGABYTE;
        long there = room.bytesOn(shop.folder());
        if (from.manifest().bytes() < 0 || wanted < 0 || there < wanted) {
            throw new NotABackup("The file says that it unpacks to "
                    + from.manifest().bytes() / MEGABYTE + " MB, and its disk has no room for that shop: "
                    + there / MEGABYTE + " MB are free. Nothing was restored.");
        }
    }

    private void make() throws SQLException, IOException {
        Migrations.upTo(shop, from.manifest().schema());
        try (Connection connection = shop.open()) {
            connection.setAutoCommit(false);
            new Filling(from, connection).fill();
            makeAgain(connection);
            connection.commit();
        }
    }

    /** What is in no backup, for it follows from the rest. */
    private static void makeAgain(Connection connection) throws SQLException {
        try (var statement = connection.createStatement()) {
            statement.execute("UPDATE journal_head SET last_id = (SELECT COALESCE(MAX(id), 0) FROM journal)");
            if (isThere(connection, "JOURNAL_HEAD", "LAST_SHA256")) {
                statement.execute("UPDATE journal_head SET last_sha256 ="
                        + " COALESCE((SELECT sha256 FROM journal ORDER BY id DESC FETCH FIRST ROW ONLY), '')");
            }
        }
    }

    private static boolean isThere(Connection connection, String table, String column) throws SQLException {
        try (var columns = connection.getMetaData().getColumns(null, "PUBLIC", table, column)) {
            return columns.next();
        }
    }

    /** What was made, table by table. */
    Manifest manifest() {
        return from.manifest();
    }

    /** The file of the shop, while this is open. */
    ShopFile shop() {
        return shop;
    }

    @Override
    public void close() throws IOException {
        discard(shop.folder());
    }

    private static void discard(Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    Files.deleteIfExists(file);
                }
            }
            Files.deleteIfExists(folder);
        }
    }
}
