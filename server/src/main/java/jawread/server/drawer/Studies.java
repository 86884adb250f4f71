package jawread.server.drawer;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.judge.PeopleStudy;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.server.access.Person;
import jawread.server.door.TypedFigure;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Studies: what several people hold with one gauge. */
@Service
public class Studies {
    private static final int LONGEST_NAME = 120;
    private static final int MOST_READINGS = 600;
    private static final int LONGEST_PEOPLE = 400;
    private final StudyRepository studies;
    private final Drawer drawer;
    private final TypedFields fields;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    Studies(
            StudyRepository studies,
            Drawer drawer,
            TypedFields fields,
            Journal journal,
            Clock clock,
            Words words,
            Locks locks) {
        this.studies = studies;
        this.drawer = drawer;
        this.fields = fields;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /**
     * A study as typed.
     *
     * @param tolerance its width
     * @param readings by part, then by person, then by repeat
     */
    public record TypedStudy(
            String name,
            long gauge,
            @TypedFigure String tolerance,
            List<String> people,
            List<List<List<String>>> readings) {}

    /** A study understood, with what it comes to. */
    public record StudyUnderstood(
            Gauge gauge, Length tolerance, List<List<List<Length>>> readings, Outcome<PeopleStudy> result) {}

    /** What a study comes to so far. Refuses a tolerance that is none, and a reading that is no figure. */
    @Transactional(readOnly = true)
    public StudyUnderstood understand(TypedStudy typed) {
        long count = typed.readings().stream()
                .flatMap(List::stream)
                .mapToLong(List::size)
                .sum();
        if (count > MOST_READINGS || String.join(";", typed.people()).length() > LONGEST_PEOPLE) {
            throw Refused.field("readings", "study-too-large", words);
        }
        Gauge gauge = drawer.byId(typed.gauge());
        LengthUnit unit = gauge.unit();
        Length tolerance = fields.aboveZero("tolerance", typed.tolerance(), unit, "tolerance-zero")
                .orElseThrow(() -> Refused.field("tolerance", "tolerance-zero", words));
        List<List<List<Length>>> readings = typed.readings().stream()
                .map(part -> part.stream()
                        .map(cell -> fields.sizes("readings", cell, unit))
                        .toList())
                .toList();
        return new StudyUnderstood(gauge, tolerance, readings, PeopleStudy.of(readings));
    }

    /** Keeps a study, once. */
    @Transactional
    public PeopleStudyKept keep(UUID id, TypedStudy typed, Person person) {
        locks.drawer(typed.gauge());
        Optional<PeopleStudyKept> before = studies.findById(id).map(StudyRow::study);
        if (before.isPresent()) {
            return before.get();
        }
        StudyUnderstood understood = understand(typed);
        understood.result().fold(study -> study, refusal -> {
            throw fields.refused("readings", refusal, understood.gauge().unit());
        });
        String name = typed.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refused.field("name", "study-name", words);
        }
        journal.write(Journal.DRAWER, What.DRAWER);
        return studies.save(new StudyRow(
                        id,
                        name,
                        understood.gauge(),
                        understood.tolerance(),
                        typed.people().stream()
                                .map(each -> each.replace(';', ','))
                                .toList(),
                        understood.readings(),
                        person,
                        clock.instant()))
                .study();
    }

    @Transactional(readOnly = true)
    public List<PeopleStudyKept> of(Gauge gauge) {
        return studies.findAllByGaugeIdOrderByAt(gauge.id()).stream()
                .map(StudyRow::study)
                .toList();
    }
}
