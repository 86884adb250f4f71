package jawread.server.job;

import java.util.stream.Stream;
import jawread.server.storage.Locks;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Takes the lock of a job by what is known of it. Whose a part or a plan is never changes, so that it is asked before. */
@Component
public class JobLocks {
    private static final Kind<Long, Long> JOB_OF_PART = Kind.small("job of part");
    private static final Kind<Long, Long> JOB_OF_PLAN = Kind.small("job of plan");

    private final Snapshots snapshots;
    private final Locks locks;
    private final PartRepository parts;
    private final PlanRepository plans;
    private final Words words;

    JobLocks(Snapshots snapshots, Locks locks, PartRepository parts, PlanRepository plans, Words words) {
        this.snapshots = snapshots;
        this.locks = locks;
        this.parts = parts;
        this.plans = plans;
        this.words = words;
    }

    public void ofJob(long job) {
        locks.jobs(Stream.of(job));
    }

    public void ofJobs(Stream<Long> jobs) {
        locks.jobs(jobs);
    }

    /** Refuses an unknown part with 404. @param gauges that it is read with, whose locks come before the job's */
    public void ofPart(long part, Stream<Long> gauges) {
        locks.gaugesAndJob(gauges, jobOf(part));
    }

    /** @param gauges that it is read with, whose locks come before the job's */
    public void ofJobWith(long job, Stream<Long> gauges) {
        locks.gaugesAndJob(gauges, job);
    }

    /** Refuses an unknown part with 404. @return the job */
    public long ofPart(long part) {
        long job = jobOf(part);
        ofJob(job);
        return job;
    }

    /** Whose a part is, which never changes. Refuses an unknown part with 404. */
    public long jobOf(long part) {
        return snapshots.forEver(
                JOB_OF_PART, part, () -> parts.findJobOf(part).orElseThrow(() -> refused("no-such-part")));
    }

    /** Refuses an unknown plan with 404. @return the job */
    public long ofPlan(long plan) {
        long job = snapshots.forEver(
                JOB_OF_PLAN, plan, () -> plans.findJobOf(plan).orElseThrow(() -> refused("no-such-plan")));
        ofJob(job);
        return job;
    }

    private Refused refused(String code) {
        return Refused.of(HttpStatus.NOT_FOUND, code, words.say("problem." + code));
    }
}
