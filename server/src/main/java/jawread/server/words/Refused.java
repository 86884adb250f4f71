package jawread.server.words;

import jawread.core.length.Refusal;
import org.springframework.http.HttpStatus;

/**
 * Ends a request that cannot be done, on its way to becoming an RFC 9457 problem.
 */
public class Refused extends RuntimeException {
    private final transient Refusal refusal;
    private final HttpStatus status;
    private final String field;
    private final String sentence;

    private Refused(Refusal refusal, HttpStatus status, String field, String sentence) {
        super(refusal.code() + ": " + sentence, null, false, false);
        this.refusal = refusal;
        this.status = status;
        this.field = field;
        this.sentence = sentence;
    }

    /**
     * A request understood, and refused for what one of its fields says.
     *
     * @param field the offending field, as the request names it
     */
    public static Refused field(String field, Refusal refusal, String sentence) {
        return new Refused(refusal, HttpStatus.UNPROCESSABLE_CONTENT, field, sentence);
    }

    /** As above, with the problem's own sentence. */
    public static Refused field(String field, String code, Words words) {
        return field(field, Refusal.of(code), words.say("problem." + code));
    }

    public static Refused of(HttpStatus status, String code, String sentence) {
        return new Refused(Refusal.of(code), status, "", sentence);
    }

    /** Something else was kept under the id that the request bears. */
    public static Refused keptOtherwise(Words words) {
        return of(HttpStatus.CONFLICT, "kept-otherwise", words.say("problem.kept-otherwise"));
    }

    /** A conflict about one thing, named as the request names it. */
    public static Refused at(HttpStatus status, Refusal refusal, String field, String sentence) {
        return new Refused(refusal, status, field, sentence);
    }

    public Refusal refusal() {
        return refusal;
    }

    public HttpStatus status() {
        return status;
    }

    /** Empty when no single field is at fault. */
    public String field() {
        return field;
    }

    public String sentence() {
        return sentence;
    }
}
