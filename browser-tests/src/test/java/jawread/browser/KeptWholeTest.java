package jawread.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/**
 * The command line on a shop that is at work: backed up under load, restored elsewhere, damaged, and changed behind the program's back.
 * One round each time, more with {@code -Djawread.long=true}.
 */
@Timeout(900)
class KeptWholeTest {
    private static final boolean LONG = Boolean.getBoolean("jawread.long");
    private static final int BACKUPS = LONG ? 5 : 1;
    private static final int DAMAGES = LONG ? 40 : 1;
    private static final int WRITERS = 4;

    @TempDir
    private Path folder;

    private final Queue<String> acknowledged = new ConcurrentLinkedQueue<>();

    @Test
    void a_backup_under_load_holds_what_was_acknowledged_and_a_changed_file_is_told() throws Exception {
        Path file = folder.resolve("shop.zip");
        try (PackagedServer server = PackagedServer.alone()) {
            backedUpUnderLoad(server, file);
            server.stop();
            // The shop lies still: the same command reads it where it lies.
            assertThat(server.command("backup", file.toString()).code()).isZero();
            assertThat(server.command("verify").said()).contains("all fits");
            damaged(file);
            changed(server.data());
            PackagedServer.Ran told = server.command("verify");
            assertThat(told.code()).isEqualTo(1);
            assertThat(told.said())
                    .contains("raw_pm is 1 and was kept as 25010000000")
                    .contains("outside Jaw Read");
            server.startAgain();
            assertThat(server.command("verify").said())
                    .as("a server that is at work says the same")
                    .contains("raw_pm is 1 and was kept as 25010000000");
        }
    }

    private void backedUpUnderLoad(PackagedServer server, Path file) throws Exception {
        for (int i = 0; i < BACKUPS; i++) {
            var stop = new AtomicBoolean();
            String ticket = server.ticket();
            var writers = new Thread[WRITERS];
            for (int writer = 0; writer < WRITERS; writer++) {
                int part = writer + 1;
                writers[writer] = new Thread(() -> writeUntil(stop, server, ticket, part));
                writers[writer].start();
            }
            while (acknowledged.size() < 20) {
                Thread.sleep(5);
            }
            var before = new ConcurrentLinkedQueue<>(acknowledged);
            PackagedServer.Ran ran = server.command("backup", file.toString());
            stop.set(true);
            for (Thread writer : writers) {
                writer.join();
            }
            assertThat(ran.said()).contains("restored on trial");
            assertThat(ran.code()).isZero();
            Path data = folder.resolve("restored " + i);
            PackagedServer.Ran restored = PackagedServer.command(data, "restore", file.toString());
            assertThat(restored.said()).contains("every table came out as it went in");
            assertThat(restored.code()).isZero();
            assertThat(PackagedServer.command(data, "verify").said()).contains("all fits");
            assertThat(readings(data)).containsAll(before);
        }
        System.out.println("backup under load: " + BACKUPS + " of them, " + acknowledged.size()
                + " readings acknowledged meanwhile; all that were there before are in it");
    }

    private void writeUntil(AtomicBoolean stop, PackagedServer server, String ticket, int part) {
        try {
            while (!stop.get()) {
                String id = UUID.randomUUID().toString();
                int status = server.write("PUT", "/api/v1/readings/" + id, ticket, """
                        {"part": %d, "feature": 1, "round": 0, "place": 1, "gauge": 6,
                         "typed": "25.010", "takenAt": "2026-03-10T08:00:00Z"}""".formatted(part))
                        .statusCode();
                if (status == 201) {
                    acknowledged.add(id);
                } else if (status != 409) {
                    throw new AssertionError("A reading was answered with " + status);
                }
            }
        } catch (IOException | InterruptedException failure) {
            throw new AssertionError(failure);
        }
    }

    private static Queue<String> readings(Path data) throws Exception {
        var ids = new ConcurrentLinkedQueue<String>();
        try (var shop = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("shop"), "sa", "");
                var rows = shop.createStatement().executeQuery("SELECT id FROM reading")) {
            while (rows.next()) {
                ids.add(rows.getString(1));
            }
        }
        return ids;
    }

    /** A byte changed, a piece cut off or put in: it is restored whole, or not at all. */
    private void damaged(Path file) throws Exception {
        byte[] whole = Files.readAllBytes(file);
        var random = new Random(20);
        int refused = 0;
        Path bad = folder.resolve("bad.zip");
        for (int i = 0; i < DAMAGES; i++) {
            byte[] bytes = whole.clone();
            if (i % 2 == 0) {
                bytes[random.nextInt(bytes.length)] ^= (byte) (1 + random.nextInt(255));
            } else {
                bytes = java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length));
            }
            Files.write(bad, bytes);
            Path data = folder.resolve("damaged");
            PackagedServer.Ran ran = PackagedServer.command(data, "restore", bad.toString());
            if (ran.code() != 0) {
                refused++;
                assertThat(ran.said().strip()).as("damage " + i).endsWith(".").doesNotContain("Exception");
                assertThat(data).as("damage " + i).doesNotExist();
            } else {
                // A byte that nothing rests on: a date of the archive's own.
                assertThat(PackagedServer.command(data, "verify").code()).isZero();
                Files.delete(data.resolve("shop.mv.db"));
                Files.delete(data);
            }
        }
        assertThat(refused).isPositive();
        System.out.println("damaged backups: " + DAMAGES + ", " + refused
                + " refused in a sentence with nothing left, the others whole");
    }

    /** As somebody would who knows the file and not the program. */
    private static void changed(Path data) throws Exception {
        try (var shop = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("shop"), "sa", "");
                var statement = shop.createStatement()) {
            statement.execute("DROP TRIGGER reading_is_insert_only");
            assertThat(statement.executeUpdate("UPDATE reading SET raw_pm = 1 WHERE id ="
                            + " (SELECT id FROM reading WHERE raw_pm = 25010000000 AND correction_pm = 0"
                            + " ORDER BY kept_at DESC FETCH FIRST ROW ONLY)"))
                    .isEqualTo(1);
        }
    }
}
