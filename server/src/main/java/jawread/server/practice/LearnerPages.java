package jawread.server.practice;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.misread.Slip;
import jawread.core.practice.Advice;
import jawread.core.practice.Items;
import jawread.core.practice.Strength;
import jawread.core.practice.Strength.Trap;
import jawread.core.practice.Ticket;
import jawread.core.practice.Try;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.access.Person;
import jawread.server.practice.PracticeView.LearnedTrapView;
import jawread.server.practice.PracticeView.LearnedView;
import jawread.server.practice.PracticeView.PracticeAdviceView;
import jawread.server.scale.ScaleWords;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A learner's page: what is firm and what is not, what next and why. */
@Service
class LearnerPages {
    private final Practice practice;
    private final Lessons lessons;
    private final PracticeWords practiceWords;
    private final ScaleWords scaleWords;
    private final Figures figures;
    private final Words words;
    private final Clock clock;

    LearnerPages(
            Practice practice,
            Lessons lessons,
            PracticeWords practiceWords,
            ScaleWords scaleWords,
            Figures figures,
            Words words,
            Clock clock) {
        this.practice = practice;
        this.lessons = lessons;
        this.practiceWords = practiceWords;
        this.scaleWords = scaleWords;
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
        return new PracticeAdviceView(
                advice.scale(),
                advice.slip().map(Slip::code).orElse(null),
                words.say(
                        "practice.next." + advice.why().code(),
                        Map.of(
                                "scale", name(advice.scale()),
                                "slip", advice.slip().map(practiceWords::name).orElse(""),
                                "missed", advice.strength().missed(),
                                "met", advice.strength().met(),
                                "times", advice.atWork())));
    }

    private String name(String scale) {
        return Scales.of(scale).map(scaleWords::name).orElse(scale);
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
                        .map(slip ->
                                practiceWords.trap(slip, strengths.getOrDefault(new Trap(id, slip), Strength.UNKNOWN)))
                        .sorted(Comparator.comparing((LearnedTrapView each) -> each.met() == 0)
                                .thenComparing(LearnedTrapView::percent))
                        .toList());
    }
}
