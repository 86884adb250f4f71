package jawread.server.judgement;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Lays the bench out once when the shop is opened, and judges what the index of doubts does not know yet, while the page is still on the
 * way: else whoever comes first waits for all that is read and judged for the first time.
 */
@Component
class BenchAhead {
    private static final Logger LOG = LoggerFactory.getLogger(BenchAhead.class);

    private final DoubtsNow doubts;
    private final BenchOverview bench;

    BenchAhead(DoubtsNow doubts, BenchOverview bench) {
        this.doubts = doubts;
        this.bench = bench;
    }

    /** Beside the start, which is over by then. */
    @EventListener(ApplicationReadyEvent.class)
    void layOut() {
        var thread = new Thread(this::now, "bench-ahead");
        thread.setDaemon(true);
        thread.start();
    }

    private void now() {
        try {
            bench.now();
            doubts.catchUp();
        } catch (RuntimeException failure) {
            // Nobody asked: whoever does is told.
            LOG.info("The bench could not be laid out ahead: {}", failure.getMessage());
        }
    }
}
