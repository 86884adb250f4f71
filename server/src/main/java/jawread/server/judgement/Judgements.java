package jawread.server.judgement;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import jawread.core.heat.Material;
import jawread.server.choosing.FeatureMethods;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.ZeroStrips;
import jawread.server.drawer.ZeroStrips.OfGauges;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlannedFeatures;
import jawread.server.job.PlansInForce;
import jawread.server.measure.Evidence;
import jawread.server.measure.Histories;
import jawread.server.measure.History;
import jawread.server.measure.History.OnPart;
import jawread.server.settings.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Judges what was read. What a feature of a part came to is kept until there is more to judge it by, or it is judged under
 * something else: after a reading one feature is judged anew, however long the plan.
 */
@Service
public class Judgements {
    private final PlansInForce plans;
    private final PlannedFeatures planned;
    private final Histories histories;
    private final FeatureMethods methods;
    private final ZeroStrips zeros;
    private final ShopSettings settings;
    /** By plan revision. */
    private final Map<Long, Judged> known = new ConcurrentHashMap<>();

    Judgements(
            PlansInForce plans,
            PlannedFeatures planned,
            Histories histories,
            FeatureMethods methods,
            ZeroStrips zeros,
            ShopSettings settings) {
        this.plans = plans;
        this.planned = planned;
        this.histories = histories;
        this.methods = methods;
        this.zeros = zeros;
        this.settings = settings;
    }

    /** What judgements hold under: any other of these, and all is judged anew. {@code atHand} and {@code zeros} are told by being the same ones. */
    private record Under(Map<String, String> schools, Material material, AtHand atHand, OfGauges zeros) {
        boolean isSame(Under other) {
            return schools.equals(other.schools)
                    && material.equals(other.material)
                    && atHand == other.atHand
                    && zeros == other.zeros;
        }
    }

    private record Judged(Under under, Map<OnPart, FeatureJudgement> features) {}

    /** Of a plan as it is now. */
    @Transactional(readOnly = true)
    public PlanJudgement of(Plan plan) {
        return of(plans.newest(plan), plans.partsOf(plan));
    }

    @Transactional(readOnly = true)
    public PlanJudgement of(PlanRevision revision, List<Part> parts) {
        Job job = revision.job();
        History history = histories.of(revision.plan(), parts);
        var under = new Under(
                job.choices(), settings.material(job.head().material()), methods.atHand(Optional.empty()), zeros.now());
        var judging = new Judging(job, under.atHand(), under.zeros(), under.material(), settings::material);
        List<JudgedFeature> sizes = revision.sizes().stream()
                .map(feature -> JudgedFeature.of(feature, planned.of(feature), judging))
                .toList();
        Judged before = known.get(revision.id());
        Map<OnPart, FeatureJudgement> held =
                before != null && before.under().isSame(under) ? before.features() : Map.of();
        var features = new HashMap<OnPart, FeatureJudgement>();
        var byPart = new LinkedHashMap<Long, List<FeatureJudgement>>();
        for (Part part : parts) {
            List<FeatureJudgement> ofPart = sizes.stream()
                    .map(size -> judged(part, size, history, held))
                    .toList();
            byPart.put(part.id(), ofPart);
            ofPart.forEach(
                    each -> features.put(new OnPart(part.id(), each.feature().id()), each));
        }
        known.put(revision.id(), new Judged(under, features));
        return new PlanJudgement(revision, parts, revision.lookedAt(), history, byPart);
    }

    private static FeatureJudgement judged(
            Part part, JudgedFeature size, History history, Map<OnPart, FeatureJudgement> held) {
        Feature feature = size.feature();
        Evidence evidence = history.of(part.id(), feature.id());
        FeatureJudgement before = held.get(new OnPart(part.id(), feature.id()));
        boolean isAnotherAxisTaken = before != null
                && before.feature().places(part).size() != feature.places(part).size();
        if (before == null || isAnotherAxisTaken) {
            return FeatureJudgement.of(part, size, evidence);
        }
        return evidence.isAsMuchAs(before.evidence()) ? before.of(part, size) : before.with(part, size, evidence);
    }
}
