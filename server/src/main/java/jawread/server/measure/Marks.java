package jawread.server.measure;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.People;
import jawread.server.live.Journal;
import jawread.server.live.What;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Strikes and notes. */
@Service
public class Marks {
    private static final int LONGEST_REASON = 200;
    private final ReadingMarkRepository marks;
    private final ReadingRepository readings;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    public Marks(
            ReadingMarkRepository marks,
            ReadingRepository readings,
            People people,
            Journal journal,
            Clock clock,
            Words words) {
        this.marks = marks;
        this.readings = readings;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /** @param id made by the browser, so that sending it twice makes it once */
    public record MakeMark(UUID id, UUID reading, ReadingMark.Kind kind, String reason, long person) {}

    /** Where the marked reading is, for the answer. */
    public record Where(long part, long feature, int round) {}

    /** Makes a mark, once. Refuses one without a reason, and a second strike of the same reading. */
    @Transactional
    public Where make(MakeMark mark) {
        Reading reading = readings.findById(mark.reading())
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-reading", words.say("problem.no-such-reading")));
        var where = new Where(
                reading.partId(),
                reading.round().feature().id(),
                reading.round().number());
        Optional<ReadingMark> before = marks.findById(mark.id());
        if (before.isPresent()) {
            if (!isKeptAs(mark, before.get())) {
                throw Refused.keptOtherwise(words);
            }
            return where;
        }
        String reason = mark.reason().strip();
        if (reason.isEmpty() || reason.length() > LONGEST_REASON) {
            throw Refused.field("reason", "no-reason", words);
        }
        journal.write(reading.round().part().job().id(), What.MARK);
        if (mark.kind() == ReadingMark.Kind.STRIKE
                && marks.existsByReadingIdAndKind(mark.reading(), ReadingMark.Kind.STRIKE)) {
            throw Refused.of(HttpStatus.CONFLICT, "struck-already", words.say("problem.struck-already"));
        }
        marks.save(
                new ReadingMark(mark.id(), reading, mark.kind(), reason, people.byId(mark.person()), clock.instant()));
        return where;
    }

    private static boolean isKeptAs(MakeMark mark, ReadingMark kept) {
        return kept.reading().getId().equals(mark.reading())
                && kept.kind() == mark.kind()
                && kept.reason().equals(mark.reason().strip());
    }
}
