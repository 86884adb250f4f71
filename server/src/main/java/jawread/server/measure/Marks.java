package jawread.server.measure;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.misread.Slips;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.measure.ReadingMark.Answer;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Strikes, notes, and readings put right that were taken at each other's place. */
@Service
public class Marks {
    private static final int LONGEST_REASON = 200;
    private final ReadingMarkRepository marks;
    private final ReadingSwapRepository swaps;
    private final ReadingRepository readings;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;

    public Marks(
            ReadingMarkRepository marks,
            ReadingSwapRepository swaps,
            ReadingRepository readings,
            People people,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks) {
        this.marks = marks;
        this.swaps = swaps;
        this.readings = readings;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
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
        Reading reading = reading(mark.reading());
        Optional<ReadingMark> before = marks.findById(mark.id());
        if (before.isPresent()) {
            if (!isKeptAs(mark, before.get())) {
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
        long seq = journal.write(reading.round().part().job().id(), What.MARK);
        marks.save(new ReadingMark(mark.id(), reading, mark.kind(), mark.answer(), reason, person, clock.instant()));
        return marked(Receipt.now(mark.id(), seq), reading);
    }

    private static boolean isAccountedFor(Answer answer, Reading reading) {
        return answer.shouldBe()
                .filter(length -> length.compareTo(Length.ZERO) > 0)
                .filter(length -> answer.check().isPresent()
                        || answer.slip().stream()
                                .anyMatch(slip -> Slips.explaining(reading.asKept())
                                        .anyMatch(each -> each.slip() == slip
                                                && each.shouldBe().equals(length))))
                .isPresent();
    }

    private Reading reading(UUID id) {
        return readings.findById(id)
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-reading", words.say("problem.no-such-reading")));
    }

    private static Marked marked(Receipt receipt, Reading reading) {
        return new Marked(receipt, reading.partId(), reading.round().feature().id());
    }

    /** One that is not there is refused by whoever looks for it next. */
    private void lockJobOf(UUID reading) {
        locks.ofJobs(readings.findJobOf(reading).stream());
    }

    /** Takes the locks of all jobs that these readings are of, before any of them is marked. */
    @Transactional
    public void lockJobsOf(Collection<UUID> of) {
        locks.ofJobs(readings.findJobsOf(of).stream());
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
    public List<ReadingMark> ownedTo() {
        return marks.findAllOwnedTo();
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
        Reading one = reading(swap.one());
        Reading other = reading(swap.other());
        Optional<ReadingSwap> before = swaps.findById(swap.id());
        if (before.isPresent()) {
            if (!before.get().one().equals(swap.one()) || !before.get().other().equals(swap.other())) {
                throw Refused.keptOtherwise(words);
            }
            return marked(Receipt.before(swap.id()), one);
        }
        boolean isOneRound = one.round().getId().equals(other.round().getId());
        if (!isOneRound || one.place().id() == other.place().id()) {
            throw Refused.field("other", "cannot-swap", words);
        }
        String reason = reason(swap.reason(), words);
        Person person = people.byId(swap.person());
        long seq = journal.write(one.round().part().job().id(), What.MARK);
        swaps.save(new ReadingSwap(swap.id(), one, other, reason, person, clock.instant()));
        return marked(Receipt.now(swap.id(), seq), one);
    }

    private static boolean isKeptAs(MakeMark mark, ReadingMark kept) {
        return kept.reading().getId().equals(mark.reading())
                && kept.kind() == mark.kind()
                && kept.answer().equals(mark.answer())
                && kept.reason().equals(mark.reason().strip());
    }
}
