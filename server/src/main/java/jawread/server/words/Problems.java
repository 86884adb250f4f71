package jawread.server.words;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/**
 * The one form of an error: RFC 9457 problem details with a stable {@code code}, the {@code field} at fault, and in
 * {@code detail} a sentence that a machinist understands.
 */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private final Words words;
    private final List<UnderstoodFailure> understood;

    public Problems(Words words, List<UnderstoodFailure> understood) {
        this.words = words;
        this.understood = understood;
    }

    /** The problem that a refusal becomes, also where it is one answer among several. */
    public static ProblemDetail of(Refused refused) {
        ProblemDetail problem = problem(refused.status(), refused.refusal().code(), refused.sentence());
        if (!refused.field().isEmpty()) {
            problem.setProperty("field", refused.field());
        }
        if (!refused.refusal().hint().isEmpty()) {
            problem.setProperty("hint", refused.refusal().hint());
        }
        return problem;
    }

    /** A problem made from its parts. */
    public static ProblemDetail problem(HttpStatusCode status, String code, String sentence) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
        problem.setProperty("code", code);
        return problem;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused refused) {
        return ResponseEntity.status(refused.status()).body(of(refused));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unforeseen(RuntimeException failure, HttpServletRequest request) {
        Optional<ResponseEntity<ProblemDetail>> answer = understood.stream()
                .flatMap(each -> each.answer(failure).stream())
                .findFirst();
        if (answer.isPresent()) {
            return answer.get();
        }
        LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), failure);
        return ResponseEntity.internalServerError()
                .body(problem(HttpStatus.INTERNAL_SERVER_ERROR, "failed-here", words.say("problem.failed-here")));
    }

    /** A body that was refused while it was read comes here under what its reader made of that. */
    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException failure, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable each = failure; each != null; each = each.getCause()) {
            if (each instanceof Refused refused) {
                return ResponseEntity.status(refused.status()).body(of(refused));
            }
        }
        return isEmpty(request)
                ? ResponseEntity.badRequest()
                        .body(problem(HttpStatus.BAD_REQUEST, "bad-request", words.say("problem.nothing-sent")))
                : super.handleHttpMessageNotReadable(failure, headers, status, request);
    }

    private static boolean isEmpty(WebRequest request) {
        return request.getHeader(HttpHeaders.TRANSFER_ENCODING) == null
                && (request.getHeader(HttpHeaders.CONTENT_LENGTH) == null
                        || "0".equals(request.getHeader(HttpHeaders.CONTENT_LENGTH)));
    }

    /** What Spring itself refuses (no such address, no JSON, a field of the wrong kind) gets a code and our words too. */
    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception failure, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String code = switch (status.value()) {
            case 404 -> "not-found";
            case 405 -> "method-not-allowed";
            case 415 -> "json-only";
            default -> "bad-request";
        };
        String sentence = words.say("problem." + code, Map.of("what", reason(failure)));
        return super.handleExceptionInternal(failure, problem(status, code, sentence), headers, status, request);
    }

    private static String reason(Exception failure) {
        return failure instanceof ErrorResponse response && response.getBody().getDetail() != null
                ? response.getBody().getDetail()
                : "";
    }
}
