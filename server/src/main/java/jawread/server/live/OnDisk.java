package jawread.server.live;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Brings a committed change onto the disk before anyone is told of it. The database writes at each commit, which survives
 * a killed server; only this also survives a power cut.
 */
@Component
class OnDisk {
    private final JdbcTemplate database;

    OnDisk(JdbcTemplate database) {
        this.database = database;
    }

    @Order(Ordered.HIGHEST_PRECEDENCE)
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void committed(Event event) {
        database.execute("CHECKPOINT SYNC");
    }
}
