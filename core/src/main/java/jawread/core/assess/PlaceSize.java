package jawread.core.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.judge.Bracket;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.TwoMethods;
import jawread.core.judge.Uncertainty;
import jawread.core.length.Length;

/**
 * What the standing readings of a place come to, each place by itself. Of two methods that both have a value, the one that knows it better
 * decides; the other stands beside.
 *
 * @param uncertainty of its value; empty without one
 * @param judged empty without a value
 * @param by the readings that it rests on: those of one method
 * @param others what other methods came to there
 */
public record PlaceSize(
        PlaceValue value,
        Optional<Uncertainty> uncertainty,
        Optional<SizeJudgement> judged,
        Standing by,
        List<PlaceSize> others) {
    static PlaceSize of(JudgedFeature feature, Standing standing) {
        List<Standing> methods = standing.byMethod();
        if (methods.size() == 1) {
            return ofOne(feature, methods.get(0));
        }
        List<PlaceSize> each =
                methods.stream().map(method -> ofOne(feature, method)).toList();
        PlaceSize deciding = each.stream()
                .filter(size -> size.uncertainty().isPresent())
                .min(Comparator.comparing(
                        size -> size.uncertainty().orElseThrow().standard()))
                .orElse(each.get(each.size() - 1));
        return new PlaceSize(
                deciding.value,
                deciding.uncertainty,
                deciding.judged,
                deciding.by,
                each.stream().filter(size -> size != deciding).toList());
    }

    private static PlaceSize ofOne(JudgedFeature feature, Standing standing) {
        List<Bracket> pins = standing.readings().stream()
                .<Bracket>mapMulti((reading, to) -> reading.pins().ifPresent(to))
                .toList();
        boolean isBetweenPins = !pins.isEmpty() && pins.size() == standing.count();
        PlaceValue value = isBetweenPins ? PlaceValue.between(pins) : repeats(feature, standing);
        // The largest of several is no better known than one.
        int counting = feature.average().isWorst() && !isBetweenPins ? 1 : Math.max(1, value.used());
        Optional<Uncertainty> uncertainty = value.value()
                .map(size -> feature.conditions().uncertainty(feature.kind(), value, counting, size, standing));
        Optional<SizeJudgement> judged = isBetweenPins
                ? Bracket.within(pins).map(bracket -> SizeJudgement.of(feature.demand(), bracket))
                : value.value()
                        .map(size -> SizeJudgement.of(
                                feature.demand(),
                                feature.conditions().decision(),
                                size,
                                uncertainty.orElseThrow().standard()));
        return new PlaceSize(value, uncertainty, judged, standing, List.of());
    }

    /** Another method whose value lies farther away than both U explain, and by how much; empty where they agree. */
    Optional<Contradiction> contradiction() {
        return value.value()
                .flatMap(own -> others.stream()
                        .filter(other -> other.uncertainty().isPresent())
                        .map(other -> new Contradiction(
                                other.by,
                                own.minus(other.value().value().orElseThrow()).abs(),
                                Length.nearest(TwoMethods.explained(
                                        uncertainty.orElseThrow().expanded(),
                                        other.uncertainty().orElseThrow().expanded()))))
                        .filter(each -> each.apart().compareTo(each.explained()) > 0)
                        .findFirst());
    }

    /**
     * Two methods that cannot both be right.
     *
     * @param other the readings of the one that knows less
     * @param explained √(U1² + U2²)
     */
    record Contradiction(Standing other, Length apart, Length explained) {}

    private static PlaceValue repeats(JudgedFeature feature, Standing standing) {
        Rules rules = feature.conditions().rules();
        return rules.repeats()
                .judge(
                        isLive(standing.readings(), feature.conditions().instruments()),
                        feature.average(),
                        standing.spread(),
                        standing.step(),
                        standing.values());
    }

    /** Whether the turning point was seen while each was taken. @param readings of one method: all were taken with what the first was */
    private static boolean isLive(List<Reading> readings, Instruments instruments) {
        return !readings.isEmpty()
                && readings.get(0)
                        .gauges()
                        .allMatch(gauge -> instruments.of(gauge).gauge().kind().live());
    }
}
