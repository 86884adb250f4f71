package jawread.server.measure;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.Feature;
import jawread.core.assess.MadeOf;
import jawread.core.assess.MadeOf.Piece;
import jawread.core.assess.ReadWith;
import jawread.core.assess.Reading.Corrections;
import jawread.core.assess.Reading.Figure;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.Methods;
import jawread.server.drawer.Methods.Hands;
import jawread.server.drawer.Trial;
import jawread.server.drawer.ZeroChecks;
import jawread.server.job.Part;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What was read, with what is known of the gauge taken off, at 20 °C: one figure, or a size that is made of several. */
@Component
class FiguresRead {
    private final ReadOff readOff;
    private final Methods methods;
    private final ZeroChecks checks;
    private final ComparatorSettings settings;
    private final Warmths warmths;
    private final Words words;

    FiguresRead(
            ReadOff readOff,
            Methods methods,
            ZeroChecks checks,
            ComparatorSettings settings,
            Warmths warmths,
            Words words) {
        this.readOff = readOff;
        this.methods = methods;
        this.checks = checks;
        this.settings = settings;
        this.warmths = warmths;
        this.words = words;
    }

    /** @param made of what; empty where it is one figure */
    record Sized(Read read, Optional<MadeOf> made) {}

    /** For the readings of one transaction. */
    Begun begun() {
        return new Begun();
    }

    /** How warm a part is, what a gauge is off, and what is known of somebody's hands, is asked once. */
    final class Begun {
        private final Map<Long, Optional<PartWarmth>> warm = new HashMap<>();
        private final Map<Long, Length> off = new HashMap<>();
        private final Map<Long, Hands> hands = new HashMap<>();
        private final Map<Held, Length> spreads = new HashMap<>();

        private record Held(ReadWith method, FeatureKind kind, List<Trial> young) {}

        private Begun() {}

        private Length isOff(Gauge gauge) {
            return off.computeIfAbsent(gauge.id(), unused -> checks.correction(gauge));
        }

        private Length spread(GaugeAndReader method, FeatureKind kind, Person person, Instant at) {
            List<Trial> young = hands.computeIfAbsent(person.id(), unused -> methods.inTheHandsOf(person))
                    .youngTrials(at);
            return spreads.computeIfAbsent(
                    new Held(method.readWith(), kind, young), unused -> Methods.spread(method, kind, young));
        }

        /**
         * Refuses with 422 what {@link ReadOff} does, figures between two pins, and a size that these figures cannot make.
         *
         * @param by the gauge of each figure
         */
        Sized of(KeepReading asked, List<GaugeAndReader> by, Feature feature, Part part, Person person) {
            Optional<PartWarmth> warmth = warm.computeIfAbsent(part.id(), unused -> warmths.of(part));
            if (asked.made().isEmpty()) {
                return new Sized(one(asked, by.get(0), feature, part, person, warmth), Optional.empty());
            }
            var pieces = new ArrayList<Piece>();
            List<KeepReading> figures = asked.figures().toList();
            for (int i = 0; i < figures.size(); i++) {
                pieces.add(piece(figures.get(i), by.get(i), feature, part, person, warmth));
            }
            var made = new MadeOf(asked.made().get().way(), pieces);
            Length raw = made.raw().fold(size -> size, refusal -> {
                throw Refused.field(
                        "typed", refusal, words.say(refusal, by.get(0).read().unit()));
            });
            return new Sized(
                    new Read(
                            raw,
                            made.resolution(),
                            pieces.get(0).figure().unit(),
                            made.known(),
                            made.spread(),
                            Read.RestsOn.of(Optional.empty(), Optional.empty()).at(warmth, made.thermal()),
                            Optional.of(made.leastCount())),
                    Optional.of(made));
        }

        private Piece piece(
                KeepReading asked,
                GaugeAndReader method,
                Feature feature,
                Part part,
                Person person,
                Optional<PartWarmth> warmth) {
            if (method.read().kind().isBracket() || method.read().kind().isLimitGauge()) {
                var refusal = Refusal.of("made-of-readings")
                        .with("gauge", method.read().shopNumber());
                throw Refused.field(
                        "gauge", refusal, words.say(refusal, method.read().unit()));
            }
            Read read = one(readOff.byLooks(asked, method.read()), method, feature, part, person, warmth);
            return new Piece(
                    method.readWith(),
                    asked.typed().orElseThrow(),
                    new Figure(
                            read.rests().base(),
                            read.value(),
                            Optional.empty(),
                            read.resolution(),
                            method.read().leastCount(),
                            read.spread(),
                            read.unit()),
                    new Corrections(
                            read.correction(),
                            read.rests().thermal(),
                            read.rests().setting().map(ComparatorSetting::setTo),
                            warmth.map(PartWarmth::temperature)));
        }

        private Read one(
                KeepReading asked,
                GaugeAndReader method,
                Feature feature,
                Part part,
                Person person,
                Optional<PartWarmth> warmth) {
            Optional<ComparatorSetting> setting =
                    method.isSet() ? settings.of(method.gauge(), asked.takenAt()) : Optional.empty();
            Read read = readOff.of(asked, method, feature.kind(), setting)
                    .with(
                            // What its frame is off is in what it showed on the master, too.
                            method.onMaster() ? Length.ZERO : isOff(method.read()),
                            spread(method, feature.kind(), person, asked.takenAt()));
            return read.at(
                    warmth,
                    warmths.correction(
                            warmth,
                            part.job(),
                            read.value().plus(read.correction()),
                            read.rests().setting()));
        }
    }
}
