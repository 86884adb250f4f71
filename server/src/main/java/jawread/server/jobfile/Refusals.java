package jawread.server.jobfile;

import java.sql.SQLException;
import java.util.Map;
import jawread.server.jobfile.JobFile.NotAJob;
import jawread.server.records.SignedInFile.NotSigned;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Says why a file is not taken. */
@Component
class Refusals {
    private final Words words;

    Refusals(Words words) {
        this.words = words;
    }

    @FunctionalInterface
    interface Reading<T> {
        T read() throws SQLException;
    }

    /** Refuses with 422 what is no file of a job, with section, row and member where it is one of these. */
    <T> T refusing(Reading<T> of) {
        try {
            return of.read();
        } catch (NotAJob none) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT, none.code(), words.say("problem." + none.code(), none.facts()));
        } catch (NotSigned none) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "job-file-signature",
                    words.say("problem.job-file-signature", Map.of("row", none.at())));
        } catch (SQLException failure) {
            throw new IllegalStateException(failure);
        }
    }
}
