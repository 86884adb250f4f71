package jawread.server.journal;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import jawread.server.chain.Line;
import jawread.server.chain.ToldRows.Touched;
import jawread.server.versions.Versions;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What the transaction of this thread has done so far, to be told of by the lines that end it. */
final class ThisTransaction {
    final Set<Touched> touched = new LinkedHashSet<>();
    final List<Change> changes = new ArrayList<>();
    final List<Line> lines = new ArrayList<>();
    /** Readings taken since then rest on what was found of the gauges that it holds. */
    Instant foundSince = Instant.MAX;
    /** Of the journal's last line, once its head is held. */
    long lastId = -1;

    String lastDigest = Line.NONE;

    /** A change outside a transaction that may write is a programming error: nothing would tell of it. */
    static ThisTransaction current() {
        Versions.changing();
        return bound();
    }

    /** The same for a reading, its figures, and the round that it opens. */
    static ThisTransaction currentOfReadings() {
        Versions.changingReadings();
        return bound();
    }

    private static ThisTransaction bound() {
        if (TransactionSynchronizationManager.getResource(ThisTransaction.class) instanceof ThisTransaction done) {
            return done;
        }
        throw new IllegalStateException("A row is changed outside a transaction that may write");
    }

    void bind() {
        TransactionSynchronizationManager.bindResource(ThisTransaction.class, this);
    }

    static void unbind() {
        TransactionSynchronizationManager.unbindResourceIfPossible(ThisTransaction.class);
    }
}
