package jawread.server.measure;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.assess.MadeOf;
import jawread.core.assess.Origin;
import jawread.core.assess.Place;
import jawread.core.length.Refusal;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.choosing.FeatureMethods;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.GaugeState;
import jawread.server.drawer.Methods;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Lineage;
import jawread.server.job.Lineage.Seat;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.measure.FiguresRead.Sized;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps readings. */
@Service
public class Readings {
    /** A reading takes its time from the screen, the job from the server: seconds before is the same moment. */
    private static final Duration CLOCKS_APART = Duration.ofMinutes(1);

    private static final Duration FARTHEST_AHEAD = Duration.ofDays(1);

    private final ReadingRepository readings;
    private final Rounds rounds;
    private final Jobs jobs;
    private final PlansInForce plans;
    private final Drawer drawer;
    private final Methods methods;
    private final ReadingFigureRepository figures;
    private final FiguresRead figuresRead;
    private final ReadOff readOff;
    private final LastDigits lastDigits;
    private final Logs logs;
    private final Warmths warmths;
    private final FeatureMethods proposals;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;

    public Readings(
            ReadingRepository readings,
            Rounds rounds,
            Jobs jobs,
            PlansInForce plans,
            Drawer drawer,
            Methods methods,
            ReadingFigureRepository figures,
            FiguresRead figuresRead,
            ReadOff readOff,
            LastDigits lastDigits,
            Logs logs,
            Warmths warmths,
            FeatureMethods proposals,
            People people,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks) {
        this.readings = readings;
        this.rounds = rounds;
        this.jobs = jobs;
        this.plans = plans;
        this.drawer = drawer;
        this.methods = methods;
        this.figures = figures;
        this.figuresRead = figuresRead;
        this.readOff = readOff;
        this.lastDigits = lastDigits;
        this.logs = logs;
        this.warmths = warmths;
        this.proposals = proposals;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /**
     * Keeps a reading, once. Refuses another one under the same id with 409; a figure or parts that cannot be understood,
     * a sum that differs from the one made here, a time outside the job's, and a gauge that may not measure with 422.
     */
    @Transactional
    public TakenAt keep(KeepReading sent) {
        // Neither the gauges nor the job change from here on until this is kept.
        locks.ofPart(
                sent.part(),
                sent.figures()
                        .map(KeepReading::with)
                        .flatMap(with -> Stream.concat(Stream.of(with.gauge()), with.reader().stream())));
        Taking taking = taking(sent);
        if (taking.before().isPresent()) {
            return taking.at(Receipt.before(sent.id(), taking.before().get().seq()));
        }
        Person person = people.byId(sent.person());
        Sized sized = sized(taking, person);
        long seq = journal.write(taking.part().job().id(), What.READING);
        save(taking, sized, person, seq);
        return taking.at(Receipt.now(sent.id(), seq));
    }

    /**
     * Keeps many of one job at once, those that are kept already left out: all or none. Refuses what {@link #keep} does, but for their
     * time: they were taken before they came.
     *
     * @return how many were kept
     */
    @Transactional
    public int keepAll(long job, List<KeepReading> sent) {
        locks.ofJobWith(
                job,
                sent.stream()
                        .map(KeepReading::with)
                        .flatMap(with -> Stream.concat(Stream.of(with.gauge()), with.reader().stream()))
                        .distinct());
        var wanted = new ArrayList<Taking>();
        for (KeepReading each : sent) {
            Taking taking = taking(each);
            if (taking.before().isEmpty()) {
                wanted.add(taking);
            }
        }
        if (wanted.isEmpty()) {
            return 0;
        }
        long seq = journal.write(job, What.READING, wanted.size()) - wanted.size();
        for (Taking taking : wanted) {
            Person person = people.byId(taking.asked().person());
            save(taking, sized(taking, person), person, ++seq);
        }
        return wanted.size();
    }

    /** Why a reading would not be kept; empty where it would be, or is. Nothing is kept, and nobody waits. */
    @Transactional(readOnly = true)
    public Optional<Refused> refusal(KeepReading sent) {
        try {
            Taking taking = taking(sent);
            if (taking.before().isEmpty()) {
                sized(taking, people.byId(sent.person()));
            }
            return Optional.empty();
        } catch (Refused refused) {
            return Optional.of(refused);
        }
    }

    /**
     * A reading that is to be kept, and where that is.
     *
     * @param before as it was kept already; empty of a new one
     */
    private record Taking(
            KeepReading asked,
            List<GaugeAndReader> by,
            Part part,
            Feature edition,
            PlanRevision judging,
            Feature feature,
            Place taken,
            Place place,
            Optional<ReadingRow> before) {
        TakenAt at(Receipt receipt) {
            return new TakenAt(receipt, asked.id(), part, feature, asked.round(), place);
        }
    }

    private Taking taking(KeepReading sent) {
        List<GaugeAndReader> by =
                sent.figures().map(figure -> methods.method(figure.with())).toList();
        GaugeAndReader method = by.get(0);
        KeepReading seen = sent.made().isPresent() ? sent : readOff.byLooks(sent, method.read());
        Part part = plans.part(seen.part());
        // A page that was loaded before the plan was changed names the edition that it knew.
        Feature edition = plans.featureOf(part, seen.feature());
        PlanRevision judging = plans.judging(part.plan(), edition);
        Lineage lineage = plans.lineage(judging);
        Feature feature = plans.judged(part.plan(), edition);
        Place taken = jobs.placeOf(part, List.of(edition, feature), seen.place());
        Place place = lineage.seat(taken.id()).map(Seat::place).orElse(taken);
        Optional<ReadingRow> before = readings.findById(seen.id());
        if (before.isPresent()) {
            if (!before.get()
                    .isKeptAs(
                            seen,
                            rounds.asOne(part, edition, seen.round(), seen.takenAt())::contains,
                            () -> method.read().base(),
                            () -> figures.findAllByReadingIdInOrderByNumber(List.of(seen.id())))) {
                throw Refused.keptOtherwise(words);
            }
            return new Taking(seen, by, part, edition, judging, feature, taken, place, before);
        }
        // The last digits of a figure among several would stand for none of them.
        KeepReading asked = seen.made().isPresent()
                ? seen
                : lastDigits.whole(
                        seen,
                        method,
                        () -> logs.of(judging, plans.partsOf(part.plan()))
                                .get(part.id())
                                .of(feature.key()));
        refuseUnlessTakenMeanwhile(asked, part);
        by.forEach(each -> refuseUnlessFit(each, feature, part.plan()));
        refuseMadeUp(asked, part);
        refuseSameGauge(asked, method, part, feature, () -> lineage.numbersOf(feature.key(), place));
        return new Taking(asked, by, part, edition, judging, feature, taken, place, before);
    }

    private Sized sized(Taking taking, Person person) {
        return figuresRead.of(taking.asked(), taking.by(), taking.feature(), taking.part(), person);
    }

    private void save(Taking taking, Sized sized, Person person, long seq) {
        KeepReading asked = taking.asked();
        Part part = taking.part();
        long revision = jobs.fixRevisionWith(taking.edition(), taking.judging());
        MeasuringRoundRow round = rounds.forReading(asked, part, taking.edition(), person);
        readings.save(new ReadingRow(
                asked,
                sized.read(),
                part.job().id(),
                revision,
                round,
                sized.read().rests().warmth().flatMap(warmths::row),
                taking.taken(),
                taking.by().get(0),
                stateOf(taking.by(), asked.takenAt()),
                seq,
                clock.instant()));
        sized.made().ifPresent(made -> keep(made, asked));
    }

    private void keep(MadeOf made, KeepReading asked) {
        for (int i = 0; i < made.pieces().size(); i++) {
            figures.save(new ReadingFigureRow(asked.id(), i + 1, made.pieces().get(i), asked.takenAt()));
        }
    }

    /** How many readings were taken at a place of a part, struck ones too. */
    public record At(long part, long place, int readings) {}

    /** Of a job, as they were kept. */
    @Transactional(readOnly = true)
    public List<At> countedByPlace(long job) {
        return readings.findCountByPlace(job);
    }

    /** Where a reading was taken. */
    public record Where(long job, long part, long feature) {}

    /** Empty when there is no reading by this id. */
    @Transactional(readOnly = true)
    public Optional<Where> whereIs(UUID id) {
        return readings.findById(id)
                .map(reading -> new Where(
                        reading.jobId(), reading.partId(), reading.round().featureId()));
    }

    /** Not before its job was opened, and not tomorrow: a screen whose clock is wrong would put readings out of their order. */
    private void refuseUnlessTakenMeanwhile(KeepReading asked, Part part) {
        boolean isBefore = asked.origin() != Origin.DEMONSTRATION
                && asked.origin() != Origin.IMPORTED
                && asked.takenAt().isBefore(part.job().openedAt().minus(CLOCKS_APART));
        if (isBefore || asked.takenAt().isAfter(clock.instant().plus(FARTHEST_AHEAD))) {
            throw Refused.field("takenAt", isBefore ? "taken-before-job" : "taken-later", words);
        }
    }

    private void refuseUnlessFit(GaugeAndReader method, Feature feature, Plan plan) {
        List.of(method.gauge(), method.read()).stream()
                .filter(gauge -> !gauge.mayMeasure())
                .findFirst()
                .ifPresent(gauge -> {
                    var refusal = notFit(gauge, feature, plan);
                    throw Refused.field("gauge", refusal, words.say(refusal, gauge.unit()));
                });
        if (method.gauge().kind().isForThreads()) {
            var refusal = Refusal.of("thread-gauge-has-no-size")
                    .with("gauge", method.gauge().shopNumber());
            throw Refused.field("gauge", refusal, words.say(refusal, plan.job().unit()));
        }
        if (method.gauge().kind().isLimitGauge() && !Methods.isFor(method.gauge(), feature.kind())) {
            var refusal = Refusal.of("limit-gauge-not-for-feature")
                    .with("gauge", method.gauge().shopNumber());
            throw Refused.field("gauge", refusal, words.say(refusal, plan.job().unit()));
        }
        if (method.gauge().kind().isTransfer() != method.reader().isPresent()
                || !method.read().hasScale() && !method.read().kind().isBracket()) {
            var refusal =
                    Refusal.of("reader-needed").with("gauge", method.gauge().shopNumber());
            throw Refused.field("gauge", refusal, words.say(refusal, plan.job().unit()));
        }
    }

    /** Refused with the way out: what it can be measured with instead. */
    private Refusal notFit(Gauge gauge, Feature feature, Plan plan) {
        String instead = proposals
                .inForce(plan, feature.key(), feature.planned())
                .map(GaugeAndReader::number)
                .orElse(words.say("gauge.another"));
        return Refusal.of("gauge-not-fit")
                .with("gauge", gauge.shopNumber())
                .with("state", words.say("gauge.state." + drawer.stateOf(gauge).code()))
                .with("instead", instead);
    }

    /** Of all, the worst, when it was read. */
    private GaugeState stateOf(List<GaugeAndReader> by, Instant at) {
        List<GaugeState> states = by.stream()
                .flatMap(method -> Stream.of(method.gauge(), method.read()))
                .map(gauge -> drawer.stateAt(gauge, at))
                .toList();
        return states.contains(GaugeState.DUE) ? GaugeState.DUE : states.get(0);
    }

    private void refuseMadeUp(KeepReading asked, Part part) {
        if (asked.origin() == Origin.DEMONSTRATION && !part.job().demonstration()) {
            throw Refused.field("origin", "made-up", words);
        }
    }

    /** It would make the same slip again, and agree with it. */
    private void refuseSameGauge(
            KeepReading asked, GaugeAndReader method, Part part, Feature feature, Supplier<Set<Long>> places) {
        if (asked.quick()
                && readings.existsWith(
                        asked.part(),
                        places.get(),
                        rounds.asOne(part, feature, asked.round(), asked.takenAt()),
                        method.read().id())) {
            var refusal = Refusal.of("check-with-same-gauge")
                    .with("gauge", method.read().shopNumber());
            throw Refused.field(
                    "gauge", refusal, words.say(refusal, method.read().unit()));
        }
    }
}
