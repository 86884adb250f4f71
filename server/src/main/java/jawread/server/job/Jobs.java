package jawread.server.job;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import jawread.core.plan.PlannedFeature;
import jawread.core.walk.Axis;
import jawread.server.access.Person;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The jobs, their plans and their parts. */
@Service
public class Jobs {
    private final JobRepository jobs;
    private final PlanRepository plans;
    private final PlanRevisionRepository revisions;
    private final FeatureRepository features;
    private final PlaceRepository places;
    private final PartRepository parts;
    private final ShopSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    public Jobs(
            JobRepository jobs,
            PlanRepository plans,
            PlanRevisionRepository revisions,
            FeatureRepository features,
            PlaceRepository places,
            PartRepository parts,
            ShopSettings settings,
            Journal journal,
            Clock clock,
            Words words,
            Locks locks) {
        this.jobs = jobs;
        this.plans = plans;
        this.revisions = revisions;
        this.features = features;
        this.places = places;
        this.parts = parts;
        this.settings = settings;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /**
     * Opens a job with the first revision of each of its plans, under the shop's own choices but for those given.
     *
     * @param choices by the setting's code
     * @param newPlans features that are understood
     */
    @Transactional
    public Job open(
            JobHead head,
            Map<String, String> choices,
            boolean demonstration,
            List<NewPlan> newPlans,
            Optional<Person> person) {
        var inForce = settings.forJobs();
        inForce.putAll(choices);
        Job job = jobs.save(new Job(head, inForce, demonstration, clock.instant()));
        locks.madeJob(job.id());
        newPlans.forEach(plan -> add(job, plan, person));
        journal.write(job.id(), What.PLAN);
        return job;
    }

    /** Adds a plan for another kind of part. */
    @Transactional
    public Plan add(Job job, NewPlan newPlan, Optional<Person> person) {
        Instant now = clock.instant();
        int position = plans.findAllByJobIdOrderByPosition(job.id()).size() + 1;
        Plan plan = plans.save(new Plan(job, position, newPlan.head()));
        List<Feature> editions = newPlan.features().stream()
                .map(typed -> edition(plan, UUID.randomUUID(), PlannedFeature.of(typed, job.titleBlock()), person))
                .toList();
        revisions.save(new PlanRevision(plan, 1, now, editions));
        for (int i = 0; i < newPlan.parts().size(); i++) {
            parts.save(new Part(plan, i + 1, newPlan.parts().get(i)));
        }
        return plan;
    }

    /** Keeps another edition of a feature, or the first of a new one; it stands in no revision yet. */
    @Transactional
    public Feature edition(Plan plan, UUID key, PlannedFeature planned, Optional<Person> person) {
        Feature edition = features.save(new Feature(plan, key, planned, person, clock.instant()));
        edition.allPlaces().forEach(places::save);
        return edition;
    }

    /** Makes the next revision of a plan that was read against. */
    @Transactional
    public PlanRevision revise(PlanRevision before, List<Feature> now) {
        return revisions.saveAndFlush(new PlanRevision(before.plan(), before.number() + 1, clock.instant(), now));
    }

    /** Writes down what a revision says that nobody has read against. */
    @Transactional
    public PlanRevision list(PlanRevision revision, List<Feature> now) {
        revision.list(now);
        return revisions.saveAndFlush(revision);
    }

    /** Writes the head of a job, and the choices in force there. */
    @Transactional
    public Job write(Job job, JobHead head, Map<Setting, String> choices) {
        job.write(head);
        choices.forEach(job::choose);
        return jobs.saveAndFlush(job);
    }

    /** Puts a job away, or takes it out again. */
    @Transactional
    public Job archive(Job job, boolean away) {
        job.archive(away ? clock.instant() : null);
        return jobs.saveAndFlush(job);
    }

    @Transactional
    public Plan write(Plan plan, PlanHead head) {
        plan.write(head);
        return plans.saveAndFlush(plan);
    }

    /** A part on the list of a plan: one that is there already, or a new one. */
    public record ListedPart(Optional<Long> id, PartHead head) {}

    /** Writes the list of a plan's parts, in this order; what is no longer on it is taken off. */
    @Transactional
    public void listParts(Plan plan, List<ListedPart> list) {
        List<Part> before = partsOf(plan);
        before.stream()
                .filter(part -> list.stream()
                        .noneMatch(
                                each -> each.id().filter(id -> id == part.id()).isPresent()))
                .forEach(part -> part.remove(clock.instant()));
        for (int i = 0; i < list.size(); i++) {
            ListedPart each = list.get(i);
            Optional<Part> there = each.id()
                    .flatMap(id ->
                            before.stream().filter(part -> part.id() == id).findFirst());
            if (there.isPresent()) {
                there.get().write(i + 1, each.head());
            } else {
                parts.save(new Part(plan, i + 1, each.head()));
            }
        }
    }

    /** Says that something under a plan changed that does not stand in its own row, so that its edition is another. */
    @Transactional
    public Plan touch(Plan plan) {
        plan.touch();
        return plans.saveAndFlush(plan);
    }

    @Transactional(readOnly = true)
    public boolean areNone() {
        return jobs.count() == 0;
    }

    /** Those not put away, what was touched last first. */
    @Transactional(readOnly = true)
    public List<Job> open() {
        return jobs.findOpenByLastTouched();
    }

    /** Those put away too, the last opened first. */
    @Transactional(readOnly = true)
    public List<Job> all() {
        return jobs.findAllByOrderByIdDesc();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Job job(long id) {
        return jobs.findById(id).orElseThrow(notFound("no-such-job"));
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Plan plan(long id) {
        return plans.findById(id).orElseThrow(notFound("no-such-plan"));
    }

    @Transactional(readOnly = true)
    public List<Plan> plansOf(Job job) {
        return plans.findAllByJobIdOrderByPosition(job.id());
    }

    /** What a plan says now. */
    @Transactional(readOnly = true)
    public PlanRevision newest(Plan plan) {
        return revisions.findFirstByPlanIdOrderByNumberDesc(plan.id()).orElseThrow();
    }

    /**
     * The newest revision that holds this edition of a feature; the plan may have gone on without it. Refuses with 409 one
     * that was replaced before anything was read against it: there is no revision that it could be read against.
     */
    @Transactional(readOnly = true)
    public PlanRevision revisionWith(Feature feature) {
        return revisions.findAllWith(feature.id()).stream()
                .findFirst()
                .orElseThrow(() -> Refused.of(HttpStatus.CONFLICT, "plan-went-on", words.say("problem.plan-went-on")));
    }

    @Transactional(readOnly = true)
    public List<Part> partsOf(Plan plan) {
        return parts.findAllInForce(plan.id());
    }

    /** Those that bear the same mark, whatever its case, in whatever job; the oldest job first. */
    @Transactional(readOnly = true)
    public List<Part> partsMarked(String mark) {
        return parts.findAllMarked(mark);
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Part part(long id) {
        return parts.findById(id).orElseThrow(notFound("no-such-part"));
    }

    /**
     * An edition of a feature that this part is, or was, measured by. Refuses any other, and what no gauge is put to, with
     * 404.
     */
    @Transactional(readOnly = true)
    public Feature featureOf(Part part, long featureId) {
        return features.findById(featureId)
                .filter(feature -> feature.plan().id() == part.plan().id())
                .filter(Feature::canBeMeasured)
                .orElseThrow(notFound("no-such-feature"));
    }

    /**
     * Takes another axis at some sections of a feature on one part, besides those of the plan; once, however often it is asked.
     * Nothing that was read changes.
     *
     * @return its number in the job; empty when the axis was there
     */
    @Transactional
    public Optional<Long> takeAxis(Part part, Feature feature, Axis axis, Collection<String> sections, Person person) {
        List<Place> added = feature.across(axis, sections, part, person, clock.instant());
        if (added.isEmpty()) {
            return Optional.empty();
        }
        long seq = journal.write(part.job().id(), What.PLAN);
        added.forEach(places::save);
        return Optional.of(seq);
    }

    /** A place of this feature on this part. Refuses any other with 404. */
    @Transactional(readOnly = true)
    public Place placeOf(Part part, Feature feature, long placeId) {
        return feature.places(part).stream()
                .filter(place -> place.id() == placeId)
                .findFirst()
                .orElseThrow(notFound("no-such-place"));
    }

    private Supplier<Refused> notFound(String code) {
        return () -> Refused.of(HttpStatus.NOT_FOUND, code, words.say("problem." + code));
    }
}
