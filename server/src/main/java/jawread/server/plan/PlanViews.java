package jawread.server.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.TypedFeature;
import jawread.server.choosing.FeatureMethods;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.Jobs;
import jawread.server.job.LivesWords;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.measure.Rounds;
import jawread.server.plan.PlanChanges.Done;
import jawread.server.plan.PlanView.PlanChangedView;
import jawread.server.plan.PlanView.PlanOfPartView;
import jawread.server.plan.PlanView.PlannedPartView;
import jawread.server.settings.Setting;
import jawread.server.words.Durations;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Shows a job as it is planned, and what a change of it came to. */
@Component
class PlanViews {
    private static final UUID NOT_IN_A_PLAN = new UUID(0, 0);

    private final Jobs jobs;
    private final Rounds rounds;
    private final PlannedWords features;
    private final PastedFeatures pasted;
    private final FeatureMethods methods;
    private final Durations durations;
    private final LivesWords lives;
    private final Words words;

    PlanViews(
            Jobs jobs,
            Rounds rounds,
            PlannedWords features,
            PastedFeatures pasted,
            FeatureMethods methods,
            Durations durations,
            LivesWords lives,
            Words words) {
        this.jobs = jobs;
        this.rounds = rounds;
        this.features = features;
        this.pasted = pasted;
        this.methods = methods;
        this.durations = durations;
        this.lives = lives;
        this.words = words;
    }

    @Transactional(readOnly = true)
    public PlanView of(long jobId) {
        Job job = jobs.job(jobId);
        var works = new LinkedHashMap<Plan, Work>();
        List<PlanOfPartView> plans = jobs.plansOf(job).stream()
                .map(plan -> plan(plan, methodsOf(plan), works))
                .toList();
        JobHead head = job.head();
        return new PlanView(
                job.id(),
                job.version(),
                head.name(),
                head.about(),
                head.limitsSource(),
                head.customerReference(),
                head.unit().symbol(),
                head.material(),
                head.temperature(),
                head.livesHangOnIt(),
                head.decider(),
                job.demonstration(),
                job.archivedAt().isPresent(),
                lives.of(job).orElse(null),
                remarks(head),
                choices(job),
                plans,
                total(works));
    }

    private List<String> remarks(JobHead head) {
        var remarks = new ArrayList<String>();
        if (head.limitsSource().isEmpty()) {
            remarks.add(words.say("job.no-source"));
        }
        return remarks;
    }

    private static Map<String, String> choices(Job job) {
        Map<String, String> choices = new HashMap<>();
        Setting.ofJobs().forEach(setting -> choices.put(setting.code(), job.choiceOf(setting)));
        return choices;
    }

    private PlanOfPartView plan(Plan plan, MethodsOfPlan of, Map<Plan, Work> works) {
        PlanRevision revision = jobs.newest(plan);
        List<Part> parts = jobs.partsOf(plan);
        Work one = work(revision, of);
        works.put(plan, one.times(parts.size()));
        return new PlanOfPartView(
                plan.id(),
                plan.version(),
                plan.name(),
                plan.shape().code(),
                plan.roundNames().code(),
                revision.number(),
                revision.isFixed(),
                revision.features().stream()
                        .map(feature -> features.of(feature, of))
                        .toList(),
                parts.stream().map(this::part).toList(),
                total(one, parts.size()));
    }

    private PlannedPartView part(Part part) {
        return new PlannedPartView(
                part.id(),
                part.name(),
                part.mark(),
                part.runningHours()
                        .map(hours -> hours.stripTrailingZeros().toPlainString())
                        .orElse(null),
                rounds.anyOn(part));
    }

    /** Readings and time of one part, and of all it serves. */
    private String total(Work one, int parts) {
        Work all = one.times(parts);
        return words.say(
                parts == 1 ? "plan.total.one" : "plan.total.many",
                Map.of(
                        "readings", one.readings(),
                        "time", durations.of(one.seconds()),
                        "parts", parts,
                        "allReadings", all.readings(),
                        "allTime", durations.of(all.seconds())));
    }

    private String total(Map<Plan, Work> works) {
        int readings = works.values().stream().mapToInt(Work::readings).sum();
        long seconds = works.values().stream().mapToLong(Work::seconds).sum();
        return words.say("plan.total.job", Map.of("readings", readings, "time", durations.of(seconds)));
    }

    private record Work(int readings, long seconds) {
        Work times(int parts) {
            return new Work(readings * parts, seconds * parts);
        }
    }

    private Work work(PlanRevision revision, MethodsOfPlan of) {
        int readings = 0;
        long seconds = 0;
        for (Feature feature : revision.features()) {
            PlannedWork here = PlannedWork.of(feature.key(), feature.planned(), of);
            readings += here.readings();
            seconds += here.seconds();
        }
        return new Work(readings, seconds);
    }

    /** In nobody's hands: the plan is one for all who measure by it. */
    private MethodsOfPlan methodsOf(Plan plan) {
        return methods.of(plan, Optional.empty());
    }

    /** What would be understood of a feature under this plan's title block; it stands in no plan. */
    @Transactional(readOnly = true)
    public PlannedView understood(long planId, TypedFeature typed) {
        Plan plan = jobs.plan(planId);
        return features.of(
                NOT_IN_A_PLAN,
                0,
                PlannedFeature.of(plan.job().typed(typed), plan.job().titleBlock()),
                methodsOf(plan));
    }

    /** What would be understood of a pasted table. */
    @Transactional(readOnly = true)
    public PastedView pasted(long planId, String text, boolean isWithTitle) {
        return pasted.understand(text, isWithTitle, methodsOf(jobs.plan(planId)));
    }

    /** What a change came to, as the plan stands once it is made. */
    @Transactional(readOnly = true)
    public PlanChangedView changed(Done done) {
        Plan plan = jobs.plan(done.revision().plan().id());
        PlanRevision revision = jobs.newest(plan);
        MethodsOfPlan of = methodsOf(plan);
        Work one = work(revision, of);
        int parts = jobs.partsOf(plan).size();
        var works = new LinkedHashMap<Plan, Work>();
        for (Plan each : jobs.plansOf(plan.job())) {
            works.put(
                    each,
                    each.id() == plan.id()
                            ? one.times(parts)
                            : work(jobs.newest(each), methodsOf(each))
                                    .times(jobs.partsOf(each).size()));
        }
        return new PlanChangedView(
                done.seq(),
                revision.number(),
                revision.isFixed(),
                total(one, parts),
                total(works),
                revision.features().stream().map(Feature::key).toList(),
                done.changed().stream().map(feature -> features.of(feature, of)).toList(),
                done.undo(),
                (done.newRevision()
                                ? words.say("plan.revised", Map.of("number", revision.number()))
                                : words.say("plan.kept"))
                        + done.moved().sentence(words));
    }
}
