package jawread.server.live;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Clock;
import java.util.List;
import jawread.server.storage.Locks;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what happens, in one order for all. */
@Service
public class Journal {
    /** What happens to the drawer is no job's. */
    public static final long DRAWER = 0;

    private final EntityManager entities;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;
    private final Locks locks;
    private final Happened happened;

    public Journal(
            EntityManager entities, Clock clock, ApplicationEventPublisher publisher, Locks locks, Happened happened) {
        this.entities = entities;
        this.clock = clock;
        this.publisher = publisher;
        this.locks = locks;
        this.happened = happened;
    }

    /**
     * Takes the next number in the job, in the caller's transaction, and tells the screens once that is committed. Others
     * who write wait until then, so that this comes last. A change whose lock was not taken is a programming error.
     *
     * @return the number in the job, from 1
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public long write(long jobId, What what) {
        if (!locks.holdsWhatChanges(jobId)) {
            throw new IllegalStateException(what + " of job " + jobId + " is written down without its lock");
        }
        locks.journalIsLast();
        JournalHead head = entities.find(JournalHead.class, JournalHead.ONLY, LockModeType.PESSIMISTIC_WRITE);
        long seq = 1 + lastOf(jobId);
        var line = new JournalLine(head.next(), jobId, seq, what, clock.instant());
        entities.persist(line);
        happened.willHappen(line.event());
        publisher.publishEvent(line.event());
        return seq;
    }

    /** Taken from the end of the index; a maximum would be looked for among all lines of the job. */
    private long lastOf(long jobId) {
        return entities.createQuery(
                        "select seq from JournalLine where jobId = :job order by jobId desc, seq desc", Long.class)
                .setParameter("job", jobId)
                .setMaxResults(1)
                .getResultStream()
                .findFirst()
                .orElse(0L);
    }

    /** The lines after the given one, in order. @param most so many of them at most */
    @Transactional(readOnly = true)
    public List<Event> after(long id, int most) {
        return entities.createQuery(
                        "select line from JournalLine line where line.id > :id order by line.id", JournalLine.class)
                .setParameter("id", id)
                .setMaxResults(most)
                .getResultStream()
                .map(JournalLine::event)
                .toList();
    }

    /** The number of the last line; 0 in a new shop. */
    @Transactional(readOnly = true)
    public long last() {
        return entities.createQuery("select coalesce(max(id), 0) from JournalLine", Long.class)
                .getSingleResult();
    }
}
