package jawread.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** How often a wrong passphrase came from an address, and how long it waits after too many. */
@Component
class Tries {
    private static final int FREE = 5;
    private static final Duration FIRST_WAIT = Duration.ofMinutes(1);
    private static final int MOST_DOUBLINGS = 6;
    private static final int MOST_ADDRESSES = 1000;

    private record Wrong(int times, Instant until) {}

    private final Clock clock;
    private final Map<String, Wrong> wrong = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Wrong> eldest) {
            return size() > MOST_ADDRESSES;
        }
    };

    Tries(Clock clock) {
        this.clock = clock;
    }

    /** How long an address still waits; nothing when it may try. */
    synchronized Duration wait(String address) {
        Wrong before = wrong.get(address);
        Duration left = before == null ? Duration.ZERO : Duration.between(clock.instant(), before.until());
        return left.isNegative() ? Duration.ZERO : left;
    }

    /** With each wrong one after the first five it waits twice as long, up to an hour. */
    synchronized void wasWrong(String address) {
        int times = 1 + (wrong.containsKey(address) ? wrong.remove(address).times() : 0);
        Duration wait =
                times < FREE ? Duration.ZERO : FIRST_WAIT.multipliedBy(1L << Math.min(times - FREE, MOST_DOUBLINGS));
        wrong.put(address, new Wrong(times, clock.instant().plus(wait)));
    }

    synchronized void wasRight(String address) {
        wrong.remove(address);
    }
}
