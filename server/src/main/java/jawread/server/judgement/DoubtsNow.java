package jawread.server.judgement;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;

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
        catchUp();
        return pages.now();
    }

    /** Each plan in a transaction of its own: what is known of one stays, whatever becomes of the next. */
    void catchUp() {
        index.behind().forEach(this::judge);
    }

    private void judge(long plan) {
        try {
            index.judge(plan);
        } catch (ConcurrencyFailureException | DataIntegrityViolationException passing) {
            LOG.debug("What is in doubt in plan {} was kept by somebody else: {}", plan, passing.getMessage());
        }
    }
}
