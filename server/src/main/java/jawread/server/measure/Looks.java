package jawread.server.measure;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Look;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.job.Job;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.settings.Caution;
import jawread.server.settings.Setting;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looking first: what is seen of a part, and which cautions have been taken in. */
@Service
public class Looks {
    private static final int LONGEST_NOTE = 400;
    private final LookRepository looks;
    private final CautionTickRepository ticks;
    private final Jobs jobs;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;
    private final PlansInForce plans;
    private final Drawer drawer;

    public Looks(
            LookRepository looks,
            CautionTickRepository ticks,
            Jobs jobs,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks,
            PlansInForce plans,
            Drawer drawer) {
        this.drawer = drawer;
        this.looks = looks;
        this.ticks = ticks;
        this.jobs = jobs;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
        this.plans = plans;
    }

    /**
     * What was seen of an item, or what a thread gauge did there.
     *
     * @param id made by the browser, so that sending it twice keeps it once
     * @param found ok, not-ok or not-seen
     * @param gauge that a thread was tried with; empty where it was looked at
     */
    public record KeepLook(UUID id, long part, long feature, String found, Optional<Long> gauge, String note) {}

    /**
     * Keeps what was seen, once. Refuses a word that is none, a note over 400 characters, a feature that is measured rather
     * than looked at, a gauge that is for no thread or may not measure, and another look under the same id.
     */
    @Transactional
    public Receipt keep(KeepLook look, Person person) {
        locks.ofPart(look.part());
        Look.Found seen = Look.Found.of(look.found()).orElseThrow(() -> Refused.field("found", "bad-look", words));
        if (look.note().length() > LONGEST_NOTE) {
            throw Refused.field("note", "long-note", words);
        }
        Optional<LookRow> before = looks.findById(look.id());
        if (before.isPresent()) {
            if (before.get().partId() != look.part()
                    || before.get().featureId() != look.feature()
                    || before.get().found() != seen
                    || !before.get().gauge().equals(look.gauge())) {
                throw Refused.keptOtherwise(words);
            }
            return Receipt.before(look.id());
        }
        look.gauge().map(drawer::byId).ifPresent(gauge -> {
            if (!gauge.kind().isForThreads() || !gauge.mayMeasure()) {
                throw Refused.field("gauge", "no-thread-gauge", words);
            }
        });
        Part part = jobs.part(look.part());
        PlanRevision newest = plans.newest(part.plan());
        // A page that was loaded before the plan was changed names the edition that it knew.
        UUID key = plans.lineage(newest).editions().get(look.feature());
        Feature item = newest.lookedAt().stream()
                .filter(feature -> feature.key().equals(key))
                .findFirst()
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-feature", words.say("problem.no-such-feature")));
        jobs.fixRevisionWith(item);
        long seq = journal.write(part.job().id(), What.LOOK);
        looks.save(new LookRow(look, seen, person, clock.instant()));
        return Receipt.now(look.id(), seq);
    }

    /** The cautions of a job that a person has not yet ticked, in the order of the catalogue. */
    @Transactional(readOnly = true)
    public List<Caution> cautionsDue(Job job, Person person) {
        List<String> chosen = List.of(job.choiceOf(Setting.CAUTIONS).split(" "));
        List<String> ticked = ticks.findAllByJobIdAndPerson(job.id(), person.id()).stream()
                .map(CautionTickRow::caution)
                .toList();
        return Arrays.stream(Caution.values())
                .filter(caution -> chosen.contains(caution.code()) && !ticked.contains(caution.code()))
                .toList();
    }

    /** Ticks a caution off; once more changes nothing. */
    @Transactional
    public Receipt tick(UUID id, long jobId, String code, Person person) {
        locks.ofJob(jobId);
        Caution caution = Caution.of(code).orElseThrow(() -> Refused.field("caution", "no-such-caution", words));
        Job job = jobs.job(jobId);
        if (!cautionsDue(job, person).contains(caution)) {
            return Receipt.before(id);
        }
        long seq = journal.write(jobId, What.LOOK);
        ticks.save(new CautionTickRow(id, job, caution.code(), person, clock.instant()));
        return Receipt.now(id, seq);
    }
}
