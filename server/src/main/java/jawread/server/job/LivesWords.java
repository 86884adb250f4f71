package jawread.server.job;

import java.util.Map;
import java.util.Optional;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What stands on each page of a job: that lives hang on it, or that it is for practice. */
@Component
public class LivesWords {
    private final Words words;

    public LivesWords(Words words) {
        this.words = words;
    }

    /** Empty for any other job. */
    public Optional<String> of(Job job) {
        if (job.practice()) {
            return Optional.of(words.say("job.practice"));
        }
        return job.livesHangOnIt()
                ? Optional.of(words.say("job.lives", Map.of("decider", job.decider())))
                : Optional.empty();
    }
}
