package jawread.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Which screen listens to which gauge just now. A screen says so again every few seconds; one that is gone is forgotten. */
@Component
public class Listening {
    private static final Duration FORGOTTEN_AFTER = Duration.ofSeconds(20);
    private static final int MOST_SCREENS = 500;

    private final Cache<UUID, Long> screens = Caffeine.newBuilder()
            .expireAfterWrite(FORGOTTEN_AFTER)
            .maximumSize(MOST_SCREENS)
            .build();

    public void listens(UUID screen, long gauge) {
        screens.put(screen, gauge);
    }

    public void stops(UUID screen) {
        screens.invalidate(screen);
    }

    /** The one that listens to a gauge; empty where none does, and where two do: nobody knows whose hand it is in. */
    public Optional<UUID> to(long gauge) {
        List<UUID> listeners = screens.asMap().entrySet().stream()
                .filter(each -> each.getValue() == gauge)
                .map(Map.Entry::getKey)
                .limit(2)
                .toList();
        return listeners.size() == 1 ? Optional.of(listeners.get(0)) : Optional.empty();
    }
}
