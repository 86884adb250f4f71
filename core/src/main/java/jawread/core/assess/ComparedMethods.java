package jawread.core.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.RepeatState;
import jawread.core.judge.TwoMethods;
import jawread.core.length.Length;

/**
 * Two methods held against one another where both were put to the same places, quick checks among them.
 *
 * @param first what the one made of the places, in their order
 * @param second what the other made of the same
 */
public record ComparedMethods(
        ReadWith one, ReadWith other, List<Found> first, List<Found> second, TwoMethods compared) {
    /**
     * What one method made of one place.
     *
     * @param expanded its U there, in µm
     * @param resolution the coarsest step it was read in
     */
    public record Found(Place place, Length size, double expanded, Length resolution) {}

    /** The one whose U is smaller: where both have a value it decides, and the other stands beside. */
    public ReadWith deciding() {
        return expanded(first) <= expanded(second) ? one : other;
    }

    /** Empty where fewer than two places were measured by two methods; of more than two, those that were put to most places. */
    public static Optional<ComparedMethods> of(FeatureAssessment feature) {
        var byMethod = new LinkedHashMap<ReadWith, Map<Long, Found>>();
        for (PlaceAssessment place : feature.inForce().places()) {
            found(feature, place)
                    .forEach((method, found) -> byMethod.computeIfAbsent(method, key -> new LinkedHashMap<>())
                            .put(place.place().id(), found));
        }
        List<ReadWith> most = byMethod.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<ReadWith, Map<Long, Found>> each) ->
                                each.getValue().size())
                        .reversed())
                .limit(2)
                .map(Map.Entry::getKey)
                .toList();
        return most.size() < 2
                ? Optional.empty()
                : compared(most.get(0), byMethod.get(most.get(0)), most.get(1), byMethod.get(most.get(1)));
    }

    private static Map<ReadWith, Found> found(FeatureAssessment feature, PlaceAssessment place) {
        Map<ReadWith, List<Reading>> readings = Stream.concat(place.standing().stream(), place.standingQuick().stream())
                .filter(reading -> reading.pins().isEmpty())
                .collect(Collectors.groupingBy(Reading::with, LinkedHashMap::new, Collectors.toList()));
        var found = new LinkedHashMap<ReadWith, Found>();
        readings.forEach((method, of) -> {
            Length size = Length.meanOf(of.stream().map(Reading::value).toList());
            var value =
                    new PlaceValue(RepeatState.DONE, of.size(), Optional.of(size), Optional.empty(), Optional.empty());
            found.put(
                    method,
                    new Found(
                            place.place(),
                            size,
                            feature.of()
                                    .conditions()
                                    .uncertainty(feature.of().kind(), value, of.size(), size, Standing.of(of))
                                    .expanded(),
                            of.stream()
                                    .map(Reading::leastCount)
                                    .max(Length::compareTo)
                                    .orElseThrow()));
        });
        return found;
    }

    private static Optional<ComparedMethods> compared(
            ReadWith one, Map<Long, Found> first, ReadWith other, Map<Long, Found> second) {
        List<Found> ofFirst = new ArrayList<>();
        List<Found> ofSecond = new ArrayList<>();
        first.forEach((place, found) -> Optional.ofNullable(second.get(place)).ifPresent(beside -> {
            ofFirst.add(found);
            ofSecond.add(beside);
        }));
        return TwoMethods.of(sizes(ofFirst), sizes(ofSecond), expanded(ofFirst), expanded(ofSecond))
                .fold(
                        methods -> Optional.of(new ComparedMethods(one, other, ofFirst, ofSecond, methods)),
                        tooFew -> Optional.empty());
    }

    private static List<Length> sizes(List<Found> found) {
        return found.stream().map(Found::size).toList();
    }

    private static double expanded(List<Found> found) {
        return found.stream().mapToDouble(Found::expanded).max().orElse(0);
    }
}
