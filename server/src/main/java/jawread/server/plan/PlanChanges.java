package jawread.server.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.length.Refusal;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.TypedFeature;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.plan.PlanChange.Put;
import jawread.server.plan.PlanChange.Remove;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes plans, and knows how to take each change back. */
@Service
public class PlanChanges {
    /** More than any part has; a pasted file of the wrong kind has more. */
    private static final int MOST_FEATURES = 2000;

    private static final String CHANGED = "plan-changed";

    private final People people;
    private final Jobs jobs;
    private final Journal journal;
    private final Words words;
    private final JobLocks locks;
    private final FeatureTrail trail;
    private final ReadingsUnderPlan readings;

    public PlanChanges(
            People people,
            Jobs jobs,
            Journal journal,
            Words words,
            JobLocks locks,
            FeatureTrail trail,
            ReadingsUnderPlan readings) {
        this.people = people;
        this.jobs = jobs;
        this.journal = journal;
        this.words = words;
        this.locks = locks;
        this.trail = trail;
        this.readings = readings;
    }

    /**
     * What was done.
     *
     * @param seq its number in the job
     * @param changed editions that were not in the plan before
     * @param newRevision whether something had been read against the one before
     * @param moved the readings that it left aside, and those that count again
     */
    public record Done(
            long seq,
            PlanRevision revision,
            List<Feature> changed,
            PlanChange undo,
            boolean newRevision,
            ReadingsMoved moved) {}

    /**
     * Does a change. Refuses a feature that is not understood with 422, the name of the field and the feature's key as hint;
     * one that somebody else has changed meanwhile with 412 and what they did, its edition now as hint: none where it is gone; one that
     * leaves readings aside with 409 and how many as hint, unless that is how many the person was told of.
     */
    @Transactional
    public Done make(long planId, PlanChange change, Person person) {
        long job = locks.ofPlan(planId);
        Plan plan = jobs.plan(planId);
        PlanRevision before = jobs.newest(plan);
        var standing = new Standing(before.features());
        var undo = new Undo(standing.order());
        var changed = new ArrayList<Feature>();
        for (Remove remove : change.removes()) {
            Feature gone = standing.looked(remove.key(), remove.edition());
            undo.puts.add(new Put(gone.key(), null, standing.order().indexOf(gone.key()), gone.asTyped()));
            standing.byKey.remove(gone.key());
            trail.removed(plan, gone);
        }
        for (Put put : change.puts()) {
            put(put, plan, standing, undo, person).ifPresent(changed::add);
        }
        if (standing.byKey.size() > MOST_FEATURES) {
            throw Refused.field("features", "too-many-features", words);
        }
        List<Feature> now = standing.inOrder(Optional.ofNullable(change.order()));
        trail.moved(plan, before.features(), now);
        ReadingsMoved moved = readings.movedBy(plan, before.features(), now);
        if (moved.aside() > 0 && !Integer.valueOf(moved.aside()).equals(change.aside())) {
            throw Refused.at(HttpStatus.CONFLICT, moved.refusal(), "features", moved.warning(words));
        }
        boolean newRevision = before.isFixed() && !now.equals(before.features());
        PlanRevision revision = newRevision ? jobs.revise(before, now) : jobs.list(before, now);
        long seq = journal.write(job, What.PLAN);
        return new Done(seq, revision, changed, undo.change(now), newRevision, moved);
    }

    /**
     * Understands every feature of a job under its title block as it now stands: a size that has none of its own takes the new
     * tolerance, in the next revision where the plan was read against. Refuses with 422 a block under which one would have none.
     */
    @Transactional
    public void restate(Job job, Person person) {
        for (Plan plan : jobs.plansOf(job)) {
            PlanRevision before = jobs.newest(plan);
            List<Feature> now = before.features().stream()
                    .map(feature -> restated(feature, plan, person))
                    .toList();
            if (!now.equals(before.features())) {
                if (before.isFixed()) {
                    jobs.revise(before, now);
                } else {
                    jobs.list(before, now);
                }
            }
        }
    }

    /** The feature itself where the title block says nothing of it. */
    private Feature restated(Feature feature, Plan plan, Person person) {
        PlannedFeature planned = PlannedFeature.of(feature.asTyped(), plan.job().titleBlock());
        if (!planned.isUnderstood()) {
            throw Refused.field(
                    "general-tolerance",
                    Refusal.of("tolerance-needed"),
                    words.say(
                            "problem.tolerance-needed",
                            Map.of(
                                    "name",
                                    feature.name(),
                                    "limits",
                                    feature.asTyped().limits())));
        }
        return planned.judgedBy().equals(feature.planned().judgedBy())
                ? feature
                : jobs.edition(plan, feature.key(), planned, Optional.of(person));
    }

