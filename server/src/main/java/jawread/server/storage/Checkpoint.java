package jawread.server.storage;

import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Brings all that was committed onto the disk. */
@FunctionalInterface
public interface Checkpoint {
    /** Fails with {@link NotOnDisk} where it is not known to be there. */
    void sync();

    /** By the database: what was committed is written already, and is now waited for. */
    @Component
    class OfTheDatabase implements Checkpoint {
        private final JdbcTemplate database;

        OfTheDatabase(JdbcTemplate database) {
            this.database = database;
        }

        @Override
        public void sync() {
            try {
                database.execute("CHECKPOINT SYNC");
            } catch (DataAccessException failure) {
                throw new NotOnDisk(failure);
            }
        }
    }
}
