package jawread.server.judgement;

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
import jawread.core.length.LengthUnit;
import jawread.server.judgement.TwoMethodsView.ComparedView;
import jawread.server.measure.Reading;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Holds two methods against one another where both were put to the same places, quick checks among them. */
@Component
class MethodsCompared {
    private final Figures figures;
    private final Words words;

    MethodsCompared(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    /** What one method made of one place. */
    private record Found(PlaceJudgement place, Length size, double expanded, Length resolution) {}

    /** Empty where fewer than two places were measured by two methods. */
    Optional<TwoMethodsView> of(FeatureJudgement feature, LengthUnit unit) {
        var byMethod = new LinkedHashMap<String, Map<Long, Found>>();
        for (PlaceJudgement place : feature.inForce().places()) {
            found(feature, place)
                    .forEach((method, found) -> byMethod.computeIfAbsent(method, key -> new LinkedHashMap<>())
                            .put(place.place().id(), found));
        }
        List<String> most = byMethod.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<String, Map<Long, Found>> each) ->
                                each.getValue().size())
                        .reversed())
                .limit(2)
                .map(Map.Entry::getKey)
                .toList();
        return most.size() < 2
                ? Optional.empty()
                : compared(most.get(0), byMethod.get(most.get(0)), most.get(1), byMethod.get(most.get(1)), unit);
    }

    private static Map<String, Found> found(FeatureJudgement feature, PlaceJudgement place) {
        Stream<Reading> quick = feature.evidence().standing(place.quick()).stream();
        Map<String, List<Reading>> readings = Stream.concat(place.standing().stream(), quick)
                .filter(reading -> reading.pins().isEmpty())
                .collect(Collectors.groupingBy(
                        reading -> reading.method().number(), LinkedHashMap::new, Collectors.toList()));
        var found = new LinkedHashMap<String, Found>();
        readings.forEach((method, of) -> {
            Length size = Length.meanOf(of.stream().map(Reading::value).toList());
            var value =
                    new PlaceValue(RepeatState.DONE, of.size(), Optional.of(size), Optional.empty(), Optional.empty());
            found.put(
                    method,
                    new Found(
                            place,
                            size,
                            feature.of()
                                    .judging()
                                    .uncertainty(feature.by().kind(), value, size, of)
                                    .expanded(),
                            of.stream()
                                    .map(Reading::leastCount)
                                    .max(Length::compareTo)
                                    .orElseThrow()));
        });
        return found;
    }

    private Optional<TwoMethodsView> compared(
            String one, Map<Long, Found> first, String other, Map<Long, Found> second, LengthUnit unit) {
        List<Found> ofFirst = new ArrayList<>();
        List<Found> ofSecond = new ArrayList<>();
        first.forEach((place, found) -> Optional.ofNullable(second.get(place)).ifPresent(beside -> {
            ofFirst.add(found);
            ofSecond.add(beside);
        }));
        return TwoMethods.of(sizes(ofFirst), sizes(ofSecond), expanded(ofFirst), expanded(ofSecond))
                .fold(
                        methods -> Optional.of(view(one, ofFirst, other, ofSecond, methods, unit)),
                        tooFew -> Optional.empty());
    }

    private static List<Length> sizes(List<Found> found) {
        return found.stream().map(Found::size).toList();
    }

    private static double expanded(List<Found> found) {
        return found.stream().mapToDouble(Found::expanded).max().orElse(0);
    }

    private TwoMethodsView view(
            String one, List<Found> first, String other, List<Found> second, TwoMethods methods, LengthUnit unit) {
        Length step = Stream.concat(first.stream(), second.stream())
                .map(Found::resolution)
                .min(Length::compareTo)
                .orElseThrow();
        var places = new ArrayList<ComparedView>();
        for (int i = 0; i < first.size(); i++) {
            Length a = first.get(i).size();
            Length b = second.get(i).size();
            places.add(new ComparedView(
                    first.get(i).place().place().id(),
                    first.get(i).place().place().name(),
                    shown(a, unit, step),
                    shown(b, unit, step),
                    shown(Length.meanOf(List.of(a, b)), unit, step),
                    shown(a.minus(b), unit, step)));
        }
        LengthText mean = shown(Length.nearest(methods.mean()), unit, step);
        LengthText explained = shown(Length.nearest(methods.explained()), unit, step);
        return new TwoMethodsView(
                one,
                other,
                places,
                mean,
                shown(Length.nearest(methods.low()), unit, step),
                shown(Length.nearest(methods.high()), unit, step),
                explained,
                methods.differs(),
                words.say(
                        methods.differs() ? "methods.differ" : "methods.agree",
                        Map.of(
                                "first", one,
                                "second", other,
                                "count", places.size(),
                                "which", words.say(methods.mean() < 0 ? "methods.below" : "methods.above"),
                                "mean",
                                        shown(Length.nearest(Math.abs(methods.mean())), unit, step)
                                                .withUnit(),
                                "explained", explained.withUnit())));
    }

    private LengthText shown(Length length, LengthUnit unit, Length step) {
        return figures.computed(length, unit, step, List.of());
    }
}
