package jawread.server.drawer;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.assess.ReadWith;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.Method;
import jawread.core.gauge.Usage;
import jawread.core.judge.GaugeError;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the gauges of the drawer are to the rules of measuring. */
@Service
public class Methods {
    private static final Kind<LocalDate, AtHand> IN_NOBODYS_HANDS =
            new Kind<>("at hand", atHand -> atHand.methods().size());
    /** By person, whatever their age. */
    private static final Kind<Long, List<Trial>> TRIALS = new Kind<>("trials", List::size);

    private final Snapshots snapshots;
    private final InstrumentsInForce instruments;
    private final Drawer drawer;
    private final TrialRepository trials;
    private final ShopSettings settings;
    private final Clock clock;

    Methods(
            Snapshots snapshots,
            InstrumentsInForce instruments,
            Drawer drawer,
            TrialRepository trials,
            ShopSettings settings,
            Clock clock) {
        this.snapshots = snapshots;
        this.instruments = instruments;
        this.drawer = drawer;
        this.trials = trials;
        this.settings = settings;
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
                        .<GaugeError>map(of -> new GaugeError.Calibrated(
                                of.expanded(), of.error().abs()))
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
            return read(youngTrialsOf(person.get(), clock.instant()));
        }
        return snapshots.of(
                IN_NOBODYS_HANDS, drawer.today(), List.of(Subject.DRAWER, Subject.SHOP), () -> read(List.of()));
    }

    /** As the drawer refuses. What is given out may be shared: it is not to be changed. */
    @Transactional(readOnly = true)
    public GaugeAndReader method(ReadWith with) {
        return atHand(Optional.empty()).methods().stream()
                .filter(method -> method.readWith().equals(with))
                .findFirst()
                .orElseGet(() -> drawer.method(with));
    }

    private AtHand read(List<Trial> young) {
        return new AtHand(clock.instant(), drawer.today(), drawer.methods(), instruments.now(), young);
    }

    private List<Trial> youngTrialsOf(Person person, Instant at) {
        return inTheHandsOf(person).youngTrials(at);
    }

    /**
     * What is known of somebody's hands.
     *
     * @param trials whatever their age; the oldest first
     * @param months for so long one counts
     */
    public record Hands(List<Trial> trials, int months) {
        /** Those that are young enough at that moment. */
        public List<Trial> youngTrials(Instant at) {
            if (trials.isEmpty()) {
                return List.of();
            }
            Instant oldest = at.atOffset(ZoneOffset.UTC).minusMonths(months).toInstant();
            return trials.stream()
                    .filter(trial -> !trial.at().isBefore(oldest) && !trial.at().isAfter(at))
                    .toList();
        }
    }

    @Transactional(readOnly = true)
    public Hands inTheHandsOf(Person person) {
        List<Trial> all = snapshots.of(
                TRIALS,
                person.id(),
                List.of(Subject.DRAWER),
                () -> trials.findAllByPersonOrderByAt(person.id()).stream()
                        .map(TrialRow::trial)
                        .toList());
        return new Hands(all, settings.number(Setting.TRIAL_MONTHS).intValue());
    }

    /**
     * s of single readings with a method on a kind of feature; that of its commonest use where it is not for this one.
     *
     * @param young the trials that count at that moment
     */
    public static Length spread(GaugeAndReader method, FeatureKind kind, List<Trial> young) {
        var plain = new Method(
                atHand(method.gauge()), method.reader().map(Methods::atHand), Optional.empty(), method.onMaster());
        Method held = AtHand.inHands(plain, method, kind, young);
        return held.usageOrCommonest(kind).flatMap(held::spread).orElse(Length.ZERO);
    }

    /** Whether such a gauge is put to such a feature at all. */
    public static boolean isFor(Gauge gauge, FeatureKind feature) {
        return usages(gauge).anyMatch(usage -> usage.features().contains(feature));
    }

    /** What a gauge is used for, with the starting values of its kind. */
    static Stream<Usage> usages(Gauge gauge) {
        return Usage.of(
                gauge.kind(), gauge.unit(), gauge.leastCount(), gauge.range().high());
    }
}
