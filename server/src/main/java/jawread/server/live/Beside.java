package jawread.server.live;

import java.util.concurrent.ThreadFactory;

/** Threads beside the requests; none of them keeps the program from ending. */
public final class Beside {
    private Beside() {}

    public static ThreadFactory named(String name) {
        return work -> {
            var thread = new Thread(work, name);
            thread.setDaemon(true);
            return thread;
        };
    }
}
