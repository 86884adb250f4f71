package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
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
import jawread.server.measure.MovedTo;
import jawread.server.settings.ShopSettings;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Before;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Has what was read judged: gathers what parts are judged by, and keeps what they came to, so that after a reading one place is judged
 * anew, however long the plan.
 */
@Service
public class Judgements {
    private static final Kind<Long, JudgedPlan> JUDGED = new Kind<>(
            "judged", plan -> plan.parts().size() * (1 + plan.plan().features().size()));

    private final Snapshots snapshots;
    private final PlansInForce plans;
    private final Logs logs;
    private final InstrumentsInForce instruments;
    private final ShopSettings settings;

    Judgements(
            Snapshots snapshots, PlansInForce plans, Logs logs, InstrumentsInForce instruments, ShopSettings settings) {
        this.snapshots = snapshots;
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
        long job = revision.job().id();
        return snapshots.of(
                JUDGED,
                revision.id(),
                List.of(Subject.plan(job), Subject.readings(job), Subject.said(job), Subject.DRAWER, Subject.SHOP),
                before -> judge(revision, parts, before.map(Before::value)));
    }

    /** The same as if readings had been moved. */
    @Transactional(readOnly = true)
    public JudgedPlan ifMoved(Plan plan, Map<UUID, MovedTo> moves) {
        JudgedPlan now = of(plan);
        Map<Long, PartLog> read = logs.asIfMoved(now.plan(), now.parts(), moves);
        return new JudgedPlan(
                now.plan(),
                now.parts(),
                new PartsOfPlan(now.assessed().parts().stream()
                        .map(part -> part.after(new PartSnapshot(
                                part.part(), now.plan().features(), read.get(part.part()), now.conditions())))
                        .toList()),
                now.conditions());
    }

    private JudgedPlan judge(PlanRevision revision, List<Part> parts, Optional<JudgedPlan> before) {
        Map<Long, PartLog> read = logs.of(revision, parts);
        Set<Long> gauges =
                read.values().stream().flatMap(log -> log.gauges().stream()).collect(Collectors.toSet());
        var now = new Conditions(
                revision.job().rules(),
                instruments.with(gauges),
                settings.material(revision.job().head().material()),
                settings.ownMaterials());
        // The same ones where they are the same: what was judged under them is known at once to hold.
        Conditions conditions =
                before.map(JudgedPlan::conditions).filter(now::equals).orElse(now);
        Map<Long, PartAssessment> last = before.map(plan -> plan.assessed().parts().stream()
                        .collect(Collectors.toMap(PartAssessment::part, Function.identity())))
                .orElse(Map.of());
        List<PartAssessment> judged = parts.stream()
                .map(part -> {
                    var snapshot = new PartSnapshot(part.id(), revision.features(), read.get(part.id()), conditions);
                    return Optional.ofNullable(last.get(part.id()))
                            .map(of -> of.after(snapshot))
                            .orElseGet(() -> PartAssessment.of(snapshot));
                })
                .toList();
        return new JudgedPlan(revision, parts, new PartsOfPlan(judged), conditions);
    }
}
