package jawread.server.plan;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Refusal;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Jobs.ListedPart;
import jawread.server.job.NewPlan;
import jawread.server.job.Part;
import jawread.server.job.PartHead;
import jawread.server.job.Plan;
import jawread.server.job.PlanHead;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.measure.Rounds;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kinds of part in a job: what each is called and drawn as, and which parts there are. */
@Service
public class KindsOfPart {
    private static final int SHORT_NAME = 80;
    private static final BigDecimal MOST_HOURS = new BigDecimal("9999999");

    private final Jobs jobs;
    private final Rounds rounds;
    private final Journal journal;
    private final Words words;
    private final JobLocks locks;

    public KindsOfPart(Jobs jobs, Rounds rounds, Journal journal, Words words, JobLocks locks) {
        this.jobs = jobs;
        this.rounds = rounds;
        this.journal = journal;
        this.words = words;
        this.locks = locks;
    }

    /** Adds a plan for another kind of part. */
    @Transactional
    public Plan add(long jobId, PlanHead head, Person person) {
        locks.ofJob(jobId);
        Job job = jobs.job(jobId);
        refuseUnlessNamed(head);
        var part = PartHead.of(head.name() + " 1", "");
        journal.write(jobId, What.PLAN);
        return jobs.add(job, NewPlan.of(head, List.of(), List.of(part)), Optional.of(person));
    }

    /** Refuses a change made over another's with 412. */
    @Transactional
    public Plan write(long planId, long edition, PlanHead head) {
        Plan plan = locked(planId, edition);
        refuseUnlessNamed(head);
        return jobs.write(plan, head);
    }

    private Plan locked(long planId, long edition) {
        locks.ofPlan(planId);
        Plan plan = jobs.plan(planId);
        journal.write(plan.job().id(), What.PLAN);
        Editions.refuseUnlessSame(edition, plan.version(), words);
        return plan;
    }

    private void refuseUnlessNamed(PlanHead head) {
        if (head.name().isEmpty() || head.name().length() > SHORT_NAME) {
            throw Refused.field("name", "plan-name", words);
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
                                        TypedNumber.within(each.hours(), BigDecimal.ZERO, MOST_HOURS))))
                        .toList());
        return jobs.touch(plan);
    }

    private void refuseUnlessSound(PartOnList part, String field, List<PartOnList> before) {
        String name = part.name().strip();
        if (name.isEmpty() || name.length() > SHORT_NAME || part.mark().length() > SHORT_NAME) {
            throw Refused.field(field + ".name", "part-name", words);
        }
        if (before.stream().anyMatch(each -> each.name().strip().equalsIgnoreCase(name))) {
            throw Refused.field(field + ".name", "part-twice", words);
        }
        if (!part.hours().isBlank()
                && TypedNumber.within(part.hours(), BigDecimal.ZERO, MOST_HOURS).isEmpty()) {
            throw Refused.field(field + ".hours", "bad-hours", words);
        }
    }
}
