package jawread.server.drawer;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.gauge.Master;
import jawread.core.gauge.Usage;
import jawread.core.judge.KnownSizeTrial;
import jawread.core.judge.PeopleStudy;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.live.Journal;
import jawread.server.live.What;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Known-size trials of one person, and studies of several. */
@Service
public class Trials {
    private static final int LONGEST_NAME = 120;
    private static final int MOST_READINGS = 100;
    private static final int MOST_OF_STUDY = 600;
    private static final int LONGEST_PEOPLE = 400;
    private final TrialRepository trials;
    private final StudyRepository studies;
    private final Drawer drawer;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    public Trials(
            TrialRepository trials, StudyRepository studies, Drawer drawer, Journal journal, Clock clock, Words words) {
        this.trials = trials;
        this.studies = studies;
        this.drawer = drawer;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /** A trial as typed. @param readings in the unit of what is read, in the order taken */
    public record TypedTrial(long gauge, Optional<Long> reader, long master, List<String> readings) {}

    /** A trial understood, with what it comes to; that is refused while there are too few readings. */
    public record TrialUnderstood(
            GaugeAndReader method,
            ShopMaster master,
            FeatureKind kind,
            List<Length> readings,
            Outcome<KnownSizeTrial> result) {}

    /**
     * What a trial comes to so far. Refuses a gauge that may not measure, a master that is not for it or outside its range, and
     * a reading that is no figure, with its number as hint.
     */
    @Transactional(readOnly = true)
    public TrialUnderstood understand(TypedTrial typed) {
        GaugeAndReader method = drawer.method(typed.gauge(), typed.reader());
        if (!method.mayMeasure()
                || method.gauge().kind().isTransfer() != method.reader().isPresent()) {
            var refusal = Refusal.of("trial-not-fit").with("gauge", method.number());
            throw Refused.field(
                    "gauge", refusal, words.say(refusal, method.gauge().unit()));
        }
        ShopMaster master = drawer.masterById(typed.master());
        FeatureKind kind = standsFor(master, method);
        LengthUnit unit = method.read().unit();
        boolean inRange = method.gauge().covers(master.size()) && method.read().covers(master.size());
        if (!inRange) {
            var refusal = Refusal.of("master-outside-range")
                    .with("master", master.shopNumber())
                    .with("gauge", method.number())
                    .with("size", master.size())
                    .with("low", method.gauge().rangeLow())
                    .with("high", method.gauge().rangeHigh());
            throw Refused.field("master", refusal, words.say(refusal, unit));
        }
        if (typed.readings().size() > MOST_READINGS) {
            throw Refused.field("readings", "too-many-readings", words);
        }
        List<Length> readings = lengths(typed.readings(), unit);
        return new TrialUnderstood(
                method, master, kind, readings, KnownSizeTrial.of(readings, master.size(), master.expanded()));
    }

    /** Of a ring a bore, of all else an outside; where the gauge is for neither, what it is for. */
    private FeatureKind standsFor(ShopMaster master, GaugeAndReader method) {
        FeatureKind wanted = master.kind() == Master.Kind.RING ? FeatureKind.BORE : FeatureKind.OUTSIDE;
        Gauge gauge = method.gauge();
        if (Usage.of(gauge.kind(), wanted, gauge.unit(), gauge.leastCount(), gauge.rangeHigh())
                .isPresent()) {
            return wanted;
        }
        boolean flat = master.kind() == Master.Kind.BLOCK || master.kind() == Master.Kind.BLOCK_SET;
        return Usage.of(gauge.kind(), gauge.unit(), gauge.leastCount(), gauge.rangeHigh())
                .findFirst()
                .filter(usage -> flat)
                .map(usage -> usage.features().iterator().next())
                .orElseThrow(() -> {
                    var refusal = Refusal.of("master-of-another-kind")
                            .with("master", master.shopNumber())
                            .with("gauge", method.number());
                    return Refused.field("master", refusal, words.say(refusal, gauge.unit()));
                });
    }

    private List<Length> lengths(List<String> typed, LengthUnit unit) {
        var lengths = new ArrayList<Length>();
        for (String text : typed) {
            lengths.add(TypedLength.parse(text, unit, TypedLength.Kind.SIZE).fold(TypedLength::length, refusal -> {
                throw Refused.field(
                        "readings", refusal.with("hint", String.valueOf(lengths.size() + 1)), words.say(refusal, unit));
            }));
        }
        return lengths;
    }

    /** Keeps a trial, once; from then on its s is used in everything this person measures with this method. */
    @Transactional
    public Trial keep(UUID id, TypedTrial typed, Person person) {
        return keep(id, typed, person, clock.instant());
    }

    /** One that was made before now. */
    @Transactional
    public Trial keep(UUID id, TypedTrial typed, Person person, Instant at) {
        Optional<Trial> before = trials.findById(id);
        if (before.isPresent()) {
            if (before.get().gaugeId() != typed.gauge()) {
                throw Refused.of(HttpStatus.CONFLICT, "kept-otherwise", words.say("problem.kept-otherwise"));
            }
            return before.get();
        }
        TrialUnderstood understood = understand(typed);
        understood.result().fold(trial -> trial, refusal -> {
            throw Refused.field(
                    "readings",
                    refusal,
                    words.say(refusal, understood.method().gauge().unit()));
        });
        journal.write(Journal.DRAWER, What.DRAWER);
        return trials.save(new Trial(
                id, understood.method(), understood.kind(), understood.master(), understood.readings(), person, at));
    }

    /** In the order of time. */
    @Transactional(readOnly = true)
    public List<Trial> of(Gauge gauge) {
        return trials.findAllByOrderByAt().stream()
                .filter(trial -> trial.gaugeId() == gauge.id())
                .toList();
    }

    /**
     * A study as typed.
     *
     * @param tolerance its width
     * @param readings by part, then by person, then by repeat
     */
    public record TypedStudy(
            String name, long gauge, String tolerance, List<String> people, List<List<List<String>>> readings) {}

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
        if (count > MOST_OF_STUDY || String.join(";", typed.people()).length() > LONGEST_PEOPLE) {
            throw Refused.field("readings", "study-too-large", words);
        }
        Gauge gauge = drawer.byId(typed.gauge());
        LengthUnit unit = gauge.unit();
        Length tolerance = TypedLength.parse(typed.tolerance(), unit, TypedLength.Kind.SIZE)
                .fold(TypedLength::length, refusal -> {
                    throw Refused.field("tolerance", refusal, words.say(refusal, unit));
                });
        if (tolerance.isZero()) {
            throw Refused.field("tolerance", "tolerance-zero", words);
        }
        List<List<List<Length>>> readings = typed.readings().stream()
                .map(part -> part.stream().map(cell -> lengths(cell, unit)).toList())
                .toList();
        return new StudyUnderstood(gauge, tolerance, readings, PeopleStudy.of(readings));
    }

    /** Keeps a study, once. */
    @Transactional
    public PeopleStudyKept keep(UUID id, TypedStudy typed, Person person) {
        Optional<PeopleStudyKept> before = studies.findById(id);
        if (before.isPresent()) {
            return before.get();
        }
        StudyUnderstood understood = understand(typed);
        understood.result().fold(study -> study, refusal -> {
            throw Refused.field(
                    "readings", refusal, words.say(refusal, understood.gauge().unit()));
        });
        String name = typed.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refused.field("name", "study-name", words);
        }
        journal.write(Journal.DRAWER, What.DRAWER);
        return studies.save(new PeopleStudyKept(
                id,
                name,
                understood.gauge(),
                understood.tolerance(),
                typed.people().stream().map(each -> each.replace(';', ',')).toList(),
                understood.readings(),
                person,
                clock.instant()));
    }

    @Transactional(readOnly = true)
    public List<PeopleStudyKept> studiesOf(Gauge gauge) {
        return studies.findAllByGaugeIdOrderByAt(gauge.id());
    }
}
