package jawread.server.storage;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The file that a shop is kept in, while no server has it open.
 *
 * @param folder with everything that the shop keeps; absolute
 * @param name of the file, without its ending
 */
public record ShopFile(Path folder, String name) {
    private static final Logger LOG = LoggerFactory.getLogger(ShopFile.class);
    static final long MEGABYTE = 1_000_000;
    static final String SHOP = "shop";
    static final String ENDING = ".mv.db";

    public ShopFile(Path folder) {
        this(folder, SHOP);
    }

    public Path path() {
        return folder.resolve(name + ENDING);
    }

    public boolean exists() {
        return Files.exists(path());
    }

    /** As the database takes it. A commit is written before it is acknowledged; what goes wrong is told, not written beside it. */
    String url() {
        return "jdbc:h2:file:" + folder.resolve(name) + ";WRITE_DELAY=0;TRACE_LEVEL_FILE=0";
    }

    /** Makes it where there is none. Fails where a server has it open. */
    public Connection open() throws SQLException {
        return DriverManager.getConnection(url(), "sa", "");
    }

    /**
     * Writes it anew beside itself and puts that in its place, if it is larger than so many bytes: each thing that is kept is written to
     * its end at once, some 25 kB, and what it replaces is left lying. 20 000 readings came to 517 MB, of which 4 were needed. A file
     * that cannot be written anew is left as it is, and said: whatever is wrong with it, whoever opens it next says it better.
     */
    void tidy(long much) {
        try {
            if (!exists() || Files.size(path()) <= much) {
                return;
            }
            long before = Files.size(path());
            compact();
            LOG.info(
                    "The shop's file was tidied: {} MB became {} MB", before / MEGABYTE, Files.size(path()) / MEGABYTE);
        } catch (SQLException | IOException failure) {
            LOG.warn("The shop's file could not be tidied: {}", failure.getMessage());
        }
    }

    /** Closes it with nothing left lying. */
    public void compact() throws SQLException {
        try (Connection connection = open();
                var statement = connection.createStatement()) {
            statement.execute("SHUTDOWN COMPACT");
        }
    }

    /** Copies it, whole and onto the disk: under its new name there is never half a copy. */
    void copyTo(ShopFile copy) throws IOException {
        Path part = copy.path().resolveSibling(copy.path().getFileName() + ".part");
        Files.copy(path(), part, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.COPY_ATTRIBUTES);
        synced(part);
        Files.move(part, copy.path(), StandardCopyOption.ATOMIC_MOVE);
        synced(folder);
    }

    /** Takes the place of another, at once: whenever the power fails, one of the two is there whole. */
    public void takePlaceOf(ShopFile other) throws IOException {
        synced(path());
        Files.move(path(), other.path(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        synced(folder);
    }

    /** Nobody else reads it. A disk that does not let that be said is none to keep a shop from being opened. */
    void keepToItsOwner() {
        try {
            if (exists()) {
                OwnerOnly.keep(path());
            }
        } catch (IOException failure) {
            LOG.warn("Others may read {}: {}", path(), failure.getMessage());
        }
    }

    void delete() throws IOException {
        Files.deleteIfExists(path());
    }

    /** Waits until what was written there, a file or the names in a folder, is on the disk. */
    public static void synced(Path path) throws IOException {
        try (var channel = FileChannel.open(path, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }
}
