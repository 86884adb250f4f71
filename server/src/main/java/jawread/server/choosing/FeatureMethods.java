package jawread.server.choosing;

import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.plan.PlannedFeature;
import jawread.server.access.Person;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.Methods;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Plan;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Happened;
import jawread.server.live.KeptWhile;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Weighs the methods of the drawer for features, and keeps which one was picked. */
@Service
public class FeatureMethods {
    private static final int MOST_PLANS = 200;

    private final PickedMethodRepository picked;
    private final Methods methods;
    private final Jobs jobs;
    private final ShopSettings settings;
    private final Journal journal;
    private final Happened happened;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;
    /** By plan, under how often its job was planned. */
    private final KeptWhile<Long, Long, Map<UUID, String>> picks = new KeptWhile<>(MOST_PLANS);

    FeatureMethods(
            PickedMethodRepository picked,
            Methods methods,
            Jobs jobs,
            ShopSettings settings,
            Journal journal,
            Happened happened,
            Clock clock,
            Words words,
            JobLocks locks) {
        this.picked = picked;
        this.methods = methods;
        this.jobs = jobs;
        this.settings = settings;
        this.journal = journal;
        this.happened = happened;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** @param person in whose hands; empty where nobody stands at the screen */
    @Transactional(readOnly = true)
    public MethodsOfPlan of(Plan plan, Optional<Person> person) {
        return of(plan, methods.atHand(person));
    }

    @Transactional(readOnly = true)
    public AtHand atHand(Optional<Person> person) {
        return methods.atHand(person);
    }

    /** For more plans than one, with what is at hand read once. */
    @Transactional(readOnly = true)
    public MethodsOfPlan of(Plan plan, AtHand atHand) {
        return new MethodsOfPlan(
                atHand, picks(plan), plan, settings.material(plan.job().head().material()), Optional.empty());
    }

    /** By the feature's key: the method's key. */
    private Map<UUID, String> picks(Plan plan) {
        return picks.of(
                plan.id(),
                happened.times(plan.job().id(), What.PLAN),
                () -> picked.findAllByPlanId(plan.id()).stream()
                        .collect(Collectors.toMap(PickedMethod::featureKey, PickedMethod::key)));
    }

    /**
     * Picks a method for a feature. Refuses one that cannot be put to it with 422 and why.
     *
     * @param key of the method; empty: the proposed one again
     */
    @Transactional
    public void pick(long planId, UUID feature, String key, PlannedFeature planned, Person person) {
        locks.ofPlan(planId);
        Plan plan = jobs.plan(planId);
        Optional<PickedMethod> before = picked.findByPlanIdAndFeatureKey(planId, feature);
        journal.write(plan.job().id(), What.PLAN);
        if (key.isEmpty()) {
            before.ifPresent(picked::delete);
            return;
        }
        Weighed wanted = of(plan, Optional.of(person)).weigh(planned).stream()
                .filter(each -> each.method().key().equals(key))
                .findFirst()
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-gauge", words.say("problem.no-such-gauge")));
        if (!wanted.choice().fitness().canMeasure()) {
            throw Refused.field("method", "method-not-fit", words);
        }
        PickedMethod now = before.orElseGet(() -> new PickedMethod(planId, feature));
        now.pick(wanted.method(), person, clock.instant());
        picked.save(now);
    }

    /** The method to measure a feature with: the picked one, else the proposed; empty when the drawer has none. */
    @Transactional(readOnly = true)
    public Optional<GaugeAndReader> inForce(Plan plan, UUID key, PlannedFeature planned) {
        MethodsOfPlan of = of(plan, Optional.empty());
        return of.inForce(key, planned).map(Weighed::method);
    }
}
