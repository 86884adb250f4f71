package jawread.server.measure;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import jawread.core.assess.ReadingMark;
import jawread.core.assess.ReadingMark.Answer;
import jawread.core.length.Length;
import jawread.core.misread.KeptReading;
import jawread.core.misread.Slips;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.job.JobLocks;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Strikes, notes, and readings put right that were taken at each other's place. */
@Service
public class Marks {
    private static final int LONGEST_REASON = 200;
    private final ComparatorSettings settings;
    private final Drawer drawer;
    private final ReadingMarkRepository marks;
    private final ReadingSwapRepository swaps;
    private final ReadingRepository readings;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;
    private final Rounds rounds;

    public Marks(
            ComparatorSettings settings,
            Drawer drawer,
            ReadingMarkRepository marks,
            ReadingSwapRepository swaps,
            ReadingRepository readings,
            People people,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks,
            Rounds rounds) {
        this.settings = settings;
        this.drawer = drawer;
        this.marks = marks;
        this.swaps = swaps;
        this.readings = readings;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
        this.rounds = rounds;
    }

    /** @param id made by the browser, so that sending it twice makes it once */
    public record MakeMark(UUID id, UUID reading, ReadingMark.Kind kind, Answer answer, String reason, long person) {}

    /** What is answered, and where the marked reading is. */
    public record Marked(Receipt receipt, long part, long feature) {}

    /**
     * Makes a mark, once. Refuses one without a reason, a second strike of the same reading, and a correction to what neither a slip nor
     * a check accounts for.
     */
    @Transactional
    public Marked make(MakeMark mark) {
        lockJobOf(mark.reading());
        ReadingRow reading = reading(mark.reading());
        Optional<ReadingMarkRow> before = marks.findById(mark.id());
        if (before.isPresent()) {
            if (!isKeptAs(mark, before.get().mark())) {
                throw Refused.keptOtherwise(words);
            }
            return marked(Receipt.before(mark.id()), reading);
        }
        String reason = reason(mark.reason(), words);
        if (mark.kind() == ReadingMark.Kind.CORRECT && !isAccountedFor(mark.answer(), reading)) {
            throw Refused.field("corrected", "no-such-correction", words);
        }
        if (mark.kind() == ReadingMark.Kind.STRIKE
                && marks.existsByReadingIdAndKind(mark.reading(), ReadingMark.Kind.STRIKE)) {
            throw Refused.of(HttpStatus.CONFLICT, "struck-already", words.say("problem.struck-already"));
        }
        Person person = people.byId(mark.person());
        long seq = journal.write(reading.jobId(), What.MARK);
        marks.save(new ReadingMarkRow(mark.id(), reading, mark.kind(), mark.answer(), reason, person, clock.instant()));
        return marked(Receipt.now(mark.id(), seq), reading);
    }

    private boolean isAccountedFor(Answer answer, ReadingRow reading) {
        return answer.shouldBe()
                .filter(length -> length.compareTo(Length.ZERO) > 0)
                .filter(length -> answer.check().isPresent()
                        || answer.slip().stream()
                                .anyMatch(slip -> Slips.explainingOnAnyBase(asKept(reading))
                                        .anyMatch(each -> each.slip() == slip
                                                && each.shouldBe().equals(length))))
                .isPresent();
    }

    private KeptReading asKept(ReadingRow reading) {
        Gauge gauge = drawer.byId(reading.with().read());
        return new KeptReading(
                gauge.scale(),
                settings.byIds(reading.settingId().stream().toList()).stream()
                        .map(ComparatorSetting::size)
                        .findFirst()
                        .orElseGet(() -> reading.base().orElseGet(gauge::base)),
                reading.settingId().isEmpty() ? gauge.bases() : List.of(),
                reading.raw(),
                reading.typed(),
                reading.unit());
    }

    private ReadingRow reading(UUID id) {
        return readings.findById(id)
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-reading", words.say("problem.no-such-reading")));
    }

    private static Marked marked(Receipt receipt, ReadingRow reading) {
        return new Marked(receipt, reading.partId(), reading.round().featureId());
    }

    /** One that is not there is refused by whoever looks for it next. */
    private void lockJobOf(UUID reading) {
        locks.ofJobs(readings.findJobOf(reading).stream());
    }

    /** Takes the locks of all jobs that these readings are of, before any of them is marked. */
    @Transactional
    public Set<Long> lockJobsOf(Collection<UUID> of) {
        Set<Long> jobs = readings.findJobsOf(of);
        locks.ofJobs(jobs.stream());
        return jobs;
    }

    /** Why something is said of what was read. Refuses none, and one over 200 characters. */
    static String reason(String typed, Words words) {
        String reason = typed.strip();
        if (reason.isEmpty() || reason.length() > LONGEST_REASON) {
            throw Refused.field("reason", "no-reason", words);
        }
        return reason;
    }

    /** Whether it was made before. */
    @Transactional(readOnly = true)
    public boolean isMade(UUID id) {
        return marks.findById(id).isPresent();
    }

    /** Every slip that was found and owned to: by correcting a reading, or by reading again. The newest first. */
    @Transactional(readOnly = true)
    public List<OwnedSlip> ownedTo() {
        return marks.findAllOwnedTo().stream().map(OwnedSlip::of).toList();
    }

    /** @param id made by the browser, so that sending it twice makes it once */
    public record PutRight(UUID id, UUID one, UUID other, String reason, long person) {}

    /**
     * Says that two readings were taken at each other's place, once; the same two again put it back. Refuses a reading with
     * itself, and two that are not of one feature of one part in one round, or at one place.
     */
    @Transactional
    public Marked putRight(PutRight swap) {
        lockJobOf(swap.one());
        ReadingRow one = reading(swap.one());
        ReadingRow other = reading(swap.other());
        Optional<ReadingSwapRow> before = swaps.findById(swap.id());
        if (before.isPresent()) {
            if (!before.get().one().equals(swap.one()) || !before.get().other().equals(swap.other())) {
                throw Refused.keptOtherwise(words);
            }
            return marked(Receipt.before(swap.id()), one);
        }
        if (!rounds.areOne(one.round(), other.round()) || one.placeId() == other.placeId()) {
            throw Refused.field("other", "cannot-swap", words);
        }
        String reason = reason(swap.reason(), words);
        Person person = people.byId(swap.person());
        long seq = journal.write(one.jobId(), What.MARK);
        swaps.save(new ReadingSwapRow(swap.id(), one, other, reason, person, clock.instant()));
        return marked(Receipt.now(swap.id(), seq), one);
    }

    private static boolean isKeptAs(MakeMark mark, ReadingMark kept) {
        return kept.reading().equals(mark.reading())
                && kept.kind() == mark.kind()
                && kept.answer().equals(mark.answer())
                && kept.reason().equals(mark.reason().strip());
    }
}
