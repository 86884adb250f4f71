package jawread.server.judgement;

import java.util.List;
import jawread.core.assess.Inspection;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds every time one part, told by what is stamped on it, was measured, in whatever job. */
@Service
public class Inspections {
    private final Jobs jobs;
    private final Judgements judgements;

    Inspections(Jobs jobs, Judgements judgements) {
        this.jobs = jobs;
        this.judgements = judgements;
    }

    /**
     * What was measured of one part.
     *
     * @param parts as which it stands on the lists of plans
     * @param all inspections of all its features, in the order of time
     */
    public record Inspected(List<Part> parts, List<Inspection> all) {
        /** As which it stood then. */
        public Part partAt(Inspection inspection) {
            return parts.stream()
                    .filter(part -> part.id() == inspection.part())
                    .findFirst()
                    .orElseThrow();
        }
    }

    /** Of all features of a part; only its own where nothing is stamped on it. */
    @Transactional(readOnly = true)
    public Inspected of(Part part) {
        List<Part> same = part.mark().isBlank() ? List.of(part) : jobs.partsMarked(part.mark());
        return new Inspected(
                same,
                Inspection.of(same.stream()
                        .map(each -> judgements.of(each.plan()).of(each))
                        .toList()));
    }
}
