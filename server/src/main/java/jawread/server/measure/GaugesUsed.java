package jawread.server.measure;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import jawread.server.drawer.LastUse;
import jawread.server.journal.Event;
import jawread.server.journal.What;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * When gauges were last read with, as the kept readings say: looked up among all of them once, and from then on only among those
 * that came since.
 */
@Component
class GaugesUsed implements LastUse {
    private final ReadingRepository readings;
    /** Told and not yet looked up. Never waited for: whoever tells holds what others wait for. */
    private final Queue<Event> since = new ConcurrentLinkedQueue<>();

    private Map<Long, Instant> uses;

    GaugesUsed(ReadingRepository readings) {
        this.readings = readings;
    }

    @TransactionalEventListener
    void kept(Event event) {
        if (event.what() == What.READING) {
            since.add(event);
        }
    }

    @Override
    public synchronized Map<Long, Instant> ofGauges() {
        if (uses == null) {
            since.clear();
            uses = new HashMap<>();
            add(readings.findLastUses());
        }
        // One look for each job, however many came: a long job brings thousands before anybody asks.
        var from = new HashMap<Long, Long>();
        for (Event event = since.poll(); event != null; event = since.poll()) {
            from.merge(event.job(), event.seq(), Math::min);
        }
        from.forEach((job, seq) -> add(readings.findLastUsesFrom(job, seq)));
        return Map.copyOf(uses);
    }

    @Override
    public boolean everOf(long gauge) {
        return readings.existsReadWith(gauge);
    }

    private void add(List<Object[]> found) {
        found.forEach(
                use -> uses.merge((Long) use[0], (Instant) use[1], (one, other) -> one.isAfter(other) ? one : other));
    }

    @Override
    public long readingsSince(long gauge, Instant since) {
        return readings.findCountSince(gauge, since);
    }
}
