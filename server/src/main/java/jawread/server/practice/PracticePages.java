package jawread.server.practice;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.misread.Misread;
import jawread.core.misread.TrueReading;
import jawread.core.practice.Item;
import jawread.core.practice.Judged;
import jawread.core.practice.Strength;
import jawread.core.practice.Strength.Trap;
import jawread.core.practice.Try;
import jawread.core.scale.AsRead;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Sense;
import jawread.server.practice.Practice.Progress;
import jawread.server.practice.PracticeView.LearnedTrapView;
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

/** A set with its next item, and what an answer came to. */
@Service
class PracticePages {
    private static final int MOST_TRAPS_FALLEN = 5;

    private final Practice practice;
    private final PracticeWords practiceWords;
    private final ScaleWords scaleWords;
    private final MisreadWords misreads;
    private final Figures figures;
    private final Words words;

    PracticePages(
            Practice practice,
            PracticeWords practiceWords,
            ScaleWords scaleWords,
            MisreadWords misreads,
            Figures figures,
            Words words) {
        this.practice = practice;
        this.practiceWords = practiceWords;
        this.scaleWords = scaleWords;
        this.misreads = misreads;
        this.figures = figures;
        this.words = words;
    }

    @Transactional(readOnly = true)
    PracticeSetView set(Progress progress) {
        PracticeSet set = progress.set();
        return new PracticeSetView(
                set.id(),
                set.level().code(),
                set.toSet(),
                set.heard(),
                set.seed(),
                set.items(),
                progress.isDone()
                        ? null
                        : item(progress.item(), progress.answered().size() + 1, set),
                progress.isDone() ? done(set, progress.answered()) : null);
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
                .map(trap -> practiceWords.trap(trap.slip(), strengths.getOrDefault(trap, Strength.UNKNOWN)))
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
        Judged judged = answered.answer().judged();
        List<PracticeSlipView> slips =
                judged.slips().stream().map(slip -> slip(slip, stands)).toList();
        return new PracticeAnsweredView(
                number,
                judged.outcome().code(),
                scaleWords.size(answered.answer().length(), eye),
                scaleWords.size(item.value(), eye),
                scaleWords.addends(eye, stands.parts(), stands.reading()),
                slips,
                says(slips, answered, eye),
                set(answered.now()));
    }

    private String says(List<PracticeSlipView> slips, Practice.Answered answered, AsRead eye) {
        Length off = answered.answer().length().minus(answered.item().value());
        String key = switch (answered.answer().judged().outcome()) {
            case RIGHT -> "practice.right";
            case RIGHT_WITH_REMARK -> "practice.right.beside";
            case WRONG -> slips.isEmpty() ? "practice.wrong" : "practice.wrong.slip";
        };
        return words.say(
                key,
                Map.of(
                        "size", scaleWords.size(answered.item().value(), eye).text(),
                        "answer",
                                scaleWords.size(answered.answer().length(), eye).text(),
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
                slip.slip().where().code(),
                scale.set(stands.base(), sense(stands), slip.read())
                        .fold(set -> set.isExact() ? counts(set.shown().parts()) : null, refusal -> null));
    }

    private static Optional<Sense> sense(TrueReading stands) {
        return stands.parts().count(jawread.core.scale.Comparator.SENSE).flatMap(Sense::ofSign);
    }
}
