package jawread.server.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.JobLocks;
import jawread.server.job.JobUse;
import jawread.server.job.Jobs;
import jawread.server.job.NewPlan;
import jawread.server.job.NewPlan.NewFeature;
import jawread.server.job.PartHead;
import jawread.server.job.PartShape;
import jawread.server.job.Plan;
import jawread.server.job.PlanHead;
import jawread.server.job.RoundNames;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.settings.Setting;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.Shop;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens jobs, copies them, changes what stands at their head, and puts them away. */
@Service
public class Planning {
    /** Of a copy, behind its name. */
    private static final int LONGEST_NUMBER = 8;

    private static final Pattern COPY = Pattern.compile(" \\(\\d{1,4}\\)$");

    private final Jobs jobs;
    private final PlanChanges changes;
    private final HeadRules heads;
    private final Shop shop;
    private final Journal journal;
    private final Words words;
    private final JobLocks locks;

    public Planning(
            Jobs jobs, PlanChanges changes, HeadRules heads, Shop shop, Journal journal, Words words, JobLocks locks) {
        this.jobs = jobs;
        this.changes = changes;
        this.heads = heads;
        this.shop = shop;
        this.journal = journal;
        this.words = words;
        this.locks = locks;
    }

    /**
     * Opens a job with one empty plan, or from a template. Refuses a template that is none.
     *
     * @param isPractice whether it is to learn, for ever
     */
    @Transactional
    public Job open(JobHead head, String template, boolean isPractice, Person person) {
        heads.refuseUnlessSound(head);
        List<NewPlan> plans = template.isEmpty()
                ? List.of(NewPlan.of(
                        new PlanHead(words.say("plan.first-name"), PartShape.SHAFT, RoundNames.CUTS),
                        List.of(),
                        List.of(PartHead.of(words.say("plan.first-part"), ""))))
                : Templates.of(template).orElseThrow(() -> Refused.field("template", "no-such-template", words));
        return jobs.open(
                head,
                Map.of(),
                isPractice ? JobUse.PRACTICE : JobUse.ofWork(shop.demonstration()),
                plans,
                Optional.of(person));
    }

    /** Opens a job that says the same as another; what was read there, and for how long its parts had run, stays there. */
    @Transactional
    public Job copy(long jobId, Person person) {
        locks.ofJob(jobId);
        Job from = jobs.job(jobId);
        JobHead head = from.head().called(numbered(from.name()));
        Job copy = jobs.open(head, choices(from), from.use(), List.of(), Optional.of(person));
        for (Plan plan : jobs.plansOf(from)) {
            jobs.add(
                    copy,
                    new NewPlan(
                            plan.head(),
                            jobs.newest(plan).features().stream()
                                    .map(feature -> new NewFeature(feature.asTyped(), Optional.of(feature.origin())))
                                    .toList(),
                            jobs.partsOf(plan).stream()
                                    .map(part -> PartHead.of(part.name(), part.mark()))
                                    .toList()),
                    Optional.of(person));
        }
        return copy;
    }

    /** The next number that no job of this name has yet: a copy of a copy is one of the first. */
    private String numbered(String name) {
        String stem = COPY.matcher(name).replaceFirst("");
        String first = stem.substring(0, Math.min(stem.length(), HeadRules.LONGEST_NAME - LONGEST_NUMBER));
        Set<String> taken = jobs.all().stream().map(Job::name).collect(Collectors.toSet());
        return IntStream.iterate(2, number -> number + 1)
                .mapToObj(number -> words.say("job.copy-of", Map.of("name", first, "number", String.valueOf(number))))
                .filter(each -> !taken.contains(each))
                .findFirst()
                .orElseThrow();
    }

    private static Map<String, String> choices(Job from) {
        return Setting.ofJobs().stream().collect(Collectors.toMap(Setting::code, from::choiceOf));
    }

    /**
     * Writes the head of a job, and the choices in force there. Refuses one made over another's with 412, and another unit
     * once sizes are planned: what is typed without a unit would mean something else.
     */
    @Transactional
    public Job write(long jobId, long edition, JobHead head, Map<String, String> choices, Person person) {
        locks.ofJob(jobId);
        Job job = jobs.job(jobId);
        Editions.refuseUnlessSame(edition, job.version(), words);
        heads.refuseUnlessSound(head);
        heads.refuseAnotherUnit(job, head.unit());
        Job written = jobs.write(job, head, heads.accepted(choices, head.unit()));
        changes.restate(written, person);
        journal.write(jobId, What.PLAN);
        return written;
    }

    @Transactional
    public Job archive(long jobId, boolean away) {
        locks.ofJob(jobId);
        Job job = jobs.job(jobId);
        journal.write(jobId, What.PLAN);
        return jobs.archive(job, away);
    }
}
