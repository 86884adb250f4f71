package jawread.server.ready;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.judgement.LookSheets;
import jawread.server.judgement.LookView;
import jawread.server.judgement.OpenFeatures;
import jawread.server.measure.Looks;
import jawread.server.measure.PartWarmth;
import jawread.server.measure.Warmths;
import jawread.server.ready.ReadyView.ReadyDoneView;
import jawread.server.settings.Caution;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is due before a part is measured; nothing that was done lately is asked again. */
@Service
class Ready {
    private final People people;
    private final Jobs jobs;
    private final LookSheets looks;
    private final Looks ticks;
    private final OpenFeatures open;
    private final PartCards partCards;
    private final GaugeCards gaugeCards;
    private final Warmths warmths;
    private final ReadyMarks marks;
    private final Durations durations;
    private final Figures figures;
    private final Words words;

    Ready(
            People people,
            Jobs jobs,
            LookSheets looks,
            Looks ticks,
            OpenFeatures open,
            PartCards partCards,
            GaugeCards gaugeCards,
            Warmths warmths,
            ReadyMarks marks,
            Durations durations,
            Figures figures,
            Words words) {
        this.people = people;
        this.jobs = jobs;
        this.looks = looks;
        this.ticks = ticks;
        this.open = open;
        this.partCards = partCards;
        this.gaugeCards = gaugeCards;
        this.warmths = warmths;
        this.marks = marks;
        this.durations = durations;
        this.figures = figures;
        this.words = words;
    }

    /** Refuses an unknown part with 404. @param person whose cautions they are; none while nobody stands there */
    @Transactional(readOnly = true)
    public ReadyView of(long partId, Optional<Person> person) {
        Part part = jobs.part(partId);
        Job job = part.job();
        LookView look = looks.of(partId, person);
        List<ReadyMark> lately = marks.lately(job);
        List<Feature> sizes = open.of(part);
        List<DueCard> due = all(part, look, sizes)
                .filter(each -> lately.stream().noneMatch(mark -> answers(mark, each, person)))
                .toList();
        return new ReadyView(
                job.id(),
                job.name(),
                part.id(),
                part.name(),
                look.lives(),
                durations.of(due.stream().mapToLong(DueCard::seconds).sum()),
                warmths.of(part).map(this::said).orElse(null),
                due.stream().map(DueCard::card).toList(),
                lately.stream().flatMap(mark -> done(mark).stream()).toList(),
                walk(part, sizes).orElse(null),
                look.next());
    }

    /** @param sizes of it that are open */
    private Optional<Long> walk(Part part, List<Feature> sizes) {
        return Stream.concat(sizes.stream(), jobs.newest(part.plan()).sizes().stream())
                .findFirst()
                .map(Feature::id);
    }

    /** In the order in which they are done. @param sizes that are open */
    private Stream<DueCard> all(Part part, LookView look, List<Feature> sizes) {
        Map<Feature, GaugeAndReader> with = gaugeCards.with(part, sizes);
        return Stream.of(
                        partCards.cautions(look),
                        partCards.look(part, look),
                        gaugeCards.wipe(with),
                        partCards.warmth(part, sizes),
                        gaugeCards.check(with),
                        gaugeCards.set(part.job(), with))
                .flatMap(List::stream);
    }

    /** A caution is passed over by each person alone. */
    private static boolean answers(ReadyMark mark, DueCard due, Optional<Person> person) {
        return mark.card().equals(due.card().code())
                && (due.kind() != CardKind.CAUTION
                        || person.filter(who -> who.id() == mark.person()).isPresent());
    }

    private String said(PartWarmth warmth) {
        return words.say(
                warmth.gauge().isPresent() ? "ready.warmth" : "ready.warmth.part",
                Map.of(
                        "part", figures.number(warmth.part()),
                        "gauge", warmth.gauge().map(figures::number).orElse(""),
                        "person", people.nameOf(warmth.person())));
    }

    private Optional<ReadyDoneView> done(ReadyMark mark) {
        boolean isDone = mark.reason().isEmpty();
        return CardKind.of(mark.card())
                .map(kind -> new ReadyDoneView(
                        words.say("ready.card." + kind.code()),
                        words.say(
                                isDone ? "ready.done" : "ready.passed-over",
                                Map.of("person", people.nameOf(mark.person()))),
                        isDone ? null : mark.reason()));
    }

    /**
     * Keeps that a card was done, or why it was passed over. A caution that was taken in is ticked off for good. Refuses a card
     * that is none.
     */
    @Transactional
    public void mark(UUID id, long partId, String card, String reason, Person person) {
        Job job = jobs.part(partId).job();
        CardKind kind = CardKind.of(card).orElseThrow(() -> Refused.field("card", "no-such-card", words));
        if (kind == CardKind.CAUTION && reason.isBlank()) {
            Caution caution = Caution.of(card.substring(card.indexOf('-') + 1))
                    .orElseThrow(() -> Refused.field("card", "no-such-caution", words));
            ticks.tick(id, job.id(), caution.code(), person);
        } else {
            marks.keep(id, job, card, reason, person);
        }
    }
}
