package jawread.server.job;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.function.Supplier;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The jobs, their plans and their parts. */
@Service
public class Jobs {
    private final JobRepository jobs;
    private final PlanRevisionRepository plans;
    private final PartRepository parts;
    private final Clock clock;
    private final Words words;

    public Jobs(JobRepository jobs, PlanRevisionRepository plans, PartRepository parts, Clock clock, Words words) {
        this.jobs = jobs;
        this.plans = plans;
        this.parts = parts;
        this.clock = clock;
        this.words = words;
    }

    /** Opens a job with the first revision of its plan. */
    @Transactional
    public Job open(NewJob newJob) {
        Instant now = clock.instant();
        Job job = jobs.save(new Job(newJob, now));
        var plan = new PlanRevision(job, 1, now);
        newJob.features().forEach(plan::add);
        plans.save(plan);
        for (int i = 0; i < newJob.parts().size(); i++) {
            parts.save(new Part(plan, i + 1, newJob.parts().get(i)));
        }
        return job;
    }

    @Transactional(readOnly = true)
    public boolean areNone() {
        return jobs.count() == 0;
    }

    /** The last opened first. */
    @Transactional(readOnly = true)
    public List<Job> all() {
        return jobs.findAllByOrderByOpenedAtDescIdDesc();
    }

    /** The newest plan of a job. */
    @Transactional(readOnly = true)
    public PlanRevision planOf(Job job) {
        return plans.findFirstByJobIdOrderByNumberDesc(job.id()).orElseThrow();
    }

    @Transactional(readOnly = true)
    public List<Part> partsOf(PlanRevision plan) {
        return parts.findAllByPlanRevisionIdOrderByPosition(plan.id());
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Part part(long id) {
        return parts.findById(id).orElseThrow(notFound("no-such-part"));
    }

    /** A feature of the plan that this part is measured by. Refuses any other with 404. */
    @Transactional(readOnly = true)
    public Feature featureOf(Part part, long featureId) {
        return part.planRevision().features().stream()
                .filter(feature -> feature.id() == featureId)
                .findFirst()
                .orElseThrow(notFound("no-such-feature"));
    }

    /** A place of this feature. Refuses any other with 404. */
    @Transactional(readOnly = true)
    public Place placeOf(Feature feature, long placeId) {
        return feature.places().stream()
                .filter(place -> place.id() == placeId)
                .findFirst()
                .orElseThrow(notFound("no-such-place"));
    }

    private Supplier<Refused> notFound(String code) {
        return () -> Refused.of(HttpStatus.NOT_FOUND, code, words.say("problem." + code));
    }
}
