package jawread.server.drawer;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.Method;
import jawread.core.gauge.Usage;
import jawread.core.judge.GaugeError;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the gauges of the drawer are to the rules of measuring. */
@Service
public class Methods {
    private final Drawer drawer;
    private final TrialRepository trials;
    private final ShopSettings settings;
    private final Clock clock;

    Methods(Drawer drawer, TrialRepository trials, ShopSettings settings, Clock clock) {
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
                gauge.rangeLow(),
                gauge.rangeHigh(),
                gauge.spread(),
                gauge.calibration()
                        .<GaugeError>map(of -> new GaugeError.Calibrated(of.expanded()))
                        .or(() -> gauge.error().map(GaugeError.Permitted::new)),
                gauge.reach(),
                gauge.mayMeasure());
    }

    /** All that can be measured with, as it is in somebody's hands: read once, for as many features as are asked about. */
    @Transactional(readOnly = true)
    public AtHand atHand(Optional<Person> person) {
        var oldest = clock.instant()
                .atOffset(ZoneOffset.UTC)
                .minusMonths(settings.number(Setting.TRIAL_MONTHS).longValue())
                .toInstant();
        List<Trial> young = person.map(of -> trials.findAllByOrderByAt().stream()
                        .filter(trial ->
                                trial.person().id() == of.id() && !trial.at().isBefore(oldest))
                        .toList())
                .orElse(List.of());
        return AtHand.of(
                drawer.methods(),
                young,
                drawer.masters().stream()
                        .filter(drawer::mayBeUsed)
                        .map(ShopMaster::master)
                        .toList(),
                settings.number(Setting.TEMPERATURE_APART).doubleValue(),
                settings.number(Setting.ROOM_FROM_TWENTY).doubleValue());
    }

    /** s of single readings with a method on a kind of feature; that of its commonest use where it is not for this one. */
    @Transactional(readOnly = true)
    public Length spread(GaugeAndReader method, FeatureKind kind, Person person) {
        Method held = atHand(Optional.of(person)).of(method, kind);
        return held.usage(kind)
                .or(() -> usages(method.gauge()).findFirst())
                .flatMap(held::spread)
                .orElse(Length.ZERO);
    }

    /** What a gauge is used for, with the starting values of its kind. */
    static Stream<Usage> usages(Gauge gauge) {
        return Usage.of(gauge.kind(), gauge.unit(), gauge.leastCount(), gauge.rangeHigh());
    }
}
