package jawread.server.storage;

import jakarta.persistence.LockTimeoutException;
import jakarta.persistence.OptimisticLockException;
import jakarta.persistence.PessimisticLockException;
import java.sql.SQLException;
import java.util.Optional;
import jawread.server.words.Problems;
import jawread.server.words.Refused;
import jawread.server.words.UnderstoodFailure;
import jawread.server.words.Words;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** What to answer where the database refuses: somebody was faster, a lock was not had in time, the disk is full. */
@Component
class DatabaseFailures implements UnderstoodFailure {
    private static final String BROKEN_CONSTRAINT = "23";
    private static final int LOCK_TIMEOUT = 50200;
    private static final int DEADLOCK = 40001;
    private static final String AGAIN_IN_SECONDS = "1";
    private static final String TROUBLE_AGAIN_IN_SECONDS = "5";

    private final Health health;
    private final Words words;

    DatabaseFailures(Health health, Words words) {
        this.health = health;
        this.words = words;
    }

    @Override
    public Optional<ResponseEntity<ProblemDetail>> answer(RuntimeException failure) {
        if (isUnder(failure, OptimisticLockingFailureException.class, OptimisticLockException.class)) {
            return Optional.of(answer(HttpStatus.PRECONDITION_FAILED, "changed-meanwhile"));
        }
        if (isNotHad(failure)) {
            return Optional.of(ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                    .header(HttpHeaders.RETRY_AFTER, AGAIN_IN_SECONDS)
                    .body(problem(HttpStatus.SERVICE_UNAVAILABLE, "busy")));
        }
        if (StorageTrouble.isUnder(failure)) {
            Refused told = health.told(failure);
            return Optional.of(ResponseEntity.status(told.status())
                    .header(HttpHeaders.RETRY_AFTER, TROUBLE_AGAIN_IN_SECONDS)
                    .body(Problems.of(told)));
        }
        return StorageTrouble.sqlCause(failure)
                .map(SQLException::getSQLState)
                .filter(state -> state.startsWith(BROKEN_CONSTRAINT))
                .map(state -> answer(HttpStatus.CONFLICT, "integrity"));
    }

    private static boolean isNotHad(RuntimeException failure) {
        return isUnder(
                        failure,
                        PessimisticLockingFailureException.class,
                        QueryTimeoutException.class,
                        LockTimeoutException.class,
                        PessimisticLockException.class)
                || StorageTrouble.sqlCause(failure)
                        .map(SQLException::getErrorCode)
                        .filter(code -> code == LOCK_TIMEOUT || code == DEADLOCK)
                        .isPresent();
    }

    private static boolean isUnder(Throwable failure, Class<?>... kinds) {
        for (Throwable each = failure; each != null; each = each.getCause()) {
            for (Class<?> kind : kinds) {
                if (kind.isInstance(each)) {
                    return true;
                }
            }
        }
        return false;
    }

    private ResponseEntity<ProblemDetail> answer(HttpStatus status, String code) {
        return ResponseEntity.status(status).body(problem(status, code));
    }

    private ProblemDetail problem(HttpStatus status, String code) {
        return Problems.problem(status, code, words.say("problem." + code));
    }
}
