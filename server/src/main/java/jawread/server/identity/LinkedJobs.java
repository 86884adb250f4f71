package jawread.server.identity;

import java.util.HashSet;
import java.util.Set;
import jawread.server.journal.OtherJobs;
import org.springframework.stereotype.Component;

/** In which other jobs the parts of a job stand. */
@Component
class LinkedJobs implements OtherJobs {
    private final PartLinkRepository links;

    LinkedJobs(PartLinkRepository links) {
        this.links = links;
    }

    @Override
    public Set<Long> ofSameParts(long job) {
        Set<Long> here = links.findPartsLinkedIn(job);
        if (here.isEmpty()) {
            return Set.of();
        }
        var others = new HashSet<>(links.findJobsOf(PartLinks.from(here, links).all(here)));
        others.remove(job);
        return others;
    }
}
