package jawread.server.practice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.misread.Misread;
import jawread.core.misread.Slip;
import jawread.core.misread.TrueReading;
import jawread.core.practice.Advice;
import jawread.core.practice.Item;
import jawread.core.practice.Items;
import jawread.core.practice.Judged;
import jawread.core.practice.Strength;
import jawread.core.practice.Strength.Trap;
import jawread.core.practice.Ticket;
import jawread.core.practice.Try;
import jawread.core.scale.AsRead;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Sense;
import jawread.server.access.Person;
import jawread.server.practice.PracticeView.LearnedTrapView;
import jawread.server.practice.PracticeView.LearnedView;
import jawread.server.practice.PracticeView.PracticeAdviceView;
import jawread.server.practice.PracticeView.PracticeAnsweredView;
import jawread.server.practice.PracticeView.PracticeDoneView;
import jawread.server.practice.PracticeView.PracticeItemView;
import jawread.server.practice.PracticeView.PracticeSetView;
import jawread.server.practice.PracticeView.PracticeSlipView;
import jawread.server.scale.MisreadWords;
import jawread.server.scale.ScaleReadingView.MisreadView;
import jawread.server.scale.ScaleWords;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a learner is shown: the page, a set with its next item, what an answer came to. */
@Service
class PracticePages {
    private static final double SHAKY = 0.4;
    private static final int PERCENT = 100;
    private static final int MOST_TRAPS_FALLEN = 5;

    private final Practice practice;
    private final Lessons lessons;
    private final ScaleWords scaleWords;
    private final MisreadWords misreads;
    private final Figures figures;
    private final Words words;
    private final Clock clock;

