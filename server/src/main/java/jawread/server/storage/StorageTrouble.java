package jawread.server.storage;

import java.sql.SQLException;
import java.util.Optional;

/** What lies under a failure, where it is the database's. */
public final class StorageTrouble {
    private StorageTrouble() {}

    static Optional<SQLException> sqlCause(Throwable failure) {
        for (Throwable each = failure; each != null; each = each.getCause()) {
            if (each instanceof SQLException sql) {
                return Optional.of(sql);
            }
        }
        return Optional.empty();
    }
}
