package jawread.server.storage;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Whoever changes a thing takes its lock before reading what the change is decided by, and holds it until the transaction ends. Locks
 * are taken in one order (settings, drawer, gauges by number, jobs by number, journal), so that no two wait for each other; one out
 * of order is a programming error.
 */
@Component
public class Locks {
    /** In their order. */
    private enum Rank {
        SETTINGS("SELECT name FROM shop_lock WHERE name = 'settings' AND ? = 0 FOR UPDATE"),
        DRAWER("SELECT name FROM shop_lock WHERE name = 'drawer' AND ? = 0 FOR UPDATE"),
        GAUGE("SELECT id FROM gauge WHERE id = ? FOR UPDATE"),
        JOB("SELECT id FROM job WHERE id = ? FOR UPDATE"),
        JOURNAL("");

        private final String query;

        Rank(String query) {
            this.query = query;
        }
    }

    /** @param number 0 where there is only one */
    private record Lock(Rank rank, long number) implements Comparable<Lock> {
        private static final Comparator<Lock> ORDER =
                Comparator.comparing(Lock::rank).thenComparingLong(Lock::number);

        @Override
        public int compareTo(Lock other) {
            return ORDER.compare(this, other);
        }
    }

    /** What the transaction of this thread holds. */
    private static final class Held {
        private final Set<Lock> locks = new HashSet<>();
        private boolean alone;
    }

    private final JdbcTemplate database;

    Locks(JdbcTemplate database) {
        this.database = database;
    }

    /** What the shop has decided, and its people. */
    public void settings() {
        take(Stream.of(new Lock(Rank.SETTINGS, 0)));
    }

    /** Gauges and masters: added, described anew, looked at, set. @param gauges those that the change is about */
    public void drawer(long... gauges) {
        take(Stream.concat(
                Stream.of(new Lock(Rank.DRAWER, 0)),
                java.util.Arrays.stream(gauges).mapToObj(gauge -> new Lock(Rank.GAUGE, gauge))));
    }

    /** Gauges as they are, for what is read with them. */
    public void gauges(Stream<Long> gauges) {
        take(gauges.map(gauge -> new Lock(Rank.GAUGE, gauge)));
    }

    /** Both at once, for what is read with gauges on a part of a job. */
    public void gaugesAndJob(Stream<Long> gauges, long job) {
        take(Stream.concat(gauges.map(gauge -> new Lock(Rank.GAUGE, gauge)), Stream.of(new Lock(Rank.JOB, job))));
    }

    /** One that is not there is no error: it is refused by whoever looks for it next. */
    public void jobs(Stream<Long> jobs) {
        take(jobs.map(job -> new Lock(Rank.JOB, job)));
    }

    /**
     * Notes that the journal is held from here on. Its one row is locked as it is read, by whoever writes the next line: nothing is
     * decided by what others wrote there, and nobody is waited for any more.
     */
    public void journalIsLast() {
        Held held = held();
        if (!held.alone) {
            held.locks.add(new Lock(Rank.JOURNAL, 0));
        }
    }

    /** A job that this transaction has made: nobody else sees it before it ends. */
    public void madeJob(long job) {
        held().locks.add(new Lock(Rank.JOB, job));
    }

    /** Before the doors are open: nobody else is here, and nothing is waited for in this transaction. */
    public void alone() {
        held().alone = true;
    }

    /** Whether the change of a job, or of the drawer for job 0, has its lock. */
    public boolean holdsWhatChanges(long job) {
        Held held = held();
        return held.alone
                || held.locks.stream()
                        .anyMatch(lock -> job == 0 ? lock.rank() == Rank.DRAWER : lock.equals(new Lock(Rank.JOB, job)));
    }

    /** Whether the transaction of this thread holds any. */
    public static boolean isAnyHeld() {
        return TransactionSynchronizationManager.getResource(Locks.class) instanceof Held held && !held.locks.isEmpty();
    }

    /** The gauges that the transaction of this thread holds. */
    public static Stream<Long> gaugesHeld() {
        return TransactionSynchronizationManager.getResource(Locks.class) instanceof Held held
                ? held.locks.stream().filter(lock -> lock.rank() == Rank.GAUGE).map(Lock::number)
                : Stream.empty();
    }

    private void take(Stream<Lock> wanted) {
        Held held = held();
        if (held.alone) {
            // Nobody is waited for; which gauges are changed is told all the same.
            wanted.filter(lock -> lock.rank() == Rank.GAUGE).forEach(held.locks::add);
            return;
        }
        List<Lock> missing = wanted.filter(lock -> !held.locks.contains(lock))
                .distinct()
                .sorted()
                .toList();
        for (Lock lock : missing) {
            held.locks.stream()
                    .filter(other -> other.compareTo(lock) > 0)
                    .findFirst()
                    .ifPresent(later -> {
                        throw new IllegalStateException("Locks are taken in one order: " + lock + " is asked for while "
                                + later + " is held already");
                    });
            database.queryForList(lock.rank().query, lock.number());
            held.locks.add(lock);
        }
    }

    private static Held held() {
        if (TransactionSynchronizationManager.getResource(Locks.class) instanceof Held held) {
            return held;
        }
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            throw new IllegalStateException("A lock is held by a transaction, and there is none");
        }
        var held = new Held();
        TransactionSynchronizationManager.bindResource(Locks.class, held);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void suspend() {
                TransactionSynchronizationManager.unbindResource(Locks.class);
            }

            @Override
            public void resume() {
                TransactionSynchronizationManager.bindResource(Locks.class, held);
            }

            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(Locks.class);
            }
        });
        return held;
    }
}
