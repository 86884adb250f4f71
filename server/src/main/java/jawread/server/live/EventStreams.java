package jawread.server.live;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The open event streams, one a browser tab. */
@Component
class EventStreams {
    /** Often enough that a screen whose cable was pulled is noticed, and no proxy closes a quiet stream. */
    private static final int HEARTBEAT_SECONDS = 15;
    /** The one who measures has the answer first: screens that all ask anew at once would be in its way. */
    private static final int TELLS_AFTER_MS = 50;

    private final Set<Stream> streams = ConcurrentHashMap.newKeySet();
    private final Journal journal;
    /** Off the request's thread: a slow screen must not hold up the one who measures. */
    private final ScheduledExecutorService teller = Executors.newSingleThreadScheduledExecutor(work -> {
        var thread = new Thread(work, "event-streams");
        thread.setDaemon(true);
        return thread;
    });

    EventStreams(Journal journal) {
        this.journal = journal;
        teller.scheduleAtFixedRate(
                () -> streams.forEach(Stream::heartbeat), HEARTBEAT_SECONDS, HEARTBEAT_SECONDS, TimeUnit.SECONDS);
    }

    /** Opens a stream that first tells what came after the line last seen; without one, only what comes from now on. */
    SseEmitter open(Optional<Long> lastSeen) {
        var stream = new Stream();
        teller.execute(() -> {
            // Before the browser knows that it is open, and asks for everything: what comes after that is told.
            stream.told = lastSeen.orElseGet(journal::last);
            stream.heartbeat();
            stream.tellAllSince();
            streams.add(stream);
        });
        return stream.emitter;
    }

    @Order(Ordered.LOWEST_PRECEDENCE)
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void committed(Event event) {
        teller.schedule(() -> streams.forEach(stream -> stream.tell(event)), TELLS_AFTER_MS, TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void close() {
        teller.shutdownNow();
        streams.forEach(stream -> stream.emitter.complete());
    }

    /** Used on the teller's thread only, so that lines keep their order and none is told twice. */
    private final class Stream {
        private final SseEmitter emitter = new SseEmitter(0L);
        private long told;

        Stream() {
            emitter.onCompletion(() -> streams.remove(this));
            emitter.onError(failure -> streams.remove(this));
        }

        void tell(Event event) {
            if (event.id() == told + 1) {
                send(event);
            } else if (event.id() > told) {
                // Another thread committed before and speaks after: by now both stand in the journal.
                tellAllSince();
            }
        }

        void tellAllSince() {
            journal.after(told).forEach(this::send);
        }

        private void send(Event event) {
            told = event.id();
            send(SseEmitter.event().id(Long.toString(event.id())).data(event.told()));
        }

        void heartbeat() {
            send(SseEmitter.event().comment("here"));
        }

        private void send(SseEmitter.SseEventBuilder message) {
            try {
                emitter.send(message);
            } catch (IOException | IllegalStateException gone) {
                streams.remove(this);
            }
        }
    }
}
