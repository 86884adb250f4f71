package jawread.server.signal;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.springframework.stereotype.Component;

/** What was said at the port last, and how it was answered: for whoever attaches a gauge. Kept nowhere else. */
@Component
class LastLines {
    private static final int MOST = 50;

    private final Deque<LineSaid> last = new ArrayDeque<>();

    /** @param from whose address it was */
    record LineSaid(Instant at, String from, String line, String answer) {}

    synchronized void said(LineSaid line) {
        if (last.size() == MOST) {
            last.removeLast();
        }
        last.addFirst(line);
    }

    /** The last one first. */
    synchronized List<LineSaid> all() {
        return List.copyOf(last);
    }
}
