package jawread.core.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.gauge.Method.Held;
import jawread.core.gauge.Remedy.Kind;
import jawread.core.judge.GaugeError;
import jawread.core.judge.MeasuredBy;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;

/**
 * What would make methods good that are not, or bring them nearer.
 *
 * @param masters that they can be set on
 * @param measured warmth as it is reckoned where part and gauge are both measured
 */
public record Remedies(Choosing choosing, SettingMasters masters, Warmth measured) {
    /** One is told only where it helps by more than this. */
    private static final double WORTH_TELLING = 1.03;

    private static final int THERMOMETER_SECONDS = 60;
    private static final int TRIAL_READINGS = 10;
    private static final int CALIBRATION_SECONDS = 3600;
    private static final Length MASTER_EXPANDED = Length.ofMicrometres(1);

    /**
     * The cheapest first, each reckoned as if it alone were done. None for a method that is good, or cannot be put to the feature.
     *
     * @param choice of this choosing
     */
    public List<Remedy> of(Choice choice) {
        if (choice.fitness() == Fitness.GOOD
                || !choice.fitness().canMeasure()
                || choice.ratio().isEmpty()) {
            return List.of();
        }
        Method method = choice.method();
        Usage usage = method.usage(choosing.kind()).orElseThrow();
        var remedies = new ArrayList<Remedy>();
        MeasuredBy now = measures(method, choice.repeats(), masters.expandedFor(method, choosing.size()));
        if (choosing.warmth().temperatures().isEmpty()) {
            remedies.add(remedy(Kind.TEMPERATURES, method, now.withWarmth(measured), THERMOMETER_SECONDS));
        }
        if (now.spread().isPresent()) {
            long each = (long) choosing.places() * usage.secondsAReading();
            remedies.add(remedy(Kind.ONE_MORE, method, now.withReadings(now.readings() + 1), each));
            trial(method, now, usage).ifPresent(remedies::add);
        }
        if (now.error() instanceof GaugeError.Permitted permitted && !method.onMaster()) {
            var calibrated = new GaugeError.Calibrated(permitted.most().half(), Length.ZERO);
            remedies.add(remedy(Kind.CALIBRATION, method, now.withError(calibrated), CALIBRATION_SECONDS));
        }
        nearMaster(method).ifPresent(remedies::add);
        return remedies.stream()
                .filter(remedy -> remedy.ratio() > choice.ratio().get() * WORTH_TELLING)
                .sorted(Comparator.comparing(Remedy::seconds).thenComparing(Remedy::kind))
                .toList();
    }

    /** Of whoever has none with it. Nobody holds it closer than its steps show. */
    private Optional<Remedy> trial(Method method, MeasuredBy now, Usage usage) {
        Length least = Length.nearest(method.resolution().micrometres() / Math.sqrt(12));
        return method.held().isPresent()
                ? Optional.empty()
                : Optional.of(remedy(
                        Kind.TRIAL,
                        method.heldBy(new Held(Length.ZERO, least)),
                        now.withSpread(least),
                        (long) TRIAL_READINGS * usage.secondsAReading()));
    }

    /** A micrometer set on a master near the size: one of the drawer, else one to be got. */
    private Optional<Remedy> nearMaster(Method method) {
        if (!method.gauge().kind().hasFrames()
                || method.onMaster()
                || method.reader().isPresent()) {
            return Optional.empty();
        }
        var set = new Method(method.gauge(), Optional.empty(), method.held(), true);
        Optional<Length> here = masters.expandedFor(set, choosing.size());
        return Optional.of(remedy(
                here.isPresent() ? Kind.SET_ON_MASTER : Kind.MASTER,
                set,
                measures(set, choosing.repeatsWith(set), here.or(() -> Optional.of(MASTER_EXPANDED))),
                set.usage(choosing.kind()).orElseThrow().setUpSeconds()));
    }

    private MeasuredBy measures(Method method, int readings, Optional<Length> masterExpanded) {
        return method.measures(
                method.usage(choosing.kind()).orElseThrow(),
                choosing.size(),
                readings,
                masterExpanded.orElse(Length.ZERO),
                choosing.warmth());
    }

    private Remedy remedy(Kind what, Method method, MeasuredBy then, long seconds) {
        var uncertainty = Uncertainty.of(then);
        double ratio = choosing.ratio(uncertainty);
        return new Remedy(what, uncertainty, ratio, choosing.isGood(method, ratio), seconds);
    }
}
