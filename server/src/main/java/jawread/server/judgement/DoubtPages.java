package jawread.server.judgement;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import jawread.core.assess.Doubt.ZeroMoved;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.Instrument;
import jawread.core.assess.ReadWith;
import jawread.core.assess.Reading;
import jawread.core.length.Length;
import jawread.server.access.People;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeCheck;
import jawread.server.drawer.InstrumentsInForce;
import jawread.server.drawer.ZeroChecks;
import jawread.server.job.Jobs;
import jawread.server.judgement.DoubtsView.DoubtfulPlaceView;
import jawread.server.judgement.DoubtsView.DoubtfulReadingView;
import jawread.server.judgement.DoubtsView.WhereView;
import jawread.server.judgement.DoubtsView.ZeroView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the page of what is in doubt now, through all jobs. */
@Service
public class DoubtPages {
    private final PartsInDoubt index;
    private final InstrumentsInForce instruments;
    private final Drawer drawer;
    private final People people;
    private final Jobs jobs;
    private final Judgements judgements;
    private final ZeroChecks checks;
    private final ComparatorSettings settings;
    private final DoubtWords doubtWords;
    private final Figures figures;
    private final Words words;

    DoubtPages(
            PartsInDoubt index,
            InstrumentsInForce instruments,
            Drawer drawer,
            People people,
            Jobs jobs,
            Judgements judgements,
            ZeroChecks checks,
            ComparatorSettings settings,
            DoubtWords doubtWords,
            Figures figures,
            Words words) {
        this.index = index;
        this.instruments = instruments;
        this.drawer = drawer;
        this.people = people;
        this.jobs = jobs;
        this.judgements = judgements;
        this.checks = checks;
        this.settings = settings;
        this.doubtWords = doubtWords;
        this.figures = figures;
        this.words = words;
    }

    /** A reading on a gauge that was found off. */
    record Off(DoubtfulPlace at, ZeroMoved doubt) {}

    /** As far as the index knows. @param besides plans that it does not know of */
    @Transactional(readOnly = true)
    public DoubtsView now(List<Long> besides) {
        return page(index.plans(besides).stream().flatMap(DoubtfulPlace::of).toList());
    }

    private DoubtsView page(List<DoubtfulPlace> all) {
        return new DoubtsView(
                byCheck(all).entrySet().stream()
                        .sorted(Comparator.comparingDouble(
                                entry -> -entry.getValue().get(0).doubt().times()))
                        .map(entry -> zero(entry.getKey(), entry.getValue()))
                        .toList(),
                all.stream()
                        .filter(DoubtfulPlace::isMisread)
                        .sorted(Comparator.comparingDouble(at -> -at.times()))
                        .map(this::place)
                        .toList());
    }

    /** What rests on a check, in some jobs. */
    @Transactional(readOnly = true)
    public List<Off> restingOn(UUID check, Set<Long> inJobs) {
        return byCheck(inJobs.stream()
                        .flatMap(job -> jobs.plansOf(jobs.job(job)).stream())
                        .map(judgements::of)
                        .flatMap(DoubtfulPlace::of)
                        .toList())
                .getOrDefault(check, List.of());
    }

    private static Map<UUID, List<Off>> byCheck(List<DoubtfulPlace> all) {
        var byCheck = new LinkedHashMap<UUID, List<Off>>();
        all.forEach(at -> at.place().doubts().forEach(doubt -> {
            if (doubt instanceof ZeroMoved moved) {
                byCheck.computeIfAbsent(moved.moved().look().id(), id -> new ArrayList<>())
                        .add(new Off(at, moved));
            }
        }));
        byCheck.values()
                .forEach(each -> each.sort(
                        Comparator.comparing(off -> off.doubt().reading().takenAt())));
        return byCheck;
    }

    private ZeroView zero(UUID id, List<Off> resting) {
        Reading first = resting.get(0).doubt().reading();
        Instrument on = resting.get(0).doubt().on();
        ReadWith with = first.withOn(on);
        Gauge gauge = drawer.byId(on.id());
        Length found = resting.get(0).doubt().moved().look().check().found();
        return new ZeroView(
                id,
                gauge.id(),
                gauge.shopNumber(),
                words.say(
                        "doubts.zero." + (found.isNegative() ? "small" : "large")
                                + (with.onMaster() ? ".on-master" : ""),
                        Map.of(
                                "gauge", gauge.shopNumber(),
                                "found", figures.exactly(found.abs(), gauge.unit()),
                                "person", people.nameOf(lookedBy(id, gauge)),
                                "count", resting.size())),
                instruments
                        .now()
                        .of(gauge.id())
                        .zerosOf(with)
                        .lastGoodBefore(first.takenAt().toEpochMilli())
                        .map(look -> Instant.ofEpochMilli(look.at()))
                        .orElse(null),
                resting.stream().map(this::reading).toList());
    }

    /** Whoever looked at its zero, or set it on its master once more. */
    private long lookedBy(UUID look, Gauge gauge) {
        return checks.of(gauge).stream()
                .filter(each -> each.id().equals(look))
                .findFirst()
                .map(GaugeCheck::person)
                .orElseGet(() -> settings.byIds(List.of(look)).get(0).person());
    }

    private DoubtfulReadingView reading(Off off) {
        Reading reading = off.doubt().reading();
        return new DoubtfulReadingView(
                reading.id(),
                figures.reading(reading.raw(), reading.unit(), reading.resolution()),
                figures.computed(DoubtAnswers.corrected(off.doubt()), reading.unit(), reading.resolution(), List.of()),
                reading.takenAt(),
                people.nameOf(reading.person()),
                where(off.at()),
                off.at().isInForce()
                        && off.at().feature().inForce().deciding().stream()
                                .anyMatch(place -> place.place().id()
                                        == off.at().place().place().id()));
    }

    private DoubtfulPlaceView place(DoubtfulPlace at) {
        return new DoubtfulPlaceView(where(at), doubtWords.of(at.place()));
    }

    private static WhereView where(DoubtfulPlace at) {
        FeatureAssessment feature = at.feature();
        return new WhereView(
                at.part().id(),
                feature.feature().id(),
                at.place().place().id(),
                String.join(
                        ", ",
                        at.part().job().name(),
                        at.part().name(),
                        feature.feature().name(),
                        at.place().place().name()));
    }
}
