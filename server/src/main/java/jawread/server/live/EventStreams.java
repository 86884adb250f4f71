package jawread.server.live;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import jawread.server.journal.Event;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * The open event streams, one a browser tab. Each is written to on its own, so that a screen which reads slowly, or not at all, delays
 * no other; and one that is far behind is told to ask for everything, instead of being told all that it missed.
 */
@Component
class EventStreams {
    /** Often enough that a screen whose cable was pulled is noticed, and no proxy closes a quiet stream. */
    private static final int HEARTBEAT_SECONDS = 15;
    /** The one who measures has the answer first: screens that all ask anew at once would be in its way. */
    private static final int TELLS_AFTER_MS = 50;
    /** What another server over the same database wrote down is looked for so often. */
    private static final int LOOKS_MS = 400;
    /** With more than these a screen asks for everything anyway. */
    static final int MOST_TOLD = 100;
    /** Tabs of a shop; more than that is somebody who opens streams for their own sake. */
    private static final int MOST_STREAMS = 300;

    private static final Logger LOG = LoggerFactory.getLogger(EventStreams.class);

    private final Set<Stream> streams = ConcurrentHashMap.newKeySet();
    /** The last line that streams were woken for; only the clock looks. */
    private long seen;

    private final Journal journal;
    private final Words words;
    /** Only says when: nothing that can wait for a screen runs here. */
    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(Beside.named("event-clock"));
    /** A thread for each stream that is being written to. */
    private final ExecutorService writers = Executors.newCachedThreadPool(Beside.named("event-stream"));

    EventStreams(Journal journal, Words words) {
        this.journal = journal;
        this.words = words;
        clock.scheduleAtFixedRate(
                () -> streams.forEach(Stream::beat), HEARTBEAT_SECONDS, HEARTBEAT_SECONDS, TimeUnit.SECONDS);
        clock.scheduleWithFixedDelay(this::look, LOOKS_MS, LOOKS_MS, TimeUnit.MILLISECONDS);
    }

    private void look() {
        if (streams.isEmpty()) {
            return;
        }
        try {
            long last = journal.last();
            if (last > seen) {
                seen = last;
                streams.forEach(Stream::wake);
            }
        } catch (RuntimeException passing) {
            // Looked for again in a moment; a schedule that threw would never look again.
            LOG.debug("The journal could not be looked at: {}", passing.getMessage());
        }
    }

    /** Opens a stream that first tells what came after the line last seen; without one, only what comes from now on. */
    SseEmitter open(Optional<Long> lastSeen) {
        return open(lastSeen, new SseEmitter(0L));
    }

    SseEmitter open(Optional<Long> lastSeen, SseEmitter emitter) {
        if (streams.size() >= MOST_STREAMS) {
            throw Refused.of(HttpStatus.SERVICE_UNAVAILABLE, "busy", words.say("problem.busy"));
        }
        // Before the browser knows that it is open, and asks for everything: what comes after that is told.
        var stream = new Stream(emitter, lastSeen.orElseGet(journal::last));
        streams.add(stream);
        stream.beat();
        return emitter;
    }

    @Order(Ordered.LOWEST_PRECEDENCE)
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void committed(Event event) {
        // A figure that a gauge sent is on its way to the one who measures.
        int after = event.what() == What.SIGNAL ? 0 : TELLS_AFTER_MS;
        clock.schedule(() -> streams.forEach(Stream::wake), after, TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void close() {
        clock.shutdownNow();
        writers.shutdownNow();
        streams.forEach(stream -> stream.emitter.complete());
    }

    /** Written to by one thread at a time, so that lines keep their order and none is told twice. */
    private final class Stream {
        private final SseEmitter emitter;
        private long told;
        private boolean beats;
        private boolean wakes;
        private boolean writing;

        Stream(SseEmitter emitter, long told) {
            this.emitter = emitter;
            this.told = told;
            emitter.onCompletion(() -> streams.remove(this));
            emitter.onError(failure -> streams.remove(this));
        }

        synchronized void beat() {
            beats = true;
            wake();
        }

        synchronized void wake() {
            wakes = true;
            if (!writing) {
                writing = true;
                writers.execute(this::write);
            }
        }

        private synchronized boolean isDone() {
            if (!wakes) {
                writing = false;
                return true;
            }
            wakes = false;
            return false;
        }

        private synchronized boolean takeBeat() {
            boolean due = beats;
            beats = false;
            return due;
        }

        private void write() {
            while (!isDone()) {
                try {
                    if (takeBeat()) {
                        emitter.send(SseEmitter.event().comment("here"));
                    }
                    tellWhatCame();
                } catch (IOException | RuntimeException gone) {
                    // Ended, so that a screen that is still there opens another one and asks for everything.
                    streams.remove(this);
                    emitter.complete();
                    return;
                }
            }
        }

        /** From the journal, where lines stand in the order of their commits whichever thread speaks first. */
        private void tellWhatCame() throws IOException {
            List<Event> came = journal.after(told, MOST_TOLD + 1);
            boolean isAnotherShop = came.isEmpty() && told > journal.last();
            if (came.size() > MOST_TOLD || isAnotherShop) {
                told = journal.last();
                send(told, Event.Told.EVERYTHING);
                return;
            }
            for (Event event : came) {
                told = event.id();
                send(told, event.told());
            }
        }

        private void send(long id, Event.Told what) throws IOException {
            emitter.send(SseEmitter.event().id(Long.toString(id)).data(what));
        }
    }
}
