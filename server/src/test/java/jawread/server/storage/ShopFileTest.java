package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ShopFileTest {
    private static final int ROWS = 2000;

    @TempDir
    private Path folder;

    private ShopFile shop;

    /** As a pulled plug leaves it: closed by hand so small a one is tidied by the database itself. */
    @BeforeEach
    void a_shop_that_was_kept_line_by_line() throws SQLException, IOException {
        shop = new ShopFile(folder);
        var open = new ShopFile(Files.createDirectory(folder.resolve("open")));
        try (Connection connection = open.open();
                var line = connection.createStatement()) {
            line.execute("CREATE TABLE line (id INT PRIMARY KEY, said VARCHAR(100))");
            for (int i = 0; i < ROWS; i++) {
                line.execute("INSERT INTO line VALUES (%d, 'line %d')".formatted(i, i));
            }
            Files.copy(open.path(), shop.path());
        }
    }

    private int rows() throws SQLException {
        try (Connection connection = shop.open();
                var found = connection
                        .createStatement()
                        .executeQuery("SELECT COUNT(*) FROM line WHERE said = 'line ' || id")) {
            found.next();
            return found.getInt(1);
        }
    }

    @Test
    void what_was_left_lying_is_gone_and_nothing_else() throws Exception {
        long before = Files.size(shop.path());
        shop.tidy(before / 2);
        assertThat(Files.size(shop.path())).isLessThan(before / 10);
        assertThat(rows()).isEqualTo(ROWS);
        try (var files = Files.list(folder)) {
            assertThat(files.filter(Files::isRegularFile)).containsExactly(shop.path());
        }
    }

    @Test
    void a_file_that_is_not_large_is_left_alone() throws Exception {
        byte[] before = Files.readAllBytes(shop.path());
        shop.tidy(before.length);
        assertThat(Files.readAllBytes(shop.path())).isEqualTo(before);
    }

    @Test
    void one_that_somebody_else_has_open_is_left_to_them() throws Exception {
        long before = Files.size(shop.path());
        // As another server does that has it open.
        try (var channel = FileChannel.open(shop.path(), StandardOpenOption.WRITE);
                FileLock held = channel.lock()) {
            shop.tidy(0);
            assertThat(held.isValid()).isTrue();
            assertThat(Files.size(shop.path())).isEqualTo(before);
        }
        assertThat(rows()).isEqualTo(ROWS);
    }

    @Test
    void no_file_is_none_to_tidy() {
        var elsewhere = new ShopFile(folder.resolve("elsewhere"));
        elsewhere.tidy(0);
        assertThat(elsewhere.path()).doesNotExist();
    }
}
