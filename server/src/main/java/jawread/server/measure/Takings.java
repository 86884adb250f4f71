package jawread.server.measure;

import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import jawread.core.assess.Feature;
import jawread.core.assess.Origin;
import jawread.core.assess.Place;
import jawread.core.assess.ReadWith;
import jawread.core.length.Refusal;
import jawread.server.choosing.FeatureMethods;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.Methods;
import jawread.server.job.Jobs;
import jawread.server.job.Lineage;
import jawread.server.job.Lineage.Seat;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import jawread.server.signal.GaugeFigures;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Finds out where a reading that was sent belongs, and refuses one that cannot be kept there. */
@Component
class Takings {
    /** A reading takes its time from the screen, the job from the server: seconds before is the same moment. */
    private static final Duration CLOCKS_APART = Duration.ofMinutes(1);

    private static final Duration FARTHEST_AHEAD = Duration.ofDays(1);

    private final ReadingRepository readings;
    private final ReadingFigureRepository figures;
    private final Rounds rounds;
    private final Jobs jobs;
    private final PlansInForce plans;
    private final Drawer drawer;
    private final Methods methods;
    private final ReadOff readOff;
    private final LastDigits lastDigits;
    private final Logs logs;
    private final FeatureMethods proposals;
    private final GaugeFigures signals;
    private final Clock clock;
    private final Words words;

    Takings(
            ReadingRepository readings,
            ReadingFigureRepository figures,
            Rounds rounds,
            Jobs jobs,
            PlansInForce plans,
            Drawer drawer,
            Methods methods,
            ReadOff readOff,
            LastDigits lastDigits,
            Logs logs,
            FeatureMethods proposals,
            GaugeFigures signals,
            Clock clock,
            Words words) {
        this.readings = readings;
        this.figures = figures;
        this.rounds = rounds;
        this.jobs = jobs;
        this.plans = plans;
        this.drawer = drawer;
        this.methods = methods;
        this.readOff = readOff;
        this.lastDigits = lastDigits;
        this.logs = logs;
        this.proposals = proposals;
        this.signals = signals;
        this.clock = clock;
        this.words = words;
    }

    /** Refuses as {@link Readings#keep} says. */
    Taking of(KeepReading sent) {
        return new Begun(() -> {}).of(sent, readings.findById(sent.id()));
    }

    /**
     * For the readings of one transaction, before it writes any: a part that is looked for later has all that was written compared with what
     * it was, to be written out before.
     *
     * @param writeOut what was kept and is not in the database yet: run before that is asked what was read
     */
    Begun begun(List<KeepReading> sent, Runnable writeOut) {
        var begun = new Begun(writeOut);
        List<Long> parts = sent.stream().map(KeepReading::part).distinct().toList();
        InPieces.of(parts)
                .flatMap(some -> jobs.partsListed(some).stream())
                .forEach(part -> begun.parts.put(part.id(), part));
        return begun;
    }

    /** Each part, each gauge and each feature of a part is looked for once. */
    final class Begun {
        private final Map<Long, Part> parts = new HashMap<>();
        private final Map<ReadWith, GaugeAndReader> found = new HashMap<>();
        private final Map<Sent, Judged> judged = new HashMap<>();
        private final Runnable writeOut;

        private record Sent(long part, long feature) {}

        private Begun(Runnable writeOut) {
            this.writeOut = writeOut;
        }

        /**
         * Refuses as {@link Readings#keep} says.
         *
         * @param before as it was kept already
         */
        Taking of(KeepReading sent, Optional<ReadingRow> before) {
            List<GaugeAndReader> by = sent.figures().map(this::method).toList();
            GaugeAndReader method = by.get(0);
            KeepReading seen = asSent(sent.made().isPresent() ? sent : readOff.byLooks(sent, method.read()), method);
            Judged on = judged.computeIfAbsent(
                    new Sent(seen.part(), seen.feature()), unused -> judged(part(seen.part()), seen.feature()));
            return taking(seen, by, on, before);
        }

