package jawread.server.practice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;
import jawread.core.misread.Slip;
import jawread.core.practice.Item;
import jawread.core.practice.Items;
import jawread.core.practice.Judged;
import jawread.core.practice.Level;
import jawread.core.practice.NextItem;
import jawread.core.practice.Strength.Trap;
import jawread.core.practice.Try;
import jawread.core.scale.AsRead;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import jawread.core.scale.Scales;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.journal.Journal;
import jawread.server.measure.Marks;
import jawread.server.scale.ScaleWords;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Serves items, judges answers, and keeps both apart from all that is measured. */
@Service
class Practice {
    /** Slips at work weigh in for so long. */
    private static final int LATELY_DAYS = 90;

    private static final int MOST_ITEMS = 50;
    /** An answer so many times as large as anything the scale shows is no reading of it. */
    private static final int ABSURD = 30;

    private final PracticeSetRepository sets;
    private final PracticeAnswerRepository answers;
    private final Marks marks;
    private final Drawer drawer;
    private final Journal journal;
    private final ScaleWords scaleWords;
    private final Words words;
    private final Clock clock;

    Practice(
            PracticeSetRepository sets,
            PracticeAnswerRepository answers,
            Marks marks,
            Drawer drawer,
            Journal journal,
            ScaleWords scaleWords,
            Words words,
            Clock clock) {
        this.sets = sets;
        this.answers = answers;
        this.marks = marks;
        this.drawer = drawer;
        this.journal = journal;
        this.scaleWords = scaleWords;
        this.words = words;
        this.clock = clock;
    }

    /**
     * A set that is asked for.
     *
     * @param scale its id; empty: from anywhere
     * @param only the one trap that all items are of, by its code
     * @param seed empty: any
     */
    record Asked(
            UUID id,
            Optional<String> scale,
            String level,
            Optional<String> only,
            boolean toSet,
            boolean heard,
            int items,
            Optional<Long> seed) {}

    /** @param took from the drawing to the answer */
    record Answer(UUID id, UUID set, int number, Optional<String> typed, Optional<Parts> parts, Duration took) {}

    /** An answer and what it comes to. */
    record Answered(PracticeSet set, Item item, Length answer, Judged judged) {}

    /** Begins a set, once. Refuses with 422 what is no scale, level or trap, and more than fifty items. */
    @Transactional
    PracticeSet begin(Asked asked, Person person) {
        Optional<PracticeSet> before = sets.findById(asked.id()).map(PracticeSetRow::set);
        if (before.isPresent()) {
            if (before.get().person() != person.id()) {
                throw Refused.keptOtherwise(words);
            }
            return before.get();
        }
        Level level = Level.of(asked.level()).orElseThrow(() -> Refused.field("level", "no-such-level", words));
        Optional<Slip> only =
                asked.only().map(code -> Slip.of(code).orElseThrow(() -> Refused.field("only", "no-such-slip", words)));
        List<Scale> scales = scales(asked.scale(), level);
        if (only.isPresent()) {
            scales = scales.stream()
                    .filter(scale -> Items.slipsOn(scale, true).contains(only.get()))
                    .toList();
        }
        if (scales.isEmpty()) {
            throw Refused.field("only", "slip-not-on-scale", words);
        }
        if (asked.items() < 1 || asked.items() > MOST_ITEMS) {
            throw Refused.field("items", "bad-item-count", words);
        }
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        var set = new PracticeSet(
                asked.id(),
                person.id(),
                scales,
                only.isPresent() && level.compareTo(Level.BASE) < 0 && needsBase(scales, only.get())
                        ? Level.BASE
                        : level,
                only,
                asked.toSet(),
                asked.heard(),
                asked.seed().orElse(asked.id().getLeastSignificantBits()),
                asked.items(),
                now);
        journal.practised();
        return sets.save(new PracticeSetRow(set)).set();
    }

