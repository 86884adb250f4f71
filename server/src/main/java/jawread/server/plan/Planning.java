package jawread.server.plan;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.heat.Material;
import jawread.core.length.Refusal;
import jawread.server.access.Person;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.Jobs;
import jawread.server.job.Jobs.ListedPart;
import jawread.server.job.NewPlan;
import jawread.server.job.Part;
import jawread.server.job.PartHead;
import jawread.server.job.PartShape;
import jawread.server.job.Plan;
import jawread.server.job.PlanHead;
import jawread.server.job.RoundNames;
import jawread.server.live.Journal;
import jawread.server.live.What;
import jawread.server.measure.Rounds;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens jobs, and changes what stands at the head of one: its own head, its plans, its parts. */
@Service
public class Planning {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_TEXT = 200;
    private static final int SHORT_NAME = 80;
    private static final BigDecimal COLDEST = new BigDecimal("-60");
    private static final BigDecimal HOTTEST = new BigDecimal("200");
    private static final BigDecimal MOST_HOURS = new BigDecimal("9999999");

    private final Jobs jobs;
    private final Rounds rounds;
    private final ShopSettings settings;
    private final Journal journal;
    private final Words words;

    public Planning(Jobs jobs, Rounds rounds, ShopSettings settings, Journal journal, Words words) {
        this.jobs = jobs;
        this.rounds = rounds;
        this.settings = settings;
        this.journal = journal;
        this.words = words;
    }

    /** Opens a job with one empty plan, or from a template. Refuses a template that is none. */
    @Transactional
    public Job open(JobHead head, String template, Person person) {
        refuseUnlessSound(head);
        List<NewPlan> plans = template.isEmpty()
                ? List.of(new NewPlan(
                        new PlanHead(words.say("plan.first-name"), PartShape.SHAFT, RoundNames.CUTS),
                        List.of(),
                        List.of(PartHead.of(words.say("plan.first-part"), ""))))
                : Templates.of(template).orElseThrow(() -> refused("template", "no-such-template"));
        return jobs.open(head, Map.of(), false, plans, Optional.of(person));
    }

    /** Opens a job that says the same as another; what was read there, and for how long its parts had run, stays there. */
    @Transactional
    public Job copy(long jobId, Person person) {
        Job from = jobs.job(jobId);
        JobHead head = from.head().called(words.say("job.copy-of", Map.of("name", from.name())));
        Job copy = jobs.open(head, choices(from), from.demonstration(), List.of(), Optional.of(person));
        for (Plan plan : jobs.plansOf(from)) {
            jobs.add(
                    copy,
                    new NewPlan(
                            plan.head(),
                            jobs.newest(plan).features().stream()
                                    .map(Feature::asTyped)
                                    .toList(),
                            jobs.partsOf(plan).stream()
                                    .map(part -> PartHead.of(part.name(), part.mark()))
                                    .toList()),
                    Optional.of(person));
        }
        return copy;
    }

    private static Map<String, String> choices(Job from) {
        return Setting.ofJobs().stream().collect(Collectors.toMap(Setting::code, from::choiceOf));
    }

    /**
     * Writes the head of a job, and the choices in force there. Refuses one made over another's with 412, and another unit
     * once sizes are planned: what is typed without a unit would mean something else.
     */
    @Transactional
    public Job write(long jobId, long edition, JobHead head, Map<String, String> choices) {
        journal.write(jobId, What.PLAN);
        Job job = jobs.job(jobId);
        Editions.refuseUnlessSame(edition, job.version(), words);
        refuseUnlessSound(head);
        if (head.unit() != job.unit() && jobs.plansOf(job).stream().anyMatch(this::hasSizes)) {
            throw refused("unit", "unit-in-use");
        }
        var accepted = new EnumMap<Setting, String>(Setting.class);
        choices.forEach((name, choice) -> {
            Setting setting = Setting.of(name)
                    .filter(Setting.ofJobs()::contains)
                    .orElseThrow(() -> refused(name, "no-such-setting"));
            accepted.put(setting, setting.accept(choice).fold(text -> text, refusal -> {
                throw Refused.field(name, refusal, words.say(refusal, head.unit()));
            }));
        });
        return jobs.write(job, head, accepted);
    }

    private boolean hasSizes(Plan plan) {
        return !jobs.newest(plan).sizes().isEmpty();
    }

    @Transactional
    public Job archive(long jobId, boolean away) {
        journal.write(jobId, What.PLAN);
        return jobs.archive(jobs.job(jobId), away);
    }

