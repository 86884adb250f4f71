package jawread.server.judgement;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import jawread.core.assess.Conditions;
import jawread.core.assess.PartAssessment;
import jawread.core.assess.PartLog;
import jawread.core.assess.PartSnapshot;
import jawread.core.assess.PartsOfPlan;
import jawread.server.drawer.InstrumentsInForce;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import jawread.server.measure.Logs;
import jawread.server.settings.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Has what was read judged: gathers what parts are judged by, and keeps what they came to, so that after a reading one place is judged
 * anew, however long the plan.
 */
@Service
public class Judgements {
    private final PlansInForce plans;
    private final Logs logs;
    private final InstrumentsInForce instruments;
    private final ShopSettings settings;
    /** By plan revision, then by part. */
    private final Map<Long, Map<Long, PartAssessment>> known = new ConcurrentHashMap<>();

    Judgements(PlansInForce plans, Logs logs, InstrumentsInForce instruments, ShopSettings settings) {
        this.plans = plans;
        this.logs = logs;
        this.instruments = instruments;
        this.settings = settings;
    }

    /** Of a plan as it is now. */
    @Transactional(readOnly = true)
    public JudgedPlan of(Plan plan) {
        return of(plans.newest(plan), plans.partsOf(plan));
    }

    @Transactional(readOnly = true)
    public JudgedPlan of(PlanRevision revision, List<Part> parts) {
        Map<Long, PartLog> read = logs.of(revision, parts);
        var conditions = new Conditions(
                revision.job().rules(),
                instruments.now(),
                settings.material(revision.job().head().material()),
                settings.ownMaterials());
        Map<Long, PartAssessment> before = known.getOrDefault(revision.id(), Map.of());
        var now = new HashMap<Long, PartAssessment>();
        for (Part part : parts) {
            var snapshot = new PartSnapshot(part.id(), revision.features(), read.get(part.id()), conditions);
            PartAssessment last = before.get(part.id());
            now.put(part.id(), last == null ? PartAssessment.of(snapshot) : last.after(snapshot));
        }
        known.put(revision.id(), now);
        return new JudgedPlan(
                revision,
                parts,
                new PartsOfPlan(parts.stream().map(part -> now.get(part.id())).toList()),
                conditions);
    }
}
