package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.persistence.OptimisticLockException;
import java.sql.SQLException;
import java.util.stream.Stream;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.h2.mvstore.MVStoreException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;

/** What the database refuses is told apart by what is to be done about it. */
class DatabaseFailuresTest {
    private final Health health = mock();
    private final Words words = mock();
    private final DatabaseFailures failures = new DatabaseFailures(health, words);

    @BeforeEach
    void sentences() {
        when(words.say(any(String.class))).thenReturn("a sentence");
        when(health.told(any()))
                .thenReturn(Refused.of(HttpStatus.SERVICE_UNAVAILABLE, "database-trouble", "a sentence"));
    }

    static Stream<Arguments> known() {
        return Stream.of(
                Arguments.of(new ObjectOptimisticLockingFailureException("Gauge", 1), 412, "changed-meanwhile", ""),
                Arguments.of(new IllegalStateException(new OptimisticLockException()), 412, "changed-meanwhile", ""),
                Arguments.of(
                        new DataIntegrityViolationException("", new SQLException("unique", "23505", 23505)),
                        409,
                        "integrity",
                        ""),
                Arguments.of(new CannotAcquireLockException(""), 503, "busy", "1"),
                Arguments.of(new RuntimeException(new SQLException("timeout", "HYT00", 50200)), 503, "busy", "1"),
                Arguments.of(new RuntimeException(new SQLException("deadlock", "40001", 40001)), 503, "busy", "1"),
                Arguments.of(
                        new RuntimeException(new SQLException("closed", "90098", 90098)), 503, "database-trouble", "5"),
                Arguments.of(
                        new JpaSystemException(new RuntimeException(new MVStoreException(2, "no space"))),
                        503,
                        "database-trouble",
                        "5"),
                Arguments.of(new CannotCreateTransactionException(""), 503, "database-trouble", "5"),
                Arguments.of(new NotOnDisk(null), 503, "database-trouble", "5"));
    }

    @ParameterizedTest
    @MethodSource("known")
    void each_has_its_answer(RuntimeException failure, int status, String code, String retryAfter) {
        var answer = failures.answer(failure).orElseThrow();
        assertThat(answer.getStatusCode().value()).isEqualTo(status);
        assertThat(answer.getBody().getProperties()).containsEntry("code", code);
        assertThat(answer.getHeaders().getFirst("Retry-After")).isEqualTo(retryAfter.isEmpty() ? null : retryAfter);
    }

    @Test
    void a_failure_of_the_program_is_none_of_them() {
        assertThat(failures.answer(new IllegalArgumentException("no sentence for this")))
                .isEmpty();
        // A text that is too long for its column should have been seen at the door.
        assertThat(failures.answer(
                        new DataIntegrityViolationException("", new SQLException("value too long", "22001", 22001))))
                .isEmpty();
    }
}
