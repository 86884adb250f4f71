package jawread.server.words;

import java.util.Optional;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

/** Knows what to answer to failures of one kind, where they are no fault of the program's. */
@FunctionalInterface
public interface UnderstoodFailure {
    /** Empty for a failure of another kind. */
    Optional<ResponseEntity<ProblemDetail>> answer(RuntimeException failure);
}
