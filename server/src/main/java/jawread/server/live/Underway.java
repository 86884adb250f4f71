package jawread.server.live;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** How far the tables are that come in just now, and stopping one: whoever sent it asks beside, under an id of their own. */
@Component
public class Underway {
    private final Map<UUID, Progress> all = new ConcurrentHashMap<>();
    private final Clock clock;
    private final Words words;

    Underway(Clock clock, Words words) {
        this.clock = clock;
        this.words = words;
    }

    /**
     * How far one is.
     *
     * @param done of its rows; all of them while what was kept is brought onto the disk
     * @param left how long it will still take, as it went so far; absent while nothing is done
     */
    public record Far(int done, int of, Optional<Duration> left) {}

    /** What is done for a table, row by row. */
    public final class Progress {
        private final Instant began = clock.instant();
        private volatile int done;
        private volatile int of;
        private volatile boolean isStopped;

        /** @param rows how many there are to do */
        public void begins(int rows) {
            of = rows;
        }

        /** Refuses to go on with 409 once it is stopped: nothing is kept then. */
        public void reached(int rows) {
            done = rows;
            if (isStopped) {
                throw Refused.of(HttpStatus.CONFLICT, "table-stopped", words.say("problem.table-stopped"));
            }
        }

        private Far far() {
            int rows = done;
            Duration took = Duration.between(began, clock.instant());
            return new Far(
                    rows,
                    of,
                    rows == 0
                            ? Optional.empty()
                            : Optional.of(took.multipliedBy(of - (long) rows).dividedBy(rows)));
        }
    }

    /** Does it under an id, by which others see how far it is. @param id empty where nobody asks */
    public <T> T under(Optional<UUID> id, Function<Progress, T> work) {
        var progress = new Progress();
        id.ifPresent(own -> all.put(own, progress));
        try {
            return work.apply(progress);
        } finally {
            id.ifPresent(own -> all.remove(own, progress));
        }
    }

    /** Empty when it is over, or has not begun. */
    public Optional<Far> far(UUID id) {
        return Optional.ofNullable(all.get(id)).map(Progress::far);
    }

    /** It ends at its next row, with nothing kept; what is over stays as it is. */
    public void stop(UUID id) {
        Optional.ofNullable(all.get(id)).ifPresent(progress -> progress.isStopped = true);
    }
}
