package jawread.server.exchange;

import static jawread.server.access.Allowed.To.THE_WHOLE_SHOP;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.concurrent.locks.LockSupport;
import javax.sql.DataSource;
import jawread.server.access.Allowed;
import jawread.server.storage.Health;
import jawread.server.words.Shop;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole shop as one file, while it is open. */
@RestController
@RequestMapping("/backup")
class BackupController {
    private static final String BEGINS = "backup-";
    private static final String ENDS = ".part";

    private final DataSource database;
    private final Path data;
    private final Health health;

    BackupController(DataSource database, Shop shop, Health health) {
        this.database = database;
        this.data = shop.data().toAbsolutePath().normalize();
        this.health = health;
        discardThoseLeft();
    }

    /** By a server that was killed. */
    private void discardThoseLeft() {
        try (DirectoryStream<Path> left = Files.newDirectoryStream(data, BEGINS + "*" + ENDS)) {
            for (Path file : left) {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Written beside the shop first: whoever fetches it may be slow, and would hold the database until they have it. */
    @Allowed(THE_WHOLE_SHOP)
    @GetMapping
    void backup(HttpServletResponse response) throws IOException, SQLException {
        health.refuseWithoutRoom();
        // Nobody but its owner reads it: that is how temporary files are made.
        Path file = Files.createTempFile(data, BEGINS, ENDS);
        try {
            write(file);
            response.setContentType("application/zip");
            response.setHeader("Content-Disposition", "attachment; filename=\"jaw-read-shop.zip\"");
            response.setContentLengthLong(Files.size(file));
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** Rests twice as long as it worked, so that it never has more than a third of a core. */
    private static final class GivingWay implements Runnable {
        private long since = System.nanoTime();

        @Override
        public void run() {
            LockSupport.parkNanos(2 * (System.nanoTime() - since));
            since = System.nanoTime();
        }
    }

    /** One at a time: two would only be slower, and hold up who measures. */
    private synchronized void write(Path file) throws IOException, SQLException {
        try (var connection = database.getConnection();
                var out = Files.newOutputStream(file)) {
            BackupWriter.write(connection, out, Clock.systemUTC(), new GivingWay());
        }
    }
}
