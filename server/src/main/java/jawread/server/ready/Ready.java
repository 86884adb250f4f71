package jawread.server.ready;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.CheckWanted;
import jawread.core.gauge.SetSize;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.choosing.FeatureMethods;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.ZeroChecks;
import jawread.server.drawer.ZerosWanting;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlannedFeatures;
import jawread.server.judgement.LookSheets;
import jawread.server.judgement.LookView;
import jawread.server.judgement.OpenFeatures;
import jawread.server.measure.Looks;
import jawread.server.measure.PartWarmth;
import jawread.server.measure.Warmths;
import jawread.server.ready.ReadyView.ReadyCardView;
import jawread.server.ready.ReadyView.ReadyDoneView;
import jawread.server.settings.Caution;
import jawread.server.settings.Setting;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is due before a part is measured; nothing that was done lately is asked again. */
@Service
class Ready {
    private final Jobs jobs;
    private final LookSheets looks;
    private final Looks ticks;
    private final OpenFeatures open;
    private final PlannedFeatures planned;
    private final FeatureMethods methods;
    private final ZeroChecks checks;
    private final ComparatorSettings settings;
    private final Warmths warmths;
    private final PartsWarmth partsWarmth;
    private final ReadyMarks marks;
    private final Durations durations;
    private final Figures figures;
    private final Words words;

    Ready(
            Jobs jobs,
            LookSheets looks,
            Looks ticks,
            OpenFeatures open,
            PlannedFeatures planned,
            FeatureMethods methods,
            ZeroChecks checks,
            ComparatorSettings settings,
            Warmths warmths,
            PartsWarmth partsWarmth,
            ReadyMarks marks,
            Durations durations,
            Figures figures,
            Words words) {
        this.jobs = jobs;
        this.looks = looks;
        this.ticks = ticks;
        this.open = open;
        this.planned = planned;
        this.methods = methods;
        this.checks = checks;
        this.settings = settings;
        this.warmths = warmths;
        this.partsWarmth = partsWarmth;
        this.marks = marks;
        this.durations = durations;
        this.figures = figures;
        this.words = words;
    }

    /** A card, and about how many seconds it takes. */
    private record Due(ReadyCardView card, long seconds) {}

    /** Refuses an unknown part with 404. @param person whose cautions they are; none while nobody stands there */
    @Transactional(readOnly = true)
    public ReadyView of(long partId, Optional<Person> person) {
        Part part = jobs.part(partId);
        Job job = part.job();
        LookView look = looks.of(partId, person);
        List<ReadyMark> lately = marks.lately(job);
        List<Feature> sizes = open.of(part);
        Map<Feature, GaugeAndReader> with = with(part, sizes);
        List<Due> due = Stream.of(
                        cautions(look),
                        looking(part, look),
                        wiping(with),
                        warmth(part, sizes),
                        checking(with),
                        setting(job, with))
                .flatMap(List::stream)
                .filter(each -> lately.stream().noneMatch(mark -> answers(mark, each.card(), person)))
                .toList();
        return new ReadyView(
                job.id(),
                job.name(),
                part.id(),
                part.name(),
                look.lives(),
                durations.of(due.stream().mapToLong(Due::seconds).sum()),
                warmths.of(part).map(this::said).orElse(null),
                due.stream().map(Due::card).toList(),
                lately.stream().map(this::done).toList(),
                look.next());
    }

    private String said(PartWarmth warmth) {
        return words.say(
                warmth.gauge().isPresent() ? "ready.warmth" : "ready.warmth.part",
                Map.of(
                        "part", figures.number(warmth.part()),
                        "gauge", warmth.gauge().map(figures::number).orElse(""),
                        "person", warmth.person().name()));
    }

    /** A caution is passed over by each person alone. */
    private static boolean answers(ReadyMark mark, ReadyCardView card, Optional<Person> person) {
        return mark.card().equals(card.code())
                && (!card.kind().equals("caution")
                        || person.filter(who -> who.id() == mark.person().id()).isPresent());
    }

    private Map<Feature, GaugeAndReader> with(Part part, List<Feature> sizes) {
        MethodsOfPlan all = methods.of(part.plan(), Optional.empty());
        var with = new LinkedHashMap<Feature, GaugeAndReader>();
        sizes.forEach(feature -> all.inForce(feature.key(), planned.of(feature))
                .map(Weighed::method)
                .ifPresent(method -> with.put(feature, method)));
        return with;
    }

    private List<Due> cautions(LookView look) {
        return look.cautions().stream()
                .map(caution -> due("caution-" + caution.code(), "caution", caution.title(), caution.sentence(), 4))
                .toList();
    }

    private List<Due> looking(Part part, LookView look) {
        long unseen = look.items().stream().filter(item -> item.found() == null).count();
        return unseen == 0
                ? List.of()
                : List.of(due(
                        "look-" + part.id(),
                        "look",
                        words.say("ready.look", Map.of("part", part.name())),
                        words.say("ready.look.sentence"),
                        6 * unseen));
    }

