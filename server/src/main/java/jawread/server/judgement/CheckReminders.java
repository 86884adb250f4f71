package jawread.server.judgement;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.assess.Reading;
import jawread.core.gauge.CheckWanted;
import jawread.core.length.Length;
import jawread.server.comparator.SettingTrust;
import jawread.server.drawer.CheckWords;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.ZeroChecks;
import jawread.server.drawer.ZerosWanting;
import jawread.server.judgement.BenchView.CheckToDoView;
import org.springframework.stereotype.Component;

/** Says which gauges' zeros want a look because a job begins with them, or is through with them. */
@Component
class CheckReminders {
    private final Drawer drawer;
    private final ZeroChecks checks;
    private final SettingTrust settings;
    private final CheckWords checkWords;

    CheckReminders(Drawer drawer, ZeroChecks checks, SettingTrust settings, CheckWords checkWords) {
        this.drawer = drawer;
        this.settings = settings;
        this.checks = checks;
        this.checkWords = checkWords;
    }

    /** Of a job that is through: each gauge read with in it and not looked at since. */
    List<CheckToDoView> atEnd(List<JudgedPlan> plans) {
        Map<Gauge, Instant> used = used(plans);
        ZerosWanting wanting = checks.wanting();
        return used.entrySet().stream()
                .filter(use -> use.getKey().mayMeasure() && use.getKey().kind().hasZero())
                .sorted(Comparator.comparing(use -> use.getKey().id()))
                .flatMap(use -> atEnd(use.getKey(), use.getValue(), wanting).stream())
                .toList();
    }

    private Optional<CheckToDoView> atEnd(Gauge gauge, Instant lastRead, ZerosWanting wanting) {
        boolean lookedAtSince =
                wanting.lookedAt(gauge).filter(at -> at.isAfter(lastRead)).isPresent();
        return CheckWanted.atEnd(lookedAtSince)
                .map(why -> new CheckToDoView(gauge.id(), gauge.kind().isComparator(), checkWords.wanted(why, gauge)));
    }

    /** Of a method that is about to be read with on a feature: a comparator that is not set for it, a zero not looked at. */
    Optional<String> atStart(GaugeAndReader method, Feature feature, JudgedPlan plan) {
        Gauge gauge = method.read();
        if (method.isSet()) {
            return gauge.mayMeasure()
                    ? settings.wanted(gauge, Length.meanOf(feature.limits().stated()))
                            .map(why -> checkWords.wanted(why, gauge))
                    : Optional.empty();
        }
        return atStart(gauge, plan);
    }

    /** One never looked at is asked for whatever the job. */
    private Optional<String> atStart(Gauge gauge, JudgedPlan plan) {
        boolean begun = readings(plan).flatMap(Reading::scales).anyMatch(scale -> scale == gauge.id());
        if (begun || !gauge.mayMeasure()) {
            return Optional.empty();
        }
        ZerosWanting wanting = checks.wanting();
        return wanting.atStart(gauge).map(why -> checkWords.wanted(why, gauge));
    }

    private static Stream<Reading> readings(JudgedPlan plan) {
        return plan.all().stream()
                .flatMap(feature -> feature.rounds().stream())
                .flatMap(round -> round.places().stream())
                .flatMap(place -> place.readings().stream());
    }

    /** When each was last read with here. */
    private Map<Gauge, Instant> used(List<JudgedPlan> plans) {
        var used = new HashMap<Long, Instant>();
        plans.stream()
                .flatMap(CheckReminders::readings)
                .forEach(reading -> reading.scales()
                        .forEach(scale -> used.merge(
                                scale, reading.takenAt(), (one, other) -> one.isAfter(other) ? one : other)));
        return used.entrySet().stream()
                .collect(Collectors.toMap(use -> drawer.byId(use.getKey()), Map.Entry::getValue));
    }
}