    PracticePages(
            Practice practice,
            Lessons lessons,
            ScaleWords scaleWords,
            MisreadWords misreads,
            Figures figures,
            Words words,
            Clock clock) {
        this.practice = practice;
        this.lessons = lessons;
        this.scaleWords = scaleWords;
        this.misreads = misreads;
        this.figures = figures;
        this.words = words;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    PracticeView of(Person person) {
        Instant now = clock.instant();
        List<Try> tries = practice.tries(person.id());
        List<Scale> mine = practice.ofDrawer();
        Map<Trap, Integer> atWork = practice.atWork(person.id(), now);
        List<String> shown = Stream.concat(
                        tries.stream().map(Try::scale).distinct().sorted(),
                        mine.stream().map(Scale::id))
                .distinct()
                .toList();
        return new PracticeView(
                person.name(),
                Advice.of(tries, atWork, mine.stream().map(Scale::id).toList(), now)
                        .map(this::advice)
                        .orElse(null),
                shown.stream().map(id -> learned(id, tries, now)).toList(),
                practice.open(person).map(PracticeSet::id).orElse(null),
                lessons.of(person).orElse(null),
                tries.size());
    }

    private PracticeAdviceView advice(Advice advice) {
        String key = "practice.next."
                + advice.why().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        return new PracticeAdviceView(
                advice.scale(),
                advice.slip().map(Slip::code).orElse(null),
                words.say(
                        key,
                        Map.of(
                                "scale", name(advice.scale()),
                                "slip", advice.slip().map(this::name).orElse(""),
                                "missed", advice.strength().missed(),
                                "met", advice.strength().met(),
                                "times", advice.atWork())));
    }

    private String name(String scale) {
        return Scales.of(scale).map(scaleWords::name).orElse(scale);
    }

    private String name(Slip slip) {
        return words.say("slip-name." + slip.code());
    }

    private LearnedView learned(String id, List<Try> all, Instant now) {
        Scale scale = Scales.of(id).orElseThrow();
        List<Try> tries = all.stream().filter(each -> each.scale().equals(id)).toList();
        Map<Trap, Strength> strengths = Strength.of(tries);
        Optional<Ticket> ticket = Ticket.of(tries);
        Ticket.Row row = Ticket.row(tries);
        String state = ticket.map(of -> of.isStale(now) ? "stale" : "fresh").orElse("none");
        return new LearnedView(
                id,
                scaleWords.name(scale),
                state,
                words.say(
                        "practice.ticket." + (tries.isEmpty() ? "new" : state),
                        Map.of(
                                "step", figures.exactly(scale.leastCount(), scale.unit()),
                                "right", row.right(),
                                "wanted", Ticket.IN_A_ROW,
                                "traps", row.traps().size())),
                Items.slipsOn(scale, true).stream()
                        .map(slip -> trap(slip, strengths.getOrDefault(new Trap(id, slip), Strength.UNKNOWN)))
                        .sorted(Comparator.comparing((LearnedTrapView each) -> each.met() == 0)
                                .thenComparing(LearnedTrapView::percent))
                        .toList());
    }

    private LearnedTrapView trap(Slip slip, Strength strength) {
        String word =
                strength.met() == 0 ? "new" : strength.isFirm() ? "firm" : strength.value() >= SHAKY ? "shaky" : "weak";
        return new LearnedTrapView(
                slip.code(),
                name(slip),
                (int) Math.round(strength.value() * PERCENT),
                words.say("practice.strength." + word),
                strength.met(),
                strength.missed());
    }

    @Transactional(readOnly = true)
    PracticeSetView set(PracticeSet set) {
        List<Try> answered = practice.answered(set);
        boolean isDone = answered.size() >= set.items();
        return new PracticeSetView(
                set.id(),
                set.level().code(),
                set.toSet(),
                set.heard(),
                set.seed(),
                set.items(),
                isDone ? null : item(practice.next(set).after(answered), answered.size() + 1, set),
                isDone ? done(set, answered) : null);
    }

    private PracticeItemView item(Item item, int number, PracticeSet set) {
        TrueReading stands = item.stands();
        Scale scale = item.scale();
        var eye = AsRead.of(scale, stands.base());
        boolean toSet = item.toSet() && !set.heard();
        return new PracticeItemView(
                number,
                scale.id(),
                scaleWords.name(scale),
                figures.exactly(stands.base(), scale.unit()),
                counts(stands.parts()),
                toSet ? scaleWords.size(item.value(), eye) : null,
                asks(item, toSet, set.heard()),
                set.heard() ? scaleWords.seen(eye, stands.parts(), stands.reading()) : null);
    }

    /** What is to be done; and what the gauge adds, where it adds anything. */
    private String asks(Item item, boolean toSet, boolean heard) {
        Scale scale = item.scale();
        Length base = item.stands().base();
        String what = words.say(
                toSet ? "practice.set-it" : heard ? "practice.hear-it" : "practice.read-it",
                Map.of(
                        "size",
                                scaleWords
                                        .size(item.value(), AsRead.of(scale, base))
                                        .text(),
                        "unit", scale.unit().symbol()));
        return base.isZero()
                ? what
                : what + " "
                        + words.say(
                                isComparator(scale) ? "practice.base.set" : "practice.base",
                                Map.of(
                                        "base", scaleWords.baseName(scale),
                                        "size", figures.exactly(base, scale.unit())));
    }

    private static boolean isComparator(Scale scale) {
        return scale instanceof jawread.core.scale.Comparator;
    }

    private static Map<String, Number> counts(Parts parts) {
        return new LinkedHashMap<>(parts.counts());
    }

    private PracticeDoneView done(PracticeSet set, List<Try> answered) {
        int right = (int) answered.stream().filter(Try::right).count();
        long seconds = answered.stream()
                .map(Try::took)
                .reduce(Duration.ZERO, Duration::plus)
                .toSeconds();
        Map<Trap, Strength> strengths = Strength.of(practice.tries(set.person()));
        List<LearnedTrapView> fallen = answered.stream()
                .flatMap(each -> each.slips().stream().map(slip -> new Trap(each.scale(), slip)))
                .distinct()
                .limit(MOST_TRAPS_FALLEN)
                .map(trap -> trap(trap.slip(), strengths.getOrDefault(trap, Strength.UNKNOWN)))
                .toList();
        return new PracticeDoneView(
                right,
                set.items(),
                seconds,
                words.say(
                        right == set.items() ? "practice.done.all" : "practice.done",
                        Map.of("right", right, "of", set.items(), "seconds", seconds)),
                fallen,
                set.begunAt());
    }

    @Transactional(readOnly = true)
    PracticeAnsweredView answered(Practice.Answered answered, int number) {
        Item item = answered.item();
        TrueReading stands = item.stands();
        Scale scale = item.scale();
        var eye = AsRead.of(scale, stands.base());
        Judged judged = answered.judged();
        List<PracticeSlipView> slips =
                judged.slips().stream().map(slip -> slip(slip, stands)).toList();
        return new PracticeAnsweredView(
                number,
                judged.outcome().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                scaleWords.size(answered.answer(), eye),
                scaleWords.size(item.value(), eye),
                scaleWords.addends(eye, stands.parts(), stands.reading()),
                slips,
                says(judged, slips, answered, eye),
                set(answered.set()));
    }

    private String says(Judged judged, List<PracticeSlipView> slips, Practice.Answered answered, AsRead eye) {
        Length off = answered.answer().minus(answered.item().value());
        String key = switch (judged.outcome()) {
            case RIGHT -> "practice.right";
            case RIGHT_WITH_REMARK -> "practice.right.beside";
            case WRONG -> slips.isEmpty() ? "practice.wrong" : "practice.wrong.slip";
        };
        return words.say(
                key,
                Map.of(
                        "size", scaleWords.size(answered.item().value(), eye).text(),
                        "answer", scaleWords.size(answered.answer(), eye).text(),
                        "off", figures.exactly(off.abs(), eye.scale().unit()),
                        "slip",
                                slips.stream()
                                        .map(PracticeSlipView::name)
                                        .collect(Collectors.joining(" " + words.say("practice.and") + " "))));
    }

    private PracticeSlipView slip(Misread slip, TrueReading stands) {
        MisreadView said = misreads.made(slip, stands);
        Scale scale = stands.scale();
        return new PracticeSlipView(
                slip.slip().code(),
                said.words(),
                said.tell(),
                partOf(slip.slip()),
                sense(stands)
                        .map(sense -> scale.set(stands.base(), Optional.of(sense), slip.read()))
                        .orElseGet(() -> scale.set(stands.base(), Optional.empty(), slip.read()))
                        .fold(set -> set.isExact() ? counts(set.shown().parts()) : null, refusal -> null));
    }

    private static Optional<Sense> sense(TrueReading stands) {
        return stands.parts().count(jawread.core.scale.Comparator.SENSE).flatMap(Sense::ofSign);
    }

    /** Whose line was taken wrongly. */
    private static String partOf(Slip slip) {
        return switch (slip) {
            case NEXT_LINE, MISSED_LINE, MISSED_HALF, SLIDE_EDGE, WRONG_FIGURE, REVERSED -> "coarse";
            case THIMBLE_MIRRORED, FINE_FIGURE, FINE_LEFT_OUT, SENSE_FLIPPED, GRADUATION_VALUE, LOST_TURN, TENTH ->
                "fine";
            case BASE_FORGOTTEN, BASE_TWICE, OTHER_BASE -> "base";
            default -> "";
        };
    }
}