    private Optional<Feature> put(Put asked, Plan plan, Standing standing, Undo undo, Person person) {
        var put = new Put(asked.key(), asked.edition(), asked.at(), plan.job().typed(asked.typed()));
        Feature old = standing.byKey.get(put.key());
        if (put.edition() != null) {
            old = standing.looked(put.key(), put.edition());
        } else if (old != null && !old.asTyped().equals(put.typed())) {
            throw Refused.keptOtherwise(words);
        }
        if (old != null && old.asTyped().equals(put.typed())) {
            return Optional.empty();
        }
        Feature edition = jobs.edition(plan, put.key(), understood(put, plan.job()), Optional.of(person));
        if (old == null) {
            undo.removes.add(new Remove(edition.key(), edition.id()));
            standing.insert(edition, Optional.ofNullable(put.at()));
            trail.added(plan, edition);
        } else {
            undo.puts.add(new Put(edition.key(), edition.id(), null, old.asTyped()));
            standing.byKey.put(edition.key(), edition);
            trail.changed(plan, old, edition);
        }
        return Optional.of(edition);
    }

    private PlannedFeature understood(Put put, Job job) {
        PlannedFeature planned = PlannedFeature.of(put.typed(), job.titleBlock());
        planned.refusals().entrySet().stream().findFirst().ifPresent(first -> {
            throw Refused.field(
                    first.getKey(),
                    first.getValue().with("hint", put.key().toString()),
                    words.say(first.getValue(), job.unit()));
        });
        return planned;
    }

    /** The features of a plan while it is being changed, in their order. */
    private final class Standing {
        private final List<UUID> order = new ArrayList<>();
        private final Map<UUID, Feature> byKey = new LinkedHashMap<>();

        private Standing(List<Feature> features) {
            features.forEach(feature -> {
                order.add(feature.key());
                byKey.put(feature.key(), feature);
            });
        }

        private List<UUID> order() {
            return order.stream().filter(byKey::containsKey).toList();
        }

        /** The feature, if it is the edition that was looked at; else says who did what to it meanwhile. */
        private Feature looked(UUID key, long edition) {
            Feature now = byKey.get(key);
            if (now == null) {
                throw meanwhile(key, Refusal.of(CHANGED), words.say("plan.meanwhile.gone"));
            }
            if (now.id() != edition) {
                throw meanwhile(key, Refusal.of(CHANGED).with("hint", String.valueOf(now.id())), whatChanged(now));
            }
            return now;
        }

        private void insert(Feature feature, Optional<Integer> at) {
            List<UUID> present = order();
            int index = at.filter(where -> where >= 0 && where < present.size())
                    .map(where -> order.indexOf(present.get(where)))
                    .orElse(order.size());
            order.add(index, feature.key());
            byKey.put(feature.key(), feature);
        }

        /** Keys that the wanted order leaves out stay behind those it names. */
        private List<Feature> inOrder(Optional<List<UUID>> wanted) {
            var keys = new LinkedHashSet<>(wanted.orElse(List.of()));
            keys.addAll(order());
            return keys.stream().filter(byKey::containsKey).map(byKey::get).toList();
        }
    }

    private Refused meanwhile(UUID key, Refusal refusal, String sentence) {
        return Refused.at(HttpStatus.PRECONDITION_FAILED, refusal, key.toString(), sentence);
    }

    private String whatChanged(Feature now) {
        String who = now.madeBy().map(people::nameOf).orElse(words.say("plan.somebody"));
        TypedFeature typed = now.asTyped();
        return words.say("plan.meanwhile.changed", Map.of("who", who, "name", typed.name(), "limits", typed.limits()));
    }

    /** The change that takes another back, gathered while that is done. */
    private static final class Undo {
        private final List<UUID> orderBefore;
        private final List<Put> puts = new ArrayList<>();
        private final List<Remove> removes = new ArrayList<>();

        private Undo(List<UUID> orderBefore) {
            this.orderBefore = orderBefore;
        }

        private PlanChange change(List<Feature> now) {
            boolean moved = !orderBefore.equals(now.stream().map(Feature::key).toList());
            return new PlanChange(puts, removes, moved ? orderBefore : null, null);
        }
    }
}
