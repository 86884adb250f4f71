package jawread.server.live;

import jakarta.annotation.Nullable;
import java.util.UUID;
import java.util.function.Supplier;
import jawread.server.words.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;

/**
 * The answer to something kept. It rests on the write alone: a page that cannot be made takes nothing back.
 *
 * @param seq its number in the job; absent where what was kept before has none of its own
 * @param kept now or before
 * @param shown the page as it then stands; absent where it could not be made, and is to be asked for
 */
public record Acknowledged<T>(
        UUID id, @Nullable Long seq, String kept, @Nullable T shown) {
    private static final Logger LOG = LoggerFactory.getLogger(Acknowledged.class);

    /** Made after the transaction that kept it, in one of its own. */
    public static <T> Acknowledged<T> of(Receipt receipt, Supplier<T> page) {
        return new Acknowledged<>(
                receipt.id(), receipt.seq().orElse(null), receipt.kept().code(), shown(receipt, page));
    }

    private static <T> T shown(Receipt receipt, Supplier<T> page) {
        try {
            return page.get();
        } catch (Refused | TransientDataAccessException passing) {
            return null;
        } catch (RuntimeException failure) {
            LOG.error("{} is kept, and its page could not be made", receipt.id(), failure);
            return null;
        }
    }

    /** 201 for what was kept now, 200 for what was before. */
    public ResponseEntity<Acknowledged<T>> answer() {
        return ResponseEntity.status(statusOf(kept)).body(this);
    }

    /** @param kept now or before */
    public static HttpStatus statusOf(String kept) {
        return kept.equals(Receipt.When.NOW.code()) ? HttpStatus.CREATED : HttpStatus.OK;
    }
}