    private static boolean needsBase(List<Scale> scales, Slip slip) {
        return scales.stream().noneMatch(scale -> Items.slipsOn(scale, false).contains(slip));
    }

    /** One, the ones of its kind in both units, or those of the gauges in the drawer. */
    private List<Scale> scales(Optional<String> id, Level level) {
        if (id.isEmpty()) {
            return ofDrawer();
        }
        Scale scale = Scales.of(id.get())
                .orElseThrow(() -> Refused.of(
                        HttpStatus.NOT_FOUND,
                        "no-such-scale",
                        words.say("problem.no-such-scale", Map.of("id", id.get()))));
        return level == Level.MIXED
                ? Scales.all().stream()
                        .filter(other -> other.kind().equals(scale.kind()))
                        .toList()
                : List.of(scale);
    }

    /** The scales of the gauges in the drawer that are read; of an empty one all there are. */
    List<Scale> ofDrawer() {
        Collection<Scale> all = Scales.all();
        List<Scale> own = drawer.all().stream()
                .filter(gauge -> gauge.hasScale())
                .map(gauge -> gauge.scale())
                .filter(all::contains)
                .distinct()
                .sorted(Comparator.comparing(Scale::id))
                .toList();
        return own.isEmpty() ? List.copyOf(all) : own;
    }

    /** Refuses with 404 one that is not there, or is somebody else's. */
    @Transactional(readOnly = true)
    PracticeSet set(UUID id, Person person) {
        return sets.findById(id)
                .map(PracticeSetRow::set)
                .filter(set -> set.person() == person.id())
                .orElseThrow(() -> Refused.of(HttpStatus.NOT_FOUND, "no-such-set", words.say("problem.no-such-set")));
    }

    /** The set that a learner began last, while it is not ended. */
    @Transactional(readOnly = true)
    Optional<PracticeSet> open(Person person) {
        return sets.findAllByPersonOrderByBegunAt(person.id()).stream()
                .map(PracticeSetRow::set)
                .reduce((before, last) -> last)
                .filter(set -> answered(set).size() < set.items());
    }

    /** All that a learner answered, by the set, in the order of time. */
    private Map<UUID, List<PracticeAnswerRow>> answersOf(long person) {
        return answers.findAllByPersonOrderByMadeAtAscNumberAsc(person).stream()
                .collect(Collectors.groupingBy(PracticeAnswerRow::setId));
    }

    /** Everything that a learner answered, in the order of time. */
    @Transactional(readOnly = true)
    List<Try> tries(long person) {
        Map<UUID, PracticeSet> all = sets.findAllByPersonOrderByBegunAt(person).stream()
                .map(PracticeSetRow::set)
                .collect(Collectors.toMap(PracticeSet::id, Function.identity()));
        return answersOf(person).entrySet().stream()
                .flatMap(each -> each.getValue().stream()
                        .map(row -> row.tried(all.get(each.getKey()).heard())))
                .sorted(Comparator.comparing(Try::at))
                .toList();
    }

    /** Which items of a set come next, after what was answered of it. */
    @Transactional(readOnly = true)
    NextItem next(PracticeSet set) {
        List<Try> before = tries(set.person()).stream()
                .filter(each -> each.at().isBefore(set.begunAt()))
                .toList();
        return new NextItem(
                set.scales(),
                set.level(),
                set.only(),
                set.toSet(),
                set.seed(),
                before,
                atWork(set.person(), set.begunAt()),
                set.begunAt());
    }

    /** What was answered of a set, in its order. */
    @Transactional(readOnly = true)
    List<Try> answered(PracticeSet set) {
        return answersOf(set.person()).getOrDefault(set.id(), List.of()).stream()
                .sorted(Comparator.comparingInt(PracticeAnswerRow::number))
                .map(row -> row.tried(set.heard()))
                .toList();
    }

