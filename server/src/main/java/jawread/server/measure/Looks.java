package jawread.server.measure;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.live.Journal;
import jawread.server.live.What;
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

    public Looks(
            LookRepository looks, CautionTickRepository ticks, Jobs jobs, Journal journal, Clock clock, Words words) {
        this.looks = looks;
        this.ticks = ticks;
        this.jobs = jobs;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /**
     * Keeps what was seen, once. Refuses a word that is none, a note over 400 characters, a feature that is measured rather
     * than looked at, and another look under the same id.
     */
    @Transactional
    public void keep(UUID id, long partId, long featureId, String found, String note, Person person) {
        Look.Found seen = Look.Found.of(found).orElseThrow(() -> Refused.field("found", "bad-look", words));
        if (note.length() > LONGEST_NOTE) {
            throw Refused.field("note", "long-note", words);
        }
        Optional<Look> before = looks.findById(id);
        if (before.isPresent()) {
            if (before.get().partId() != partId
                    || before.get().featureId() != featureId
                    || before.get().found() != seen) {
                throw Refused.keptOtherwise(words);
            }
            return;
        }
        Part part = jobs.part(partId);
        Feature item = jobs.newest(part.plan()).lookedAt().stream()
                .filter(feature -> feature.id() == featureId)
                .findFirst()
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-feature", words.say("problem.no-such-feature")));
        journal.write(part.job().id(), What.LOOK);
        jobs.revisionWith(item).fix(clock.instant());
        looks.save(new Look(id, part, item, seen, note.strip(), person, clock.instant()));
    }

    /** The cautions of a job that a person has not yet ticked, in the order of the catalogue. */
    @Transactional(readOnly = true)
    public List<Caution> cautionsDue(Job job, Person person) {
        List<String> chosen = List.of(job.choiceOf(Setting.CAUTIONS).split(" "));
        List<String> ticked = ticks.findAllByJobIdAndPersonId(job.id(), person.id()).stream()
                .map(CautionTick::caution)
                .toList();
        return Arrays.stream(Caution.values())
                .filter(caution -> chosen.contains(caution.code()) && !ticked.contains(caution.code()))
                .toList();
    }

    /** Ticks a caution off; once more changes nothing. */
    @Transactional
    public void tick(UUID id, long jobId, String code, Person person) {
        Caution caution = Caution.of(code).orElseThrow(() -> Refused.field("caution", "no-such-caution", words));
        Job job = jobs.job(jobId);
        journal.write(jobId, What.LOOK);
        if (cautionsDue(job, person).contains(caution)) {
            ticks.save(new CautionTick(id, job, caution.code(), person, clock.instant()));
        }
    }
}
