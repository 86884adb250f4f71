package jawread.server.journal;

import jakarta.persistence.EntityManager;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Notes what each transaction does, and has its lines written as the last thing before it is committed. */
@Component
class EachTransaction implements TransactionExecutionListener {
    /** Not before there are any: the transaction manager is made before both. */
    private final ObjectProvider<Lines> lines;

    private final ObjectProvider<EntityManager> entities;

    EachTransaction(ObjectProvider<Lines> lines, ObjectProvider<EntityManager> entities) {
        this.lines = lines;
        this.entities = entities;
    }

    @Override
    public void afterBegin(TransactionExecution transaction, Throwable failure) {
        if (failure == null
                && !transaction.isReadOnly()
                && TransactionSynchronizationManager.isSynchronizationActive()) {
            var done = new ThisTransaction();
            done.bind();
            TransactionSynchronizationManager.registerSynchronization(new Told(done));
        }
    }

    private final class Told implements TransactionSynchronization, Ordered {
        private final ThisTransaction done;

        private Told(ThisTransaction done) {
            this.done = done;
        }

        /** After everybody else has changed what they change. */
        @Override
        public int getOrder() {
            return Ordered.LOWEST_PRECEDENCE;
        }

        @Override
        public void beforeCommit(boolean readOnly) {
            entities.getObject().flush();
            lines.getObject().write(done);
        }

        @Override
        public void suspend() {
            ThisTransaction.unbind();
        }

        @Override
        public void resume() {
            done.bind();
        }

        @Override
        public void afterCompletion(int status) {
            ThisTransaction.unbind();
        }
    }
}
