package jawread.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The file that a shop is kept in, while no server has it open.
 *
 * @param folder with everything that the shop keeps; absolute
 */
record ShopFile(Path folder) {
    private static final Logger LOG = LoggerFactory.getLogger(ShopFile.class);
    static final long MEGABYTE = 1_000_000;
    private static final String NAME = "shop";

    Path path() {
        return folder.resolve(NAME + ".mv.db");
    }

    /** Makes it where there is none. Fails where a server has it open. */
    Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + folder.resolve(NAME) + ";WRITE_DELAY=0", "sa", "");
    }

    /**
     * Writes it anew beside itself and puts that in its place, if it is larger than so many bytes: each thing that is kept is written to
     * its end at once, some 25 kB, and what it replaces is left lying. 20 000 readings came to 517 MB, of which 4 were needed. A file
     * that cannot be written anew is left as it is, and said: whatever is wrong with it, whoever opens it next says it better.
     */
    void tidy(long much) {
        try {
            if (!Files.exists(path()) || Files.size(path()) <= much) {
                return;
            }
            long before = Files.size(path());
            try (Connection connection = open();
                    var statement = connection.createStatement()) {
                statement.execute("SHUTDOWN COMPACT");
            }
            LOG.info(
                    "The shop's file was tidied: {} MB became {} MB", before / MEGABYTE, Files.size(path()) / MEGABYTE);
        } catch (SQLException | IOException failure) {
            LOG.warn("The shop's file could not be tidied: {}", failure.getMessage());
        }
    }
}
