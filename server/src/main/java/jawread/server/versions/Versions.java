package jawread.server.versions;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The versions as they are stored. A transaction reads those of a job, and those of no job, once. */
@Component
public class Versions {
    private static final String OF_JOB = "SELECT what, which, version FROM stored_version WHERE job_id = ?";

    private final JdbcTemplate database;

    Versions(JdbcTemplate database) {
        this.database = database;
    }

    /** What the transaction of this thread has read, and whether it has changed anything itself. */
    private static final class Here {
        private final Set<Long> jobs = new HashSet<>();
        private final Map<Subject, Long> versions = new HashMap<>();
        private boolean isAnythingChanged;
        private boolean areReadingsChanged;
    }

    /** One that was never raised is 0. */
    List<Long> of(Collection<Subject> subjects) {
        Here here = here();
        return read(subjects, here == null ? new Here() : here);
    }

    /** As they are by now, whatever this transaction has read; it goes on under what it has read. */
    List<Long> stored(Collection<Subject> subjects) {
        return read(subjects, new Here());
    }

    /** All that a job stands on, as they are by now: its own, and those of no job. One that was never raised is not among them. */
    public Map<Subject, Long> under(long job) {
        var here = new Here();
        read(List.of(Subject.DRAWER, Subject.plan(job)), here);
        return Map.copyOf(here.versions);
    }

    private List<Long> read(Collection<Subject> subjects, Here here) {
        for (Subject subject : subjects) {
            if (here.jobs.add(subject.job())) {
                database.query(
                        OF_JOB,
                        row -> {
                            here.versions.put(
                                    new Subject(subject.job(), row.getString(1), row.getLong(2)), row.getLong(3));
                        },
                        subject.job());
            }
        }
        return subjects.stream()
                .map(subject -> here.versions.getOrDefault(subject, 0L))
                .toList();
    }

    /** The transaction of this thread changes something: what it finds from here on is nobody else's before it ends. */
    public static void changing() {
        Here here = here();
        if (here != null) {
            here.isAnythingChanged = true;
        }
    }

    /** The same, of readings with the rounds that they open, which have no other version: whatever else there is stays as it was. */
    public static void changingReadings() {
        Here here = here();
        if (here != null) {
            here.areReadingsChanged = true;
        }
    }

    /** Whether what is found in these may be another than for everybody else; what never changes may be, once anything is changed. */
    static boolean isChangedHere(Collection<Subject> subjects) {
        Here here = here();
        return here != null && (here.isAnythingChanged || here.areReadingsChanged && restOnReadings(subjects));
    }

    /** What never changes rests on all: it may be a row of this transaction. */
    private static boolean restOnReadings(Collection<Subject> subjects) {
        return subjects.isEmpty() || subjects.stream().anyMatch(Subject::isReadings);
    }

    /** In the transaction that changes them, at its end. Whoever changes one of them holds its lock. */
    public static void raise(Connection connection, Stream<Subject> subjects) throws SQLException {
        try (PreparedStatement update = connection.prepareStatement(
                        "UPDATE stored_version SET version = version + 1 WHERE job_id = ? AND what = ? AND which = ?");
                PreparedStatement insert = connection.prepareStatement(
                        "INSERT INTO stored_version (job_id, what, which, version) VALUES (?, ?, ?, 1)")) {
            for (Subject subject : subjects.distinct().toList()) {
                if (fill(update, subject).executeUpdate() == 0) {
                    fill(insert, subject).executeUpdate();
                }
            }
        }
    }

    private static PreparedStatement fill(PreparedStatement statement, Subject subject) throws SQLException {
        statement.setLong(1, subject.job());
        statement.setString(2, subject.what());
        statement.setLong(3, subject.which());
        return statement;
    }

    /** Null outside a transaction: then every question is a new one. */
    private static Here here() {
        if (TransactionSynchronizationManager.getResource(Versions.class) instanceof Here here) {
            return here;
        }
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return null;
        }
        var here = new Here();
        TransactionSynchronizationManager.bindResource(Versions.class, here);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void suspend() {
                TransactionSynchronizationManager.unbindResource(Versions.class);
            }

            @Override
            public void resume() {
                TransactionSynchronizationManager.bindResource(Versions.class, here);
            }

            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(Versions.class);
            }
        });
        return here;
    }
}