    /** Slips that were owned to at work in the last months, by the scale they were made on. */
    @Transactional(readOnly = true)
    Map<Trap, Integer> atWork(long person, Instant now) {
        var counts = new HashMap<Trap, Integer>();
        Instant since = now.minus(Duration.ofDays(LATELY_DAYS));
        marks.ownedTo().stream()
                .filter(slip -> slip.person() == person
                        && slip.at().isAfter(since)
                        && !slip.at().isAfter(now))
                .forEach(slip -> Stream.of(drawer.byId(slip.with().read()))
                        .filter(gauge -> gauge.hasScale())
                        .map(gauge -> gauge.scale().id())
                        .forEach(scale -> counts.merge(new Trap(scale, slip.slip()), 1, Integer::sum)));
        return counts;
    }

    /**
     * Judges and keeps an answer, once. Refused with 422, and not counted: what is no figure, what lies beyond anything the scale shows, an
     * item that is not the next one.
     */
    @Transactional
    Answered answer(Answer asked, Person person) {
        PracticeSet set = set(asked.set(), person);
        NextItem next = next(set);
        List<Try> answered = answered(set);
        Optional<PracticeAnswerRow> before = answers.findById(asked.id());
        if (before.isPresent()) {
            if (before.get().number() != asked.number() || !before.get().typed().equals(asked.typed())) {
                throw Refused.keptOtherwise(words);
            }
            Item item = next.after(answered.subList(0, before.get().number() - 1));
            Length length = before.get().answer();
            return new Answered(
                    set, item, length, judged(item, length, before.get().typed()));
        }
        if (asked.number() != answered.size() + 1 || answered.size() >= set.items()) {
            throw Refused.field("number", "not-the-next-item", words);
        }
        Item item = next.after(answered);
        Length length = length(asked, item);
        Judged judged = judged(item, length, asked.typed());
        if (judged.slips().isEmpty() && isAbsurd(item, length)) {
            var refusal = Refusal.of("answer-absurd").with("scale", scaleWords.name(item.scale()));
            throw Refused.field("typed", refusal, words.say("problem." + refusal.code(), refusal.facts()));
        }
        journal.practised();
        answers.save(new PracticeAnswerRow(
                asked, set, item, length, judged, clock.instant().truncatedTo(ChronoUnit.MICROS)));
        return new Answered(set, item, length, judged);
    }

    private static boolean isAbsurd(Item item, Length answer) {
        return answer.compareTo(item.value().times(ABSURD)) > 0 && answer.compareTo(Length.ofMillimetres("1000")) > 0;
    }

    private Judged judged(Item item, Length answer, Optional<String> typed) {
        LengthUnit unit = item.scale().unit();
        boolean otherUnit = typed.flatMap(text -> TypedLength.parse(text, unit, Kind.SIZE)
                        .fold(read -> Optional.of(read.unit().isInch() != unit.isInch()), refusal -> Optional.empty()))
                .orElse(false);
        return Judged.of(item, answer, otherUnit);
    }

    private Length length(Answer asked, Item item) {
        Scale scale = item.scale();
        Length base = item.stands().base();
        if (asked.parts().isPresent()) {
            return scale.read(base, asked.parts().get())
                    .map(ScaleReading::value)
                    .fold(Function.identity(), refusal -> {
                        throw Refused.field("parts", refusal, words.say(refusal, scale.unit()));
                    });
        }
        String text = asked.typed().orElse("");
        var eye = AsRead.of(scale, base);
        Optional<Length> byLooks = eye.typed(text)
                .map(looks -> looks.fold(parts -> scale.read(base, parts), Outcome::<ScaleReading>refused)
                        .fold(ScaleReading::value, refusal -> {
                            throw Refused.field("typed", refusal, scaleWords.refused(refusal, eye));
                        }));
        return byLooks.orElseGet(() -> TypedLength.parse(text, scale.unit(), Kind.SIZE)
                .fold(TypedLength::length, refusal -> {
                    throw Refused.field("typed", refusal, words.say(refusal, scale.unit()));
                }));
    }
}
