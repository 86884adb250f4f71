package jawread.server.measure;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.length.Length;
import jawread.server.identity.SameParts;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sizes that parts come in at, because they were left so in an earlier job: of parts that a person said are the same. */
@Service
public class SizesCarried {
    private final SameParts same;
    private final PlansInForce plans;
    private final RoundLogs rounds;
    private final FirstTaken times;

    SizesCarried(SameParts same, PlansInForce plans, RoundLogs rounds, FirstTaken times) {
        this.same = same;
        this.plans = plans;
        this.rounds = rounds;
        this.times = times;
    }

    /**
     * The size of a feature as it came in.
     *
     * @param to how far from new, with its sign; zero as new
     * @param by the part as it stands in the job where that was said last
     * @param isListed whether the feature can be that size by its own plan, with the same limits as new; else it is only told
     */
    public record Carried(Length to, Part by, boolean isListed) {}

    /** By the key of the feature; one of which nothing was said is left out. */
    @Transactional(readOnly = true)
    public Map<UUID, Carried> of(Part part, PlanRevision revision) {
        return same.anyOf(List.of(part)) ? find(part, revision) : Map.of();
    }

    /** Whether any of these parts was measured in another job. */
    @Transactional(readOnly = true)
    public boolean mayComeFromElsewhere(List<Part> parts) {
        return same.anyOf(parts);
    }

    /** Those that count. */
    Map<OnPart, Length> counting(List<Part> parts, PlanRevision revision) {
        if (!same.anyOf(parts)) {
            return Map.of();
        }
        var all = new HashMap<OnPart, Length>();
        parts.forEach(part -> find(part, revision).forEach((feature, carried) -> {
            if (carried.isListed()) {
                all.put(new OnPart(part.id(), feature), carried.to());
            }
        }));
        return all;
    }

    private Map<UUID, Carried> find(Part part, PlanRevision revision) {
        var all = new HashMap<UUID, Carried>();
        for (Part other : before(part)) {
            PlanRevision then = plans.newest(other.plan());
            Map<OnPart, FeatureRounds> left = rounds.of(List.of(other.id()), plans.lineage(then));
            for (Feature own : revision.sizes()) {
                own.in(revision.features(), then.features())
                        .ifPresent(there -> Optional.ofNullable(left.get(new OnPart(other.id(), there.key())))
                                .flatMap(FeatureRounds::left)
                                .ifPresent(to -> all.put(
                                        own.key(),
                                        new Carried(to, other, own.planned().isOfSteps(there.planned(), to)))));
            }
        }
        return all;
    }

    /** The part as it was measured before it was measured here; the first time first. */
    private List<Part> before(Part part) {
        List<Part> others = same.confirmed(part);
        Map<Long, Instant> first = times.before(part, others);
        return others.stream()
                .filter(other -> first.containsKey(other.id()))
                .sorted(Comparator.comparing(other -> first.get(other.id())))
                .toList();
    }
}
