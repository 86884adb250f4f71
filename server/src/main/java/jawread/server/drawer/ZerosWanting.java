package jawread.server.drawer;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.gauge.CheckWanted;
import jawread.core.gauge.CheckWanted.Since;

/**
 * Which gauges want their zero looked at, as far as is known at one moment.
 *
 * @param checks the last of each gauge
 * @param warm in °C, as last noted at any gauge; empty where that is longer ago than a break may be
 * @param events when the last of each kind happened to each gauge
 * @param longestBreak in minutes
 */
public record ZerosWanting(
        Map<Long, GaugeCheck> checks,
        Optional<BigDecimal> warm,
        Map<GaugeEvent.Kind, Map<Long, Instant>> events,
        Map<Long, Instant> uses,
        Map<Long, Instant> settings,
        Instant now,
        long longestBreak) {
    /** Empty for one that may be read with as it is, and for one that is not measured with at all. */
    public Optional<CheckWanted> of(Gauge gauge) {
        if (!gauge.mayMeasure() || !gauge.kind().hasZero()) {
            return Optional.empty();
        }
        Optional<GaugeCheck> last = lastOf(gauge);
        Instant since = lookedAt(gauge).orElse(Instant.MIN);
        Optional<Instant> used = Optional.ofNullable(uses.get(gauge.id()));
        Instant touched = used.filter(at -> at.isAfter(since)).orElse(since);
        return CheckWanted.of(
                new Since(
                        lookedAt(gauge).isPresent(),
                        has(gauge, GaugeEvent.Kind.DROPPED, since),
                        has(gauge, GaugeEvent.Kind.NEW_BATTERY, since),
                        has(gauge, GaugeEvent.Kind.SWITCHED_OFF, since),
                        lookedAt(gauge).isPresent()
                                ? Duration.between(touched, now).toMinutes()
                                : 0,
                        last.map(this::warmerSince).orElse(0.0)),
                longestBreak);
    }

    /** Of one that a job begins with: looked at longer ago than a break may be. Empty for one never looked at, which is always asked. */
    public Optional<CheckWanted> atStart(Gauge gauge) {
        return lookedAt(gauge)
                .flatMap(at ->
                        CheckWanted.atStart(false, Duration.between(at, now).toMinutes(), longestBreak));
    }

    private double warmerSince(GaugeCheck check) {
        return warm.flatMap(
                        is -> check.temperature().map(was -> is.subtract(was).doubleValue()))
                .orElse(0.0);
    }

    /** When its zero was last looked at, by a check or by setting it; empty for one that never was. */
    public Optional<Instant> lookedAt(Gauge gauge) {
        Optional<Instant> set = Optional.ofNullable(settings.get(gauge.id()))
                .filter(at -> gauge.kind().isComparator());
        return Stream.of(lastOf(gauge).map(GaugeCheck::at), set)
                .flatMap(Optional::stream)
                .max(Instant::compareTo);
    }

    public Optional<GaugeCheck> lastOf(Gauge gauge) {
        return Optional.ofNullable(checks.get(gauge.id()));
    }

    private boolean has(Gauge gauge, GaugeEvent.Kind kind, Instant since) {
        return Optional.ofNullable(events.getOrDefault(kind, Map.of()).get(gauge.id()))
                .filter(at -> at.isAfter(since))
                .isPresent();
    }
}
