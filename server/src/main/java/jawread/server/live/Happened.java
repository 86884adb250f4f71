package jawread.server.live;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import jawread.server.journal.Event;
import jawread.server.journal.What;
import jawread.server.storage.Locks;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * How often something befell a job since the start, for those who keep what they found. Counted, not merely told: what was found
 * before a change and is put aside after it stands under the old count. Whoever takes a lock waits until every change committed by
 * then is counted, so that what is decided under the lock rests on nothing older.
 */
@Component
public class Happened implements Locks.CommittedBefore {
    private static final Logger LOG = LoggerFactory.getLogger(Happened.class);
    /** A commit is counted within microseconds: this long only where the machine stands still, or somebody else wrote the line. */
    private static final long LONGEST_WAIT_NS = TimeUnit.SECONDS.toNanos(1);

    private record To(long job, What what) {}

    private final Map<To, Long> times = new ConcurrentHashMap<>();
    private final JdbcTemplate database;
    /** Lines of the journal that are counted; below zero while nobody has asked how many there were at the start. */
    private long counted = -1;
    /** How often lines were found that nobody here counted: then nothing that was kept holds any more. */
    private long missed;

    Happened(JdbcTemplate database) {
        this.database = database;
    }

    /** In the transaction that writes the line, holding the journal: counts it as soon as it is committed. */
    @EventListener
    void willHappen(Event event) {
        synchronized (this) {
            if (counted < 0) {
                counted = event.id() - 1;
            }
        }
        TransactionSynchronizationManager.registerSynchronization(new Counted(event));
    }

    /** Before the disk is waited for, and before any screen is told, which would ask at once. */
    private final class Counted implements TransactionSynchronization, Ordered {
        private final Event event;

        private Counted(Event event) {
            this.event = event;
        }

        @Override
        public int getOrder() {
            return Ordered.HIGHEST_PRECEDENCE;
        }

        @Override
        public void afterCommit() {
            times.merge(new To(event.job(), event.what()), 1L, Long::sum);
            synchronized (Happened.this) {
                counted++;
                Happened.this.notifyAll();
            }
        }
    }

    @Override
    public void isKnown() {
        long committed = database.queryForObject("SELECT last_id FROM journal_head", Long.class);
        long end = System.nanoTime() + LONGEST_WAIT_NS;
        synchronized (this) {
            // Of this transaction's own lines none is committed.
            while (counted >= 0 && counted < committed - own()) {
                long left = TimeUnit.NANOSECONDS.toMillis(end - System.nanoTime());
                if (left <= 0) {
                    LOG.warn("{} lines of the journal were written by somebody else", committed - own() - counted);
                    counted = committed - own();
                    missed++;
                    return;
                }
                try {
                    wait(left);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    throw new CannotAcquireLockException("Broken off while waiting", e);
                }
            }
        }
    }

    private static long own() {
        return TransactionSynchronizationManager.getSynchronizations().stream()
                .filter(Counted.class::isInstance)
                .count();
    }

    private synchronized long missed() {
        return missed;
    }

    /** Any of these, to this job. */
    public long times(long job, Set<What> any) {
        return any.stream().mapToLong(what -> times(job, what)).sum();
    }

    /** This, to this job. */
    public long times(long job, What what) {
        return times.getOrDefault(new To(job, what), 0L) + missed();
    }

    /** Whatever the job. */
    public long times(What what) {
        return times.entrySet().stream()
                        .filter(each -> each.getKey().what() == what)
                        .mapToLong(Map.Entry::getValue)
                        .sum()
                + missed();
    }
}
