package jawread.server.exchange;

import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javax.sql.DataSource;
import jawread.server.chain.Verification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Looks at each start, and when asked, whether the journal's chain and the tables fit. Nobody waits for it at the start. */
@Service
class ChainWatch implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(ChainWatch.class);

    private final DataSource database;
    private final Clock clock;
    private final AtomicReference<Looked> last = new AtomicReference<>();
    private final ExecutorService beside = Executors.newSingleThreadExecutor(run -> {
        var thread = new Thread(run, "chain");
        thread.setDaemon(true);
        return thread;
    });

    ChainWatch(DataSource database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What was found, and when. */
    record Looked(Instant at, Verification.Result result) {}

    @EventListener(ApplicationReadyEvent.class)
    void atStart() {
        beside.execute(() -> {
            try {
                Looked looked = look();
                looked.result().misfits().forEach(misfit -> LOG.warn("{}", misfit));
                if (looked.result().fits()) {
                    LOG.info(
                            "The journal and the tables fit: {} lines, {} rows",
                            looked.result().lines(),
                            looked.result().rows());
                } else {
                    LOG.warn(
                            "{} things in the shop are not what the journal tells: something was changed from outside",
                            looked.result().count());
                }
            } catch (SQLException | RuntimeException failure) {
                LOG.warn("Whether the journal and the tables fit could not be looked at: {}", failure.getMessage());
            }
        });
    }

    /** Looks now. */
    Looked look() throws SQLException {
        try (var connection = database.getConnection()) {
            var looked = new Looked(clock.instant(), Verification.of(connection));
            last.set(looked);
            return looked;
        }
    }

    /** Empty until the first look is over. */
    Optional<Looked> last() {
        return Optional.ofNullable(last.get());
    }

    @Override
    public void destroy() {
        beside.shutdownNow();
    }
}
