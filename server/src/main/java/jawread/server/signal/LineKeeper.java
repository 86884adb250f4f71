package jawread.server.signal;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import jawread.server.live.Beside;
import jawread.server.signal.GaugeLines.Came;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What all gauges have sent meanwhile is kept together: one writing to the disk for all of them. */
@Component
class LineKeeper {
    private static final Logger LOG = LoggerFactory.getLogger(LineKeeper.class);
    private static final int KEPT_AT_ONCE = 100;
    private static final int ANSWERED_WITHIN_SECONDS = 60;

    private final GaugeLines lines;
    private final BlockingQueue<Waiting> waiting = new ArrayBlockingQueue<>(KEPT_AT_ONCE);
    private final Thread keeper = Beside.named("gauge-port-keeper").newThread(this::keepAll);

    /** A line that waits for its answer. */
    private record Waiting(Came came, CompletableFuture<Optional<String>> answer) {}

    LineKeeper(GaugeLines lines) {
        this.lines = lines;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        keeper.start();
    }

    /** Waits until it is kept. Throws {@link IOException} where nobody answers within a minute. */
    Optional<String> answered(Came came) throws InterruptedException, IOException {
        var each = new Waiting(came, new CompletableFuture<>());
        waiting.put(each);
        try {
            return each.answer().get(ANSWERED_WITHIN_SECONDS, TimeUnit.SECONDS);
        } catch (ExecutionException | TimeoutException unanswered) {
            throw new IOException("nobody answers", unanswered);
        }
    }

    private void keepAll() {
        while (!Thread.currentThread().isInterrupted()) {
            var together = new ArrayList<Waiting>();
            try {
                together.add(waiting.take());
                waiting.drainTo(together, KEPT_AT_ONCE - 1);
                List<Optional<String>> answers =
                        lines.answer(together.stream().map(Waiting::came).toList());
                for (int at = 0; at < together.size(); at++) {
                    together.get(at).answer().complete(answers.get(at));
                }
            } catch (InterruptedException closing) {
                Thread.currentThread().interrupt();
            } catch (RuntimeException failure) {
                LOG.error("Lines of gauges could not be answered", failure);
                together.forEach(each -> each.answer().completeExceptionally(failure));
            }
        }
    }

    @PreDestroy
    void end() {
        keeper.interrupt();
    }
}
