package jawread.server.judgement;

import java.util.List;
import jawread.server.storage.NotOnDisk;
import jawread.server.words.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** All that is in doubt: what the index does not know yet is judged first. */
@Component
class DoubtsNow {
    private static final Logger LOG = LoggerFactory.getLogger(DoubtsNow.class);

    private final PartsInDoubt index;
    private final DoubtPages pages;

    DoubtsNow(PartsInDoubt index, DoubtPages pages) {
        this.index = index;
        this.pages = pages;
    }

    DoubtsView page() {
        return pages.now(catchUp());
    }

    /**
     * Each plan in a transaction of its own: what is known of one stays, whatever becomes of the next.
     *
     * @return those that could not be kept: somebody else keeps them just now, or the disk is full
     */
    List<Long> catchUp() {
        return index.behind().stream().filter(plan -> !isKept(plan)).toList();
    }

    private boolean isKept(long plan) {
        try {
            index.judge(plan);
            return true;
        } catch (DataAccessException | TransactionException | NotOnDisk | Refused failure) {
            LOG.debug("What is in doubt in plan {} could not be kept: {}", plan, failure.getMessage());
            return false;
        }
    }
}
