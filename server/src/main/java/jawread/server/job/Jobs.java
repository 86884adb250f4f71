package jawread.server.job;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.length.Length;
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
    private final FeatureEditions editions;
    private final Lineages lineages;
    private final ShopSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    Jobs(
            JobRepository jobs,
            PlanRepository plans,
            PlanRevisionRepository revisions,
            FeatureRepository features,
            PlaceRepository places,
            PartRepository parts,
            FeatureEditions editions,
            Lineages lineages,
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
        this.editions = editions;
        this.lineages = lineages;
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
            JobHead head, Map<String, String> choices, JobUse use, List<NewPlan> newPlans, Optional<Person> person) {
        var inForce = settings.forJobs();
        inForce.putAll(choices);
        Job job = jobs.save(new JobRow(head, inForce, use, clock.instant())).job();
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
        PlanRow row = plans.save(new PlanRow(row(job), position, newPlan.head()));
        Plan plan = row.plan();
        List<Feature> all = newPlan.features().stream()
                .map(each -> edition(
                        plan,
                        UUID.randomUUID(),
                        each.origin(),
                        PlannedFeature.of(job.typed(each.typed()), job.titleBlock()),
                        person))
                .toList();
        revisions.save(new PlanRevisionRow(row, 1, now, rows(all)));
        for (int i = 0; i < newPlan.parts().size(); i++) {
            parts.save(new PartRow(row, i + 1, newPlan.parts().get(i)));
        }
        return plan;
    }

    /** Keeps another edition of a feature, or the first of a new one; it stands in no revision yet. */
    @Transactional
    public Feature edition(Plan plan, UUID key, PlannedFeature planned, Optional<Person> person) {
        Optional<UUID> origin =
                features.findFirstByPlanIdAndKeyOrderById(plan.id(), key).flatMap(FeatureRow::origin);
        return edition(plan, key, origin, planned, person);
    }

    private Feature edition(
            Plan plan, UUID key, Optional<UUID> origin, PlannedFeature planned, Optional<Person> person) {
        FeatureRow edition = features.save(new FeatureRow(row(plan), key, origin, planned, person, clock.instant()));
        var there = new ArrayList<Place>();
        planned.places()
                .ifPresent(all -> all.inOrder()
                        .forEach(place -> there.add(
                                places.save(new PlaceRow(edition.id(), there.size() + 1, all.nameOf(place), place))
                                        .place())));
        return edition.feature(planned, there);
    }

    private JobRow row(Job job) {
        return jobs.findById(job.id()).orElseThrow();
    }

    private PlanRow row(Plan plan) {
        return plans.findById(plan.id()).orElseThrow();
    }

    private PlanRevisionRow row(PlanRevision revision) {
        return revisions.findById(revision.id()).orElseThrow();
    }

    private List<FeatureRow> rows(List<Feature> editions) {
        return editions.stream()
                .map(edition -> features.findById(edition.id()).orElseThrow())
                .toList();
    }

    private PlanRevision revision(PlanRevisionRow row) {
        return row.revision(editions.of(row.features()));
    }

    /** Makes the next revision of a plan that was read against. */
    @Transactional
    public PlanRevision revise(PlanRevision before, List<Feature> now) {
        return revision(revisions.saveAndFlush(
                new PlanRevisionRow(row(before.plan()), before.number() + 1, clock.instant(), rows(now))));
    }

    /** Writes down what a revision says that nobody has read against. */
    @Transactional
    public PlanRevision list(PlanRevision revision, List<Feature> now) {
        PlanRevisionRow row = row(revision);
        row.list(rows(now));
        return revision(revisions.saveAndFlush(row));
    }

    /** Writes the head of a job, and the choices in force there. */
    @Transactional
    public Job write(Job job, JobHead head, Map<Setting, String> choices) {
        JobRow row = row(job);
        row.write(head);
        choices.forEach(row::choose);
        return jobs.saveAndFlush(row).job();
    }

    /** Puts a job away, or takes it out again. */
    @Transactional
    public Job archive(Job job, boolean away) {
        JobRow row = row(job);
        row.archive(away ? clock.instant() : null);
        return jobs.saveAndFlush(row).job();
    }

    @Transactional
    public Plan write(Plan plan, PlanHead head) {
        PlanRow row = row(plan);
        row.write(head);
        return plans.saveAndFlush(row).plan();
    }

    /** A part on the list of a plan: one that is there already, or a new one. */
    public record ListedPart(Optional<Long> id, PartHead head) {}

    /** Writes the list of a plan's parts, in this order; what is no longer on it is taken off. */
    @Transactional
    public void listParts(Plan plan, List<ListedPart> list) {
        List<PartRow> before = parts.findAllInForce(plan.id());
        before.stream()
                .filter(part -> list.stream()
                        .noneMatch(
                                each -> each.id().filter(id -> id == part.id()).isPresent()))
                .forEach(part -> part.remove(clock.instant()));
        for (int i = 0; i < list.size(); i++) {
            ListedPart each = list.get(i);
            Optional<PartRow> there = each.id()
                    .flatMap(id ->
                            before.stream().filter(part -> part.id() == id).findFirst());
            if (there.isPresent()) {
                there.get().write(i + 1, each.head());
            } else {
                parts.save(new PartRow(row(plan), i + 1, each.head()));
            }
        }
    }

    /** Says that something under a plan changed that does not stand in its own row, so that its edition is another. */
    @Transactional
    public Plan touch(Plan plan) {
        PlanRow row = row(plan);
        row.touch();
        return plans.saveAndFlush(row).plan();
    }

    @Transactional(readOnly = true)
    public boolean areNone() {
        return jobs.count() == 0;
    }

    /** Those not put away, what was touched last first. */
    @Transactional(readOnly = true)
    public List<Job> open() {
        return jobs.findOpenByLastTouched().stream().map(JobRow::job).toList();
    }

    /** Those put away too, the last opened first. */
    @Transactional(readOnly = true)
    public List<Job> all() {
        return jobs.findAllByOrderByIdDesc().stream().map(JobRow::job).toList();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Job job(long id) {
        return jobs.findById(id).map(JobRow::job).orElseThrow(notFound("no-such-job"));
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Plan plan(long id) {
        return plans.findById(id).map(PlanRow::plan).orElseThrow(notFound("no-such-plan"));
    }

    @Transactional(readOnly = true)
    public List<Plan> plansOf(Job job) {
        return plans.findAllByJobIdOrderByPosition(job.id()).stream()
                .map(PlanRow::plan)
                .toList();
    }

    /** What a plan says now. */
    @Transactional(readOnly = true)
    public PlanRevision newest(Plan plan) {
        return revisions
                .findFirstByPlanIdOrderByNumberDesc(plan.id())
                .map(this::revision)
                .orElseThrow();
    }

    /**
     * The newest revision that holds this edition of a feature; the plan may have gone on without it. Refuses with 409 one
     * that was replaced before anything was read against it: there is no revision that it could be read against.
     */
    @Transactional(readOnly = true)
    public PlanRevision revisionWith(Feature feature) {
        return revision(rowWith(feature));
    }

    /**
     * Something is read against the newest revision that holds this edition of a feature: from now on it says the same for ever. Refused as
     * {@link #revisionWith} refuses.
     *
     * @return the number it is kept under
     */
    @Transactional
    public long fixRevisionWith(Feature feature) {
        PlanRevisionRow revision = rowWith(feature);
        revision.fix(clock.instant());
        return revision.id();
    }

    /**
     * The same for what is read under an edition that may have been replaced before anything was read against it: then the newest revision
     * is, which it counts under.
     */
    @Transactional
    public long fixRevisionWith(Feature feature, PlanRevision judging) {
        PlanRevisionRow revision =
                revisions.findAllWith(feature.id()).stream().findFirst().orElseGet(() -> row(judging));
        revision.fix(clock.instant());
        return revision.id();
    }

    private PlanRevisionRow rowWith(Feature feature) {
        return revisions.findAllWith(feature.id()).stream()
                .findFirst()
                .orElseThrow(() -> Refused.of(HttpStatus.CONFLICT, "plan-went-on", words.say("problem.plan-went-on")));
    }

    /** How all editions of its plan's features hang together with those of a revision. */
    @Transactional(readOnly = true)
    public Lineage lineage(PlanRevision revision) {
        return lineages.of(revision.plan().id(), revision.features());
    }

    /** The same as if a plan said something else. */
    @Transactional(readOnly = true)
    public Lineage lineage(Plan plan, List<Feature> features) {
        return lineages.of(plan.id(), features);
    }

    @Transactional(readOnly = true)
    public List<Part> partsOf(Plan plan) {
        return parts.findAllInForce(plan.id()).stream().map(PartRow::part).toList();
    }

    /** Those that bear the same mark, whatever its case, in whatever job; the oldest job first. */
    @Transactional(readOnly = true)
    public List<Part> partsMarked(String mark) {
        return parts.findAllMarked(mark).stream().map(PartRow::part).toList();
    }

    /** Of these those that are on the list of their plan; the oldest job first. */
    @Transactional(readOnly = true)
    public List<Part> partsListed(Collection<Long> ids) {
        return parts.findAllListed(ids).stream().map(PartRow::part).toList();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Part part(long id) {
        return parts.findById(id).map(PartRow::part).orElseThrow(notFound("no-such-part"));
    }

    /**
     * An edition of a feature that this part is, or was, measured by. Refuses any other, and what no gauge is put to, with
     * 404.
     */
    @Transactional(readOnly = true)
    public Feature featureOf(Part part, long featureId) {
        return features.findById(featureId)
                .filter(feature -> feature.plan() == part.plan().id())
                .map(editions::of)
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
        List<PlaceRow> added = across(axis, sections, part, feature, person);
        if (added.isEmpty()) {
            return Optional.empty();
        }
        long seq = journal.write(part.job().id(), What.PLAN);
        added.forEach(places::save);
        return Optional.of(seq);
    }

    /**
     * Takes a place that a hand found on one part, besides those of the plan; once, however often it is asked.
     *
     * @param called as no other place of the feature is on that part
     * @param across empty where nobody said at which angle it lies
     * @return its number in the job; empty when it was there
     */
    @Transactional
    public Optional<Long> takeByHand(
            Part part, Feature feature, String called, Optional<Length> depth, Optional<Axis> across, Person person) {
        if (feature.every().stream()
                .anyMatch(place -> place.isOf(part.id()) && place.name().equals(called))) {
            return Optional.empty();
        }
        long seq = journal.write(part.job().id(), What.PLAN);
        int position = feature.every().size() + 1;
        places.save(new PlaceRow(feature.id(), called, depth, across, position, part.id(), person, clock.instant()));
        return Optional.of(seq);
    }

    /** The same sections across another axis on one part; sections that have it already are left out. */
    private List<PlaceRow> across(Axis axis, Collection<String> sections, Part part, Feature feature, Person person) {
        var added = new ArrayList<PlaceRow>();
        for (String section : sections) {
            List<Place> there = feature.places(part.id()).stream()
                    .filter(place -> place.section().equals(section))
                    .toList();
            boolean isThere = there.stream().anyMatch(place -> place.degrees().compareTo(axis.degrees()) == 0);
            if (!there.isEmpty() && !isThere) {
                int position = feature.every().size() + added.size() + 1;
                added.add(new PlaceRow(feature.id(), there.get(0), position, axis, part.id(), person, clock.instant()));
            }
        }
        return added;
    }

    /** A place on this part of any of these editions of a feature. Refuses any other with 404. */
    @Transactional(readOnly = true)
    public Place placeOf(Part part, List<Feature> editions, long placeId) {
        return editions.stream()
                .flatMap(feature -> feature.places(part.id()).stream())
                .filter(place -> place.id() == placeId)
                .findFirst()
                .orElseThrow(notFound("no-such-place"));
    }

    /** What a place of any edition is called, with its feature. */
    @Transactional(readOnly = true)
    public String calledOf(long place) {
        return places.findById(place)
                .map(row -> features.findById(row.feature()).orElseThrow().name() + ", "
                        + row.place().name())
                .orElseThrow(notFound("no-such-place"));
    }

    private Supplier<Refused> notFound(String code) {
        return () -> Refused.of(HttpStatus.NOT_FOUND, code, words.say("problem." + code));
    }
}
