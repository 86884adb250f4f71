package jawread.server.choosing;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.gauge.Choosing;
import jawread.core.plan.PlannedFeature;
import jawread.server.access.Person;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.Methods;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Plan;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.settings.ShopSettings;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Weighs the methods of the drawer for features, and keeps which one was picked. */
@Service
public class FeatureMethods {
    private static final Kind<Asked, List<Weighed>> WEIGHED = new Kind<>("weighed", List::size);
    private static final Kind<Long, Map<UUID, String>> PICKS = new Kind<>("picks", Map::size);

    private final Drawer drawer;
    private final Snapshots snapshots;
    private final PickedMethodRepository picked;
    private final Methods methods;
    private final Jobs jobs;
    private final ShopSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;

    FeatureMethods(
            Drawer drawer,
            Snapshots snapshots,
            PickedMethodRepository picked,
            Methods methods,
            Jobs jobs,
            ShopSettings settings,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks) {
        this.drawer = drawer;
        this.snapshots = snapshots;
        this.picked = picked;
        this.methods = methods;
        this.jobs = jobs;
        this.settings = settings;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** @param person in whose hands; empty where nobody stands at the screen */
    @Transactional(readOnly = true)
    public MethodsOfPlan of(Plan plan, Optional<Person> person) {
        AtHand atHand = methods.atHand(person);
        LocalDate today = drawer.today();
        return new MethodsOfPlan(
                atHand,
                picks(plan),
                plan,
                settings.material(plan.job().head().material()),
                Optional.empty(),
                choosing -> snapshots.of(
                        WEIGHED,
                        new Asked(today, person.map(Person::id), choosing),
                        List.of(Subject.DRAWER, Subject.SHOP),
                        () -> atHand.weigh(choosing)));
    }

    /** @param person in whose hands; empty: in nobody's */
    private record Asked(LocalDate day, Optional<Long> person, Choosing choosing) {}

    /** By the feature's key: the method's key. */
    private Map<UUID, String> picks(Plan plan) {
        return snapshots.of(
                PICKS,
                plan.id(),
                List.of(Subject.plan(plan.job().id())),
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
