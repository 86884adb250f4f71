package jawread.core.assess;

import java.util.List;
import java.util.Optional;
import jawread.core.judge.PinBracket;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.Uncertainty;

/**
 * What the standing readings of a place come to, each place by itself.
 *
 * @param uncertainty of its value; empty without one
 * @param judged empty without a value
 */
public record PlaceSize(PlaceValue value, Optional<Uncertainty> uncertainty, Optional<SizeJudgement> judged) {
    static PlaceSize of(JudgedFeature feature, Standing standing) {
        List<PinBracket> pins = standing.readings().stream()
                .flatMap(reading -> reading.pins().stream())
                .toList();
        boolean isBetweenPins = !pins.isEmpty() && pins.size() == standing.count();
        PlaceValue value = isBetweenPins ? PlaceValue.between(pins) : repeats(feature, standing);
        Optional<Uncertainty> uncertainty =
                value.value().map(size -> feature.conditions().uncertainty(feature.kind(), value, size, standing));
        Optional<SizeJudgement> judged = isBetweenPins
                ? PinBracket.within(pins).map(bracket -> SizeJudgement.of(feature.demand(), bracket))
                : value.value()
                        .map(size -> SizeJudgement.of(
                                feature.demand(),
                                feature.conditions().decision(),
                                size,
                                uncertainty.orElseThrow().standard()));
        return new PlaceSize(value, uncertainty, judged);
    }

    private static PlaceValue repeats(JudgedFeature feature, Standing standing) {
        Rules rules = feature.conditions().rules();
        return rules.repeats()
                .judge(
                        isLive(standing.readings(), feature.conditions().instruments()),
                        rules.average(feature.kind()),
                        standing.spread(),
                        standing.step(),
                        standing.values());
    }

    /** Whether the turning point was seen while each was taken. */
    private static boolean isLive(List<Reading> readings, Instruments instruments) {
        return !readings.isEmpty()
                && readings.stream()
                        .mapToLong(reading -> reading.with().gauge())
                        .distinct()
                        .allMatch(gauge -> instruments.of(gauge).gauge().kind().live());
    }
}
