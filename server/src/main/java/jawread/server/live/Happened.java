package jawread.server.live;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * How often something befell a job since the start, for those who keep what they found. Counted, not merely told: what was found
 * before a change and is put aside after it stands under the old count.
 */
@Component
public class Happened {
    private record To(long job, What what) {}

    private final Map<To, Long> times = new ConcurrentHashMap<>();

    /** Before any screen is told, which would ask at once. */
    @Order(0)
    @TransactionalEventListener
    void happened(Event event) {
        times.merge(new To(event.job(), event.what()), 1L, Long::sum);
    }

    /** Any of these, to this job. */
    public long times(long job, Set<What> any) {
        return any.stream().mapToLong(what -> times(job, what)).sum();
    }

    /** This, to this job. */
    public long times(long job, What what) {
        return times.getOrDefault(new To(job, what), 0L);
    }

    /** Whatever the job. */
    public long times(What what) {
        return times.entrySet().stream()
                .filter(each -> each.getKey().what() == what)
                .mapToLong(Map.Entry::getValue)
                .sum();
    }
}
