package jawread.server.jobfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobFileReadTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"{} | false", "{\"practice\":false} | false", "{\"practice\":true} | true"})
    void a_file_of_before_there_were_jobs_for_practice_is_of_none(String job, boolean isPractice) {
        String file = "{\"format\":\"jaw-read-job\",\"edition\":1,\"job\":" + job + "}";
        assertThat(JobFile.read(file.getBytes(StandardCharsets.UTF_8))
                        .job()
                        .path("practice")
                        .booleanValue())
                .isEqualTo(isPractice);
    }
}
