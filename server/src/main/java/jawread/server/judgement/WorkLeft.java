package jawread.server.judgement;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.FeatureAssessment;
import jawread.core.gauge.Usage;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.job.Part;
import jawread.server.words.Durations;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says how much is still to be read, and how long that takes. */
@Component
class WorkLeft {
    private final Durations durations;
    private final Words words;

    WorkLeft(Durations durations, Words words) {
        this.durations = durations;
        this.words = words;
    }

    private record Left(int readings, long seconds) {
        static final Left NOTHING = new Left(0, 0);

        Left and(Left more) {
            return new Left(readings + more.readings, seconds + more.seconds);
        }
    }

    /** How long a reading takes on a feature, and setting up for it. */
    private record Pace(long aReading, long setUp) {}

    /** On this part, and on all of them where there are more; empty when nothing is. */
    Optional<String> of(Part part, JudgedPlan plan, MethodsOfPlan methods) {
        var paces = new HashMap<Long, Pace>();
        Left here = left(plan.of(part).features(), methods, paces);
        Left all = plan.parts().stream()
                .map(each -> left(plan.of(each).features(), methods, paces))
                .reduce(Left.NOTHING, Left::and);
        if (all.readings() == 0) {
            return Optional.empty();
        }
        String key = plan.parts().size() == 1 ? "left.part" : here.readings() == 0 ? "left.others" : "left.both";
        return Optional.of(words.say(
                key,
                Map.of(
                        "readings", here.readings(),
                        "time", durations.of(here.seconds()),
                        "all", all.readings(),
                        "allTime", durations.of(all.seconds()))));
    }

    private static Left left(List<FeatureAssessment> features, MethodsOfPlan methods, Map<Long, Pace> paces) {
        int fewest = methods.job().repeatSchool().fewest();
        return features.stream()
                .filter(FeatureAssessment::isOpen)
                .map(feature -> {
                    int readings = feature.inForce().wanting().stream()
                            .mapToInt(place ->
                                    Math.max(1, fewest - place.standing().size()))
                            .sum();
                    Pace pace = paces.computeIfAbsent(feature.feature().id(), id -> pace(feature, methods));
                    return new Left(readings, readings * pace.aReading() + (feature.isBegun() ? 0 : pace.setUp()));
                })
                .reduce(Left.NOTHING, Left::and);
    }

    private static Pace pace(FeatureAssessment feature, MethodsOfPlan methods) {
        Optional<Usage> usage = methods.inForce(
                        feature.feature().key(), feature.of().planned())
                .flatMap(weighed -> weighed.choice().method().usage(feature.of().kind()));
        return usage.map(of -> new Pace(of.secondsAReading(), of.setUpSeconds()))
                .orElseGet(() -> {
                    var usual = feature.of().planned().time();
                    return new Pace(usual.secondsAReading(), usual.setUpSeconds());
                });
    }
}
