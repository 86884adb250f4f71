package jawread.server.signal;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Which boxes have spoken for which gauge, as long as they are here. */
@Component
class Speakers {
    private final Map<String, Set<Box>> byGauge = new HashMap<>();

    /** @return whether no other box that is here has spoken for this gauge */
    synchronized boolean speaks(Box box, String gauge) {
        Set<Box> speaking = byGauge.computeIfAbsent(gauge, unused -> new HashSet<>());
        speaking.add(box);
        return speaking.size() == 1;
    }

    synchronized void left(Box box) {
        byGauge.values().forEach(speaking -> speaking.remove(box));
        byGauge.values().removeIf(Set::isEmpty);
    }

    synchronized Set<String> gauges() {
        return Set.copyOf(byGauge.keySet());
    }
}