    private void refuseUnlessSound(JobHead head) {
        if (head.name().isEmpty() || head.name().length() > LONGEST_NAME) {
            throw refused("name", "job-name");
        }
        refuseLonger("about", head.about(), LONGEST_TEXT);
        refuseLonger("limitsSource", head.limitsSource(), LONGEST_TEXT);
        refuseLonger("customerReference", head.customerReference(), LONGEST_NAME);
        if (!head.material().isEmpty()
                && Material.called(head.material(), settings.ownMaterials()).isEmpty()) {
            throw refused("material", "no-such-material");
        }
        if (!head.temperature().isEmpty()
                && within(head.temperature(), COLDEST, HOTTEST).isEmpty()) {
            throw refused("temperature", "bad-temperature");
        }
        if (head.livesHangOnIt() && head.decider().isEmpty()) {
            throw refused("decider", "no-decider");
        }
        refuseLonger("decider", head.decider(), SHORT_NAME);
    }

    private void refuseLonger(String field, String text, int most) {
        if (text.length() > most) {
            throw refused(field, "text-too-long");
        }
    }

    private static Optional<BigDecimal> within(String text, BigDecimal least, BigDecimal most) {
        String figure = text.replace(',', '.').replace('\u2212', '-');
        if (!figure.matches("-?\\d{1,9}(\\.\\d{1,6})?")) {
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(figure))
                .filter(number -> number.compareTo(least) >= 0 && number.compareTo(most) <= 0);
    }

    /** Adds a plan for another kind of part. */
    @Transactional
    public Plan addPlan(long jobId, PlanHead head, Person person) {
        journal.write(jobId, What.PLAN);
        refuseUnlessNamed(head);
        var part = PartHead.of(head.name() + " 1", "");
        return jobs.add(jobs.job(jobId), new NewPlan(head, List.of(), List.of(part)), Optional.of(person));
    }

    /** Refuses a change made over another's with 412. */
    @Transactional
    public Plan writePlan(long planId, long edition, PlanHead head) {
        Plan plan = locked(planId, edition);
        refuseUnlessNamed(head);
        return jobs.write(plan, head);
    }

    private Plan locked(long planId, long edition) {
        Plan plan = jobs.plan(planId);
        journal.write(plan.job().id(), What.PLAN);
        Editions.refuseUnlessSame(edition, plan.version(), words);
        return plan;
    }

    private void refuseUnlessNamed(PlanHead head) {
        if (head.name().isEmpty() || head.name().length() > SHORT_NAME) {
            throw refused("name", "plan-name");
        }
    }

    /** @param hours as typed; empty where nobody counts */
    public record PartOnList(Optional<Long> id, String name, String mark, String hours) {}

    /**
     * Writes the list of a plan's parts. Refuses one without a name, two of one name, hours that are no number from 0, and
     * taking a part off that something was read on; and a list made over another's with 412.
     */
    @Transactional
    public Plan writeParts(long planId, long edition, List<PartOnList> list) {
        Plan plan = locked(planId, edition);
        for (int i = 0; i < list.size(); i++) {
            refuseUnlessSound(list.get(i), "parts[" + i + "]", list.subList(0, i));
        }
        for (Part part : jobs.partsOf(plan)) {
            boolean stays = list.stream()
                    .anyMatch(each -> each.id().filter(id -> id == part.id()).isPresent());
            if (!stays && rounds.anyOn(part)) {
                throw Refused.field(
                        "parts",
                        Refusal.of("part-was-read"),
                        words.say("problem.part-was-read", Map.of("part", part.name())));
            }
        }
        jobs.listParts(
                plan,
                list.stream()
                        .map(each -> new ListedPart(
                                each.id(),
                                new PartHead(
                                        each.name(),
                                        each.mark(),
                                        within(each.hours().strip(), BigDecimal.ZERO, MOST_HOURS))))
                        .toList());
        return jobs.touch(plan);
    }

    private void refuseUnlessSound(PartOnList part, String field, List<PartOnList> before) {
        String name = part.name().strip();
        if (name.isEmpty() || name.length() > SHORT_NAME || part.mark().length() > SHORT_NAME) {
            throw refused(field + ".name", "part-name");
        }
        if (before.stream().anyMatch(each -> each.name().strip().equalsIgnoreCase(name))) {
            throw refused(field + ".name", "part-twice");
        }
        if (!part.hours().isBlank()
                && within(part.hours().strip(), BigDecimal.ZERO, MOST_HOURS).isEmpty()) {
            throw refused(field + ".hours", "bad-hours");
        }
    }

    private Refused refused(String field, String code) {
        return Refused.field(field, Refusal.of(code), words.say("problem." + code));
    }
}
