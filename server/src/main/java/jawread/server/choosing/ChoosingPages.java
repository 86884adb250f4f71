package jawread.server.choosing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.plan.PlannedFeature;
import jawread.server.access.Person;
import jawread.server.choosing.ChoosingView.MethodsOfFeatureView;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.settings.Setting;
import jawread.server.words.Durations;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what a plan is measured with, feature by feature. */
@Service
class ChoosingPages {
    private final Jobs jobs;
    private final FeatureMethods methods;
    private final ChoosingWords choosing;
    private final Durations durations;
    private final Words words;
    private final JobLocks locks;

    ChoosingPages(
            Jobs jobs,
            FeatureMethods methods,
            ChoosingWords choosing,
            Durations durations,
            Words words,
            JobLocks locks) {
        this.jobs = jobs;
        this.methods = methods;
        this.choosing = choosing;
        this.durations = durations;
        this.words = words;
        this.locks = locks;
    }

    @Transactional(readOnly = true)
    public ChoosingView of(long planId, Optional<Person> person) {
        Plan plan = jobs.plan(planId);
        MethodsOfPlan of = methods.of(plan, person);
        List<Feature> features = sizes(plan);
        List<MethodsOfFeatureView> views = features.stream()
                .map(feature -> choosing.of(feature, feature.planned(), of))
                .toList();
        long seconds = features.stream()
                .mapToLong(feature -> of.inForce(feature.key(), feature.planned())
                        .map(Weighed::choice)
                        .map(choice -> choice.seconds())
                        .orElse(0L))
                .sum();
        return new ChoosingView(
                plan.job().id(),
                plan.job().name(),
                plan.id(),
                plan.name(),
                words.say("choosing.school." + plan.job().choiceOf(Setting.GAUGE_CHOICE)),
                views,
                words.say("choosing.total", Map.of("time", durations.of(seconds))));
    }

    private List<Feature> sizes(Plan plan) {
        PlanRevision revision = jobs.newest(plan);
        return revision.features().stream()
                .filter(feature -> feature.planned().canBeMeasured())
                .toList();
    }

    /** Picks a method. @param method its key; empty: the proposed one again */
    @Transactional
    public void pick(long planId, UUID key, String method, Person person) {
        locks.ofPlan(planId);
        PlannedFeature feature = sizes(jobs.plan(planId)).stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .map(Feature::planned)
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-feature", words.say("problem.no-such-feature")));
        methods.pick(planId, key, method, feature, person);
    }
}
