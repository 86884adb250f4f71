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
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.misread.Slip;
import jawread.core.practice.Item;
import jawread.core.practice.Items;
import jawread.core.practice.Level;
import jawread.core.practice.NextItem;
import jawread.core.practice.Strength.Trap;
import jawread.core.practice.Try;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.measure.Marks;
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

    private final PracticeSetRepository sets;
    private final PracticeAnswerRepository answers;
    private final Marks marks;
    private final Drawer drawer;
    private final Journal journal;
    private final AnswersRead read;
    private final Words words;
    private final Clock clock;

    Practice(
            PracticeSetRepository sets,
            PracticeAnswerRepository answers,
            Marks marks,
            Drawer drawer,
            Journal journal,
            AnswersRead read,
            Words words,
            Clock clock) {
        this.sets = sets;
        this.answers = answers;
        this.marks = marks;
        this.drawer = drawer;
        this.journal = journal;
        this.read = read;
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
    record Sent(UUID id, UUID set, int number, Optional<String> typed, Optional<Parts> parts, Duration took) {}

    /**
     * A set, and how far it has come.
     *
     * @param answered what was answered of it, in its order
     */
    record Progress(PracticeSet set, NextItem next, List<Try> answered) {
        boolean isDone() {
            return answered.size() >= set.items();
        }

        /** The item that is next. */
        Item item() {
            return next.after(answered);
        }

        private Progress with(Try last) {
            return new Progress(
                    set, next, Stream.concat(answered.stream(), Stream.of(last)).toList());
        }
    }

    /** An answer, what it comes to, and how far the set has come with it. */
    record Answered(Progress now, Item item, AnswersRead.Read answer) {}

    /** Begins a set, once. Refuses with 422 what is no scale, level or trap, and more than fifty items. */
    @Transactional
    Progress begin(Asked asked, Person person) {
        Optional<PracticeSet> before = sets.findById(asked.id()).map(PracticeSetRow::set);
        if (before.isPresent()) {
            if (before.get().person() != person.id()) {
                throw Refused.keptOtherwise(words);
            }
            return progress(before.get());
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
        journal.besides(What.PRACTICE);
        return progress(sets.save(new PracticeSetRow(set)).set());
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
    Progress progress(UUID id, Person person) {
        return sets.findById(id)
                .map(PracticeSetRow::set)
                .filter(set -> set.person() == person.id())
                .map(this::progress)
                .orElseThrow(() -> Refused.of(HttpStatus.NOT_FOUND, "no-such-set", words.say("problem.no-such-set")));
    }

    private Progress progress(PracticeSet set) {
        List<Answer> all = all(set.person());
        return new Progress(
                set,
                new NextItem(
                        set.scales(),
                        set.level(),
                        set.only(),
                        set.toSet(),
                        set.heard(),
                        set.seed(),
                        all.stream()
                                .map(Answer::tried)
                                .filter(each -> each.at().isBefore(set.begunAt()))
                                .toList(),
                        atWork(set.person(), set.begunAt()),
                        set.begunAt()),
                all.stream()
                        .filter(each -> each.set().equals(set.id()))
                        .map(Answer::tried)
                        .toList());
    }

    /** The set that a learner began last, while it is not ended. */
    @Transactional(readOnly = true)
    Optional<PracticeSet> open(Person person) {
        return sets.findFirstByPersonOrderByBegunAtDesc(person.id())
                .map(PracticeSetRow::set)
                .filter(set -> all(person.id()).stream()
                                .filter(each -> each.set().equals(set.id()))
                                .count()
                        < set.items());
    }

    /** Everything that a learner answered, in the order of time. */
    @Transactional(readOnly = true)
    List<Try> tries(long person) {
        return all(person).stream().map(Answer::tried).toList();
    }

    private record Answer(UUID set, Try tried) {}

    /** In the order of time, and of their sets. */
    private List<Answer> all(long person) {
        Map<UUID, Boolean> heard = sets.findAllByPerson(person).stream()
                .map(PracticeSetRow::set)
                .collect(Collectors.toMap(PracticeSet::id, PracticeSet::heard));
        return answers.findAllByPersonOrderByMadeAtAscNumberAsc(person).stream()
                .map(row -> new Answer(row.setId(), row.tried(heard.get(row.setId()))))
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
     * Judges and keeps an answer, once. Refused with 422, and not counted: what {@link AnswersRead} refuses, and an item that is not the next
     * one.
     */
    @Transactional
    Answered answer(Sent sent, Person person) {
        Progress progress = progress(sent.set(), person);
        Optional<PracticeAnswerRow> before = answers.findById(sent.id());
        if (before.isPresent()) {
            if (!before.get().isKeptAs(sent)) {
                throw Refused.keptOtherwise(words);
            }
            Item item = progress.next().after(progress.answered().subList(0, sent.number() - 1));
            return new Answered(progress, item, read.of(item, sent.typed(), sent.parts()));
        }
        if (progress.isDone() || sent.number() != progress.answered().size() + 1) {
            throw Refused.field("number", "not-the-next-item", words);
        }
        Item item = progress.item();
        AnswersRead.Read answer = read.of(item, sent.typed(), sent.parts());
        journal.besides(What.PRACTICE);
        PracticeAnswerRow kept = answers.save(new PracticeAnswerRow(
                sent, person, item, answer, clock.instant().truncatedTo(ChronoUnit.MICROS)));
        return new Answered(progress.with(kept.tried(progress.set().heard())), item, answer);
    }
}
