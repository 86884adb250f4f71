package jawread.server.drawer;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.assess.Instruments;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.Method;
import jawread.core.gauge.Usage;
import jawread.core.judge.GaugeError;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.journal.What;
import jawread.server.live.Happened;
import jawread.server.live.KeptWhile;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the gauges of the drawer are to the rules of measuring. */
@Service
public class Methods {
    private static final int MOST_PEOPLE = 200;

    private final InstrumentsInForce instruments;
    private final Drawer drawer;
    private final TrialRepository trials;
    private final ShopSettings settings;
    private final Happened happened;
    private final Clock clock;
    private final KeptWhile<What, Standing, AtHand> inNobodysHands = new KeptWhile<>(1);
    /** By person, whatever their age, under the changes of the drawer. */
    private final KeptWhile<Long, Long, List<Trial>> trialsOf = new KeptWhile<>(MOST_PEOPLE);

    Methods(
            InstrumentsInForce instruments,
            Drawer drawer,
            TrialRepository trials,
            ShopSettings settings,
            Happened happened,
            Clock clock) {
        this.instruments = instruments;
        this.drawer = drawer;
        this.trials = trials;
        this.settings = settings;
        this.happened = happened;
        this.clock = clock;
    }

    /** A gauge with whatever its data sheet or its calibration says. */
    public static GaugeAtHand atHand(Gauge gauge) {
        return new GaugeAtHand(
                gauge.shopNumber(),
                gauge.kind(),
                gauge.unit(),
                gauge.leastCount(),
                gauge.range(),
                gauge.spread(),
                gauge.calibration()
                        .<GaugeError>map(of -> new GaugeError.Calibrated(of.expanded()))
                        .or(() -> gauge.error().map(GaugeError.Permitted::new)),
                gauge.reach(),
                gauge.mayMeasure());
    }

    /**
     * All that can be measured with, as it is in somebody's hands: read once, for as many features as are asked about. In
     * nobody's hands it is the same until the drawer changes, or the day does.
     */
    @Transactional(readOnly = true)
    public AtHand atHand(Optional<Person> person) {
        if (person.isPresent()) {
            return read(youngTrialsOf(person.get()));
        }
        var now = new Standing(happened.times(What.DRAWER), instruments.now());
        return inNobodysHands.of(What.DRAWER, now, () -> read(List.of()));
    }

    /** As the drawer refuses. What is given out may be shared: it is not to be changed. */
    @Transactional(readOnly = true)
    public GaugeAndReader method(long gauge, Optional<Long> reader) {
        return atHand(Optional.empty()).methods().stream()
                .filter(method -> method.gauge().id() == gauge
                        && method.reader().map(Gauge::id).equals(reader))
                .findFirst()
                .orElseGet(() -> drawer.method(gauge, reader));
    }

    /** What it was read under; anything else asks for reading it again. */
    private record Standing(long changes, Instruments instruments) {}

    private AtHand read(List<Trial> young) {
        return AtHand.of(drawer.methods(), instruments.now(), young);
    }

    private List<Trial> youngTrialsOf(Person person) {
        Instant oldest = clock.instant()
                .atOffset(ZoneOffset.UTC)
                .minusMonths(settings.number(Setting.TRIAL_MONTHS).longValue())
                .toInstant();
        return trialsOf
                .of(
                        person.id(),
                        happened.times(What.DRAWER),
                        () -> trials.findAllByPersonOrderByAt(person.id()).stream()
                                .map(TrialRow::trial)
                                .toList())
                .stream()
                .filter(trial -> !trial.at().isBefore(oldest))
                .toList();
    }

    /** s of single readings with a method on a kind of feature; that of its commonest use where it is not for this one. */
    @Transactional(readOnly = true)
    public Length spread(GaugeAndReader method, FeatureKind kind, Person person) {
        var plain = new Method(atHand(method.gauge()), method.reader().map(Methods::atHand), Optional.empty());
        Method held = AtHand.inHands(plain, method, kind, youngTrialsOf(person));
        return held.usageOrCommonest(kind).flatMap(held::spread).orElse(Length.ZERO);
    }

    /** What a gauge is used for, with the starting values of its kind. */
    static Stream<Usage> usages(Gauge gauge) {
        return Usage.of(
                gauge.kind(), gauge.unit(), gauge.leastCount(), gauge.range().high());
    }
}
