package jawread.server.access;

import jawread.server.access.ScriptTokens.Role;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** For what comes in by another door than HTTP: whether a token lets it measure. */
@Component
public class ProgramTokens {
    private final ScriptTokens tokens;
    private final Words words;

    ProgramTokens(ScriptTokens tokens, Words words) {
        this.tokens = tokens;
        this.words = words;
    }

    /** Refuses one that is nobody's or has ended with 401, and one that only reads with 403. */
    public void refuseUnlessMeasures(String secret) {
        if (tokens.of(secret).role() != Role.MEASURES) {
            throw Refused.of(HttpStatus.FORBIDDEN, "token-reads-only", words.say("problem.token-reads-only"));
        }
    }
}
