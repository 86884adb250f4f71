package jawread.server.journal;

import java.util.Set;

/** In which other jobs parts of a job stand, as persons have said: what is said of a part's size there is carried on to them. */
public interface OtherJobs {
    Set<Long> ofSameParts(long job);
}
