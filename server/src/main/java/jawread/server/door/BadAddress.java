package jawread.server.door;

import java.util.Map;
import java.util.Optional;
import jawread.server.words.Problems;
import jawread.server.words.UnderstoodFailure;
import jawread.server.words.Words;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** An address whose parameters are no text in any writing. */
@Component
class BadAddress implements UnderstoodFailure {
    private final Words words;

    BadAddress(Words words) {
        this.words = words;
    }

    @Override
    public Optional<ResponseEntity<ProblemDetail>> answer(RuntimeException failure) {
        return failure instanceof InvalidParameterException
                ? Optional.of(ResponseEntity.badRequest()
                        .body(Problems.problem(
                                HttpStatus.BAD_REQUEST,
                                "bad-request",
                                words.say("problem.bad-request", Map.of("what", words.say("problem.broken-address"))))))
                : Optional.empty();
    }
}
