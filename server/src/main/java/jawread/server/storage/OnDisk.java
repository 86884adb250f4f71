package jawread.server.storage;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Brings each committed change onto the disk before whoever made it has the answer, once a transaction. The database writes at each
 * commit, which survives a killed server; only this also survives a power cut. When it fails, the answer is that failure, and what is
 * sent again is acknowledged by a sync of its own: a transaction that finds everything kept already comes here, too.
 */
@Component
class OnDisk implements TransactionExecutionListener {
    /** Not before there is one: the transaction manager is made before the database is opened. */
    private final ObjectProvider<Checkpoint> disk;

    OnDisk(ObjectProvider<Checkpoint> disk) {
        this.disk = disk;
    }

    @Override
    public void afterBegin(TransactionExecution transaction, Throwable failure) {
        if (failure == null
                && !transaction.isReadOnly()
                && TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new Synced());
        }
    }

    /** After those who only count, before any screen is told: what is told of is on the disk. */
    private final class Synced implements TransactionSynchronization, Ordered {
        @Override
        public int getOrder() {
            return Ordered.LOWEST_PRECEDENCE;
        }

        @Override
        public void afterCommit() {
            long start = System.nanoTime();
            disk.getObject().sync();
            SyncTime.took(System.nanoTime() - start);
        }
    }
}
