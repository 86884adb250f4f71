package jawread.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpClient;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

@ExtendWith(RunningServer.class)
class BackupTest {
    private final Server server;

    @TempDir
    private Path folder;

    BackupTest(Server server) {
        this.server = server;
    }

    private Path backup() throws IOException, InterruptedException {
        Path file = folder.resolve("shop.zip");
        var answer =
                HttpClient.newHttpClient().send(server.request("/api/backup").build(), BodyHandlers.ofFile(file));
        assertThat(answer.statusCode()).isEqualTo(200);
        return file;
    }

    private Connection empty(String name) throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + folder.resolve(name), "sa", "");
    }

    @Test
    void an_open_shop_is_backed_up_and_restored_whole() throws Exception {
        Path file = backup();
        try (var into = empty("restored");
                var from = server.bean(DataSource.class).getConnection()) {
            var restored = Backup.restore(file, into);
            assertThat(restored).isEqualTo(Backup.contents(from));
            assertThat(restored.get("job").rows()).isGreaterThanOrEqualTo(5);
            assertThat(restored.get("reading").rows()).isPositive();
            // What guards the readings came with them.
            assertThatThrownBy(() -> into.createStatement().execute("DELETE FROM reading"))
                    .hasMessageContaining("insert-only");
        }
    }

    @Test
    void a_shop_that_is_not_empty_is_left_as_it_is() throws Exception {
        Path file = backup();
        try (var into = empty("full")) {
            Backup.restore(file, into);
            var before = Backup.contents(into);
            assertThatThrownBy(() -> Backup.restore(file, into)).hasMessageContaining("not empty");
            assertThat(Backup.contents(into)).isEqualTo(before);
        }
    }

    @Test
    void a_file_that_was_tampered_with_is_found_out_and_nothing_is_restored() throws Exception {
        Path file = backup();
        Path changed = folder.resolve("changed.zip");
        try (var zip = new ZipFile(file.toFile());
                var out = new ZipOutputStream(Files.newOutputStream(changed))) {
            for (var entry : zip.stream().toList()) {
                String text = new String(zip.getInputStream(entry).readAllBytes());
                out.putNextEntry(new ZipEntry(entry.getName()));
                out.write(text.replace("'Bero'", "'Biro'").getBytes());
            }
        }
        try (var into = empty("tampered")) {
            assertThatThrownBy(() -> Backup.restore(changed, into)).hasMessageContaining("person");
            assertThat(Backup.contents(into)).isEmpty();
        }
    }

    @Test
    void another_file_is_no_backup() throws Exception {
        Path other = folder.resolve("other.zip");
        try (OutputStream file = Files.newOutputStream(other);
                var zip = new ZipOutputStream(file)) {
            zip.putNextEntry(new ZipEntry("letter.txt"));
        }
        try (var into = empty("other")) {
            assertThatThrownBy(() -> Backup.restore(other, into)).hasMessageContaining("no backup of a shop");
        }
    }
}
