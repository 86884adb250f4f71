package jawread.server.journal;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import jawread.server.chain.Line;
import jawread.server.chain.ToldRows.Touched;
import jawread.server.journal.Trailed.Under;
import jawread.server.storage.Locks;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what happens, in one order for all. */
@Service
public class Journal {
    /** What happens to the drawer is no job's. */
    public static final long DRAWER = 0;

    private final EntityManager entities;
    private final Lines lines;
    private final Locks locks;

    public Journal(EntityManager entities, Lines lines, Locks locks) {
        this.entities = entities;
        this.lines = lines;
        this.locks = locks;
    }

    /**
     * Takes the next number in the job, in the caller's transaction, and tells the screens once that is committed. Others
     * who write wait until then, so that this comes last. A change whose lock was not taken is a programming error.
     *
     * @return the number in the job, from 1
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public long write(long jobId, What what) {
        return write(jobId, what, 1);
    }

    /**
     * The same for so many things at once, by one line that bears the last of their numbers.
     *
     * @param numbers how many are taken, 1 or more
     * @return the last of them
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public long write(long jobId, What what, long numbers) {
        if (!locks.holdsWhatChanges(jobId)) {
            throw new IllegalStateException(what + " of job " + jobId + " is written down without its lock");
        }
        ThisTransaction done = what == What.READING ? ThisTransaction.currentOfReadings() : ThisTransaction.current();
        if (what == What.DRAWER) {
            done.foundSince = Instant.EPOCH;
        }
        return lines.next(done, jobId, what, numbers).seq();
    }

    /**
     * The same for a look at a gauge's zero.
     *
     * @param since when it was last found good: whatever was read before does not rest on this look
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void lookedAt(Instant since) {
        ThisTransaction done = ThisTransaction.current();
        Instant before = done.foundSince;
        write(DRAWER, What.DRAWER);
        done.foundSince = since.isBefore(before) ? since : before;
    }

    /** What happened in no job, and that nothing measured rests on: somebody practised, a report was issued. Nobody else writes what it is decided by. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void besides(What what) {
        lines.next(ThisTransaction.current(), Line.SHOP, what, 1);
    }

    /**
     * A row that was written without its entity, for there were thousands: the lines that end this transaction tell of it as of any other.
     *
     * @param key its columns, in the order of the table's key, and what they hold
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void wrote(String table, Map<String, Object> key) {
        ThisTransaction.current().touched.add(new Touched(table, key));
    }

    /**
     * Notes in the trail what no changed row tells by itself, in the caller's transaction.
     *
     * @param field as it is called in the code: {@code outOfRound}
     * @param before null where there was nothing
     * @param after null where there is nothing now
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void changed(Under under, String field, @Nullable String before, @Nullable String after) {
        Change.note(under, field, before, after);
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

    /** The number in the job of its last line; 0 before there is any. */
    public long lastOf(long job) {
        return lines.lastOf(job);
    }

    /** The number of the last line; 0 in a new shop. */
    @Transactional(readOnly = true)
    public long last() {
        return entities.createQuery("select coalesce(max(id), 0) from JournalLine", Long.class)
                .getSingleResult();
    }
}
