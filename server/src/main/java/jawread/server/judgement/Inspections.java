package jawread.server.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.core.assess.Inspection;
import jawread.server.identity.SameParts;
import jawread.server.identity.SameParts.Same;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds every time one part was measured, in whatever job. */
@Service
public class Inspections {
    private final SameParts same;
    private final PlansInForce plans;
    private final Judgements judgements;

    Inspections(SameParts same, PlansInForce plans, Judgements judgements) {
        this.same = same;
        this.plans = plans;
        this.judgements = judgements;
    }

    /**
     * What was measured of one part.
     *
     * @param parts as which it stands on the lists of plans
     * @param byMark those of them that only their mark says are it
     * @param all inspections of all its features, in the order of time
     */
    public record Inspected(List<Part> parts, Set<Long> byMark, List<Inspection> all) {
        /** As which it stood then. */
        public Part partAt(Inspection inspection) {
            return parts.stream()
                    .filter(part -> part.id() == inspection.part())
                    .findFirst()
                    .orElseThrow();
        }
    }

    /** Of all features of a part. */
    @Transactional(readOnly = true)
    public Inspected of(Part part) {
        List<Same> others = same.with(part);
        var parts = new ArrayList<Part>(List.of(part));
        others.forEach(other -> parts.add(other.part()));
        return new Inspected(
                parts,
                others.stream()
                        .filter(other -> !other.isConfirmed())
                        .map(other -> other.part().id())
                        .collect(Collectors.toSet()),
                Inspection.of(
                        plans.newest(part.plan()).features(),
                        parts.stream()
                                .map(each -> judgements.of(each.plan()).of(each))
                                .toList()));
    }
}