    private List<Due> wiping(Map<Feature, GaugeAndReader> with) {
        String faces = read(with)
                .filter(gauge -> gauge.kind().hasZero())
                .map(Gauge::shopNumber)
                .collect(Collectors.joining(", "));
        return faces.isEmpty()
                ? List.of()
                : List.of(due(
                        "wipe",
                        "wipe",
                        words.say("ready.wipe"),
                        words.say("ready.wipe.sentence", Map.of("gauges", faces)),
                        15));
    }

    private List<Due> warmth(Part part, List<Feature> sizes) {
        boolean isKnown = warmths.of(part).isPresent();
        return isKnown || !partsWarmth.matters(part, sizes)
                ? List.of()
                : List.of(due(
                        "temperature-" + part.id(),
                        "temperature",
                        words.say("ready.temperature"),
                        words.say("ready.temperature.sentence", Map.of("part", part.name())),
                        12));
    }

    private List<Due> checking(Map<Feature, GaugeAndReader> with) {
        ZerosWanting wanting = checks.wanting();
        return read(with)
                .filter(gauge -> !gauge.kind().isComparator())
                .flatMap(gauge -> wanting.of(gauge).or(() -> atStart(gauge, wanting)).stream()
                        .map(why -> new Due(
                                new ReadyCardView(
                                        "check-" + gauge.id(),
                                        "check",
                                        words.say("ready.check", Map.of("gauge", gauge.shopNumber())),
                                        wanted(why, gauge),
                                        gauge.id(),
                                        null,
                                        false),
                                15)))
                .toList();
    }

    /** A gauge last looked at longer ago than a break may be. */
    private static Optional<CheckWanted> atStart(Gauge gauge, ZerosWanting wanting) {
        return wanting.lookedAt(gauge)
                .flatMap(at -> CheckWanted.atStart(
                        false, Duration.between(at, wanting.now()).toMinutes(), wanting.longestBreak()));
    }

    /** Of each comparator the first size that it is not set for: the others come when it is their turn. */
    private List<Due> setting(Job job, Map<Feature, GaugeAndReader> with) {
        var due = new LinkedHashMap<Long, Due>();
        with.forEach((feature, method) -> {
            Gauge gauge = method.gauge();
            if (gauge.kind().isComparator() && gauge.mayMeasure() && !due.containsKey(gauge.id())) {
                Length size = setSize(job, feature);
                settings.wanted(gauge, size).ifPresent(why -> due.put(gauge.id(), set(gauge, feature, size, why)));
            }
        });
        return new ArrayList<>(due.values());
    }

    private Due set(Gauge gauge, Feature feature, Length size, CheckWanted why) {
        boolean putBack = why != CheckWanted.NOT_SET;
        return new Due(
                new ReadyCardView(
                        "set-" + gauge.id(),
                        "set",
                        words.say(
                                putBack ? "ready.put-back" : "ready.set",
                                Map.of("gauge", gauge.shopNumber(), "feature", feature.name())),
                        wanted(why, gauge),
                        gauge.id(),
                        TypedFields.asTyped(size, gauge.unit()),
                        putBack),
                putBack ? 30 : 180);
    }

    private static Length setSize(Job job, Feature feature) {
        return SetSize.of(job.choiceOf(Setting.BORE_SET_SIZE))
                .orElse(SetSize.MIDDLE)
                .of(feature.limits(), job.unit());
    }

    private Stream<Gauge> read(Map<Feature, GaugeAndReader> with) {
        return with.values().stream()
                .map(GaugeAndReader::read)
                .filter(Gauge::mayMeasure)
                .collect(Collectors.toMap(Gauge::id, gauge -> gauge, (one, same) -> one, LinkedHashMap::new))
                .values()
                .stream();
    }

    private String wanted(CheckWanted why, Gauge gauge) {
        return words.say("check-wanted." + why.code(), Map.of("gauge", gauge.shopNumber()));
    }

    private static Due due(String code, String kind, String title, String sentence, long seconds) {
        return new Due(new ReadyCardView(code, kind, title, sentence, null, null, false), seconds);
    }

    private ReadyDoneView done(ReadyMark mark) {
        String kind = mark.card().replaceAll("-.*", "");
        boolean isDone = mark.reason().isEmpty();
        return new ReadyDoneView(
                words.say("ready.card." + kind),
                words.say(
                        isDone ? "ready.done" : "ready.passed-over",
                        Map.of("person", mark.person().name())),
                isDone ? null : mark.reason());
    }

    /** Keeps that a card was done, or why it was passed over. A caution that was taken in is ticked off for good. */
    @Transactional
    public void mark(UUID id, long partId, String card, String reason, Person person) {
        Job job = jobs.part(partId).job();
        Optional<Caution> caution =
                card.startsWith("caution-") ? Caution.of(card.substring("caution-".length())) : Optional.empty();
        if (caution.isPresent() && reason.isBlank()) {
            ticks.tick(id, job.id(), caution.get().code(), person);
        } else {
            marks.keep(id, job, card, reason, person);
        }
    }
}