        private Taking taking(KeepReading seen, List<GaugeAndReader> by, Judged on, Optional<ReadingRow> before) {
            GaugeAndReader method = by.get(0);
            Part part = on.part();
            Feature edition = on.edition();
            PlanRevision judging = on.judging();
            Lineage lineage = on.lineage();
            Feature feature = on.feature();
            Place taken = jobs.placeOf(part, List.of(edition, feature), seen.place());
            Place place = lineage.seat(taken.id()).map(Seat::place).orElse(taken);
            if (before.isPresent()) {
                writeOut.run();
                if (!before.get()
                        .isKeptAs(
                                seen,
                                rounds.asOne(part, edition, seen.round(), seen.takenAt())::contains,
                                () -> method.read().base(),
                                () -> figures.findAllByReadingIdInOrderByNumber(List.of(seen.id())))) {
                    throw Refused.keptOtherwise(words);
                }
                return new Taking(seen, by, part, edition, judging, lineage, feature, taken, place, before);
            }
            // The last digits of a figure among several would stand for none of them.
            KeepReading asked = seen.made().isPresent()
                    ? seen
                    : lastDigits.whole(seen, method, () -> {
                        writeOut.run();
                        return logs.of(judging, plans.partsOf(part.plan()))
                                .get(part.id())
                                .of(feature.key());
                    });
            refuseUnlessTakenMeanwhile(asked, part);
            by.forEach(each -> refuseUnlessFit(each, feature, part.plan()));
            refuseMadeUp(asked, part);
            refuseSameGauge(asked, method, part, feature, () -> lineage.numbersOf(feature.key(), place));
            return new Taking(asked, by, part, edition, judging, lineage, feature, taken, place, before);
        }

        /** It would make the same slip again, and agree with it. */
        private void refuseSameGauge(
                KeepReading asked, GaugeAndReader method, Part part, Feature feature, Supplier<Set<Long>> places) {
            if (!asked.quick()) {
                return;
            }
            writeOut.run();
            if (readings.existsWith(
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

        private Part part(long id) {
            return parts.computeIfAbsent(id, plans::part);
        }

        private GaugeAndReader method(KeepReading figure) {
            return found.computeIfAbsent(figure.with(), methods::method);
        }
    }

    /** The feature of a part that a reading is taken on, as the page knew it and as it is judged. */
    private record Judged(Part part, Feature edition, PlanRevision judging, Lineage lineage, Feature feature) {}

    /** @param named the feature: a page that was loaded before the plan was changed names the edition that it knew */
    private Judged judged(Part part, long named) {
        Feature edition = plans.featureOf(part, named);
        PlanRevision judging = plans.judging(part.plan(), edition);
        return new Judged(part, edition, judging, plans.lineage(judging), plans.judged(part.plan(), edition));
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

    private void refuseMadeUp(KeepReading asked, Part part) {
        if (asked.origin() == Origin.DEMONSTRATION && !part.job().demonstration()) {
            throw Refused.field("origin", "made-up", words);
        }
        if (asked.origin() == Origin.SIMULATED && !part.job().isForShow()) {
            throw Refused.field("origin", "simulated", words);
        }
    }

    /** A reading that bears the id of what a gauge sent is that, and no other figure of no other gauge. */
    private KeepReading asSent(KeepReading asked, GaugeAndReader method) {
        if (asked.origin() != Origin.TYPED) {
            return asked;
        }
        return signals.sent(asked.id())
                .map(figure -> {
                    boolean isIt = asked.made().isEmpty()
                            && asked.typed().filter(figure.figure()::equals).isPresent()
                            && (figure.gauge() == method.gauge().id()
                                    || figure.gauge() == method.read().id());
                    if (!isIt) {
                        throw Refused.field("typed", "not-as-sent", words);
                    }
                    return asked.sentBy(figure.flags().isSimulated() ? Origin.SIMULATED : Origin.GAUGE);
                })
                .orElse(asked);
    }
}
