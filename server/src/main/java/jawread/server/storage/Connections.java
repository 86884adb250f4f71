package jawread.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The connections to the database that are kept open. A database whose file could not be written closes itself, and each of them is
 * of no use from then on; the pool does not see that by the database's codes.
 */
@Component
class Connections {
    private static final Logger LOG = LoggerFactory.getLogger(Connections.class);
    private final DataSource pool;

    Connections(DataSource pool) {
        this.pool = pool;
    }

    /** Lets all go, so that the next who asks opens the database anew. */
    void letGo() {
        try {
            if (pool.isWrapperFor(HikariDataSource.class)) {
                HikariPoolMXBean connections =
                        pool.unwrap(HikariDataSource.class).getHikariPoolMXBean();
                if (connections != null) {
                    connections.softEvictConnections();
                }
            }
        } catch (SQLException failure) {
            LOG.warn("The connections to the database could not be let go: {}", failure.getMessage());
        }
    }
}
