package jawread.server.measure;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import jawread.server.drawer.LastUse;
import jawread.server.live.Event;
import jawread.server.live.What;
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
            readings.findLastUses().forEach(use -> uses.put((Long) use[0], (Instant) use[1]));
        }
        for (Event event = since.poll(); event != null; event = since.poll()) {
            readings.findByJobIdAndSeq(event.job(), event.seq())
                    .ifPresent(reading -> uses.merge(
                            reading.method().read().id(),
                            reading.takenAt(),
                            (one, other) -> one.isAfter(other) ? one : other));
        }
        return Map.copyOf(uses);
    }

    @Override
    public long readingsSince(long gauge, Instant since) {
        return readings.findCountSince(gauge, since);
    }
}
