package jawread.server.practice;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.LengthUnit;
import jawread.server.access.Person;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.practice.PracticeView.LessonView;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How far each has come in the first lesson: it is left and taken up anywhere. */
@Service
class Lessons {
    static final int LAST_STEP = 20;

    private final LessonStepRepository steps;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    Lessons(LessonStepRepository steps, Journal journal, Clock clock, Words words) {
        this.steps = steps;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    @Transactional(readOnly = true)
    Optional<LessonView> of(Person person) {
        return steps.findFirstByPersonOrderByMadeAtDesc(person.id())
                .map(row -> new LessonView(row.unit().symbol(), row.step()));
    }

    /** Keeps a step, once. Refuses with 422 a step that there is not, and another unit than mm and in. */
    @Transactional
    LessonView reach(UUID id, String unit, int step, Person person) {
        LengthUnit of = LengthUnit.ofSuffix(unit)
                .filter(each -> each == LengthUnit.INCH || each == LengthUnit.MILLIMETRE)
                .orElseThrow(() -> Refused.field("unit", "no-such-unit", words));
        if (step < 0 || step > LAST_STEP) {
            throw Refused.field("step", "no-such-lesson-step", words);
        }
        if (steps.findById(id).isEmpty()) {
            journal.besides(What.PRACTICE);
            steps.save(
                    new LessonStepRow(id, person.id(), of, step, clock.instant().truncatedTo(ChronoUnit.MICROS)));
        }
        return new LessonView(of.symbol(), step);
    }
}
