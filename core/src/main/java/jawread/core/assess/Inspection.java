package jawread.core.assess;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;

/**
 * One time that a feature of one part was measured, in whatever job.
 *
 * @param of the key of the feature in the plan that this is asked for
 * @param feature as it stood in the plan of that time
 * @param at when it was read last
 * @param isRework whether it is as it was left after a cut: from here on it is another size that wears
 */
public record Inspection(UUID of, FeatureAssessment feature, RoundAssessment round, Instant at, boolean isRework) {
    /**
     * Of what is one part in several jobs, in the order of time. What its plan does not have any more, or never had, is left out.
     *
     * @param plan the features that this is asked for
     * @param same the part, wherever it stands
     */
    public static List<Inspection> of(List<Feature> plan, Collection<PartAssessment> same) {
        return same.stream()
                .flatMap(part -> ofPart(plan, part))
                .sorted(Comparator.comparing(Inspection::at))
                .toList();
    }

    private static Stream<Inspection> ofPart(List<Feature> plan, PartAssessment part) {
        Map<UUID, FeatureAssessment> judged = part.features().stream()
                .collect(Collectors.toMap(each -> each.feature().key(), Function.identity()));
        return plan.stream()
                .flatMap(own -> own.in(plan, part.of().features()).map(there -> judged.get(there.key())).stream()
                        .flatMap(each -> of(own.key(), each).stream()));
    }

    /** As found, and as left where it was cut since. */
    private static List<Inspection> of(UUID key, FeatureAssessment feature) {
        List<RoundAssessment> read =
                feature.rounds().stream().filter(RoundAssessment::isBegun).toList();
        var found = new ArrayList<Inspection>();
        for (RoundAssessment round : read) {
            boolean isFirst = round == read.get(0);
            if (isFirst || round == read.get(read.size() - 1)) {
                lastRead(round).ifPresent(at -> found.add(new Inspection(key, feature, round, at, !isFirst)));
            }
        }
        return found;
    }

    private static Optional<Instant> lastRead(RoundAssessment round) {
        return round.places().stream()
                .flatMap(place -> place.standing().stream())
                .map(Reading::takenAt)
                .max(Comparator.naturalOrder());
    }

    public long part() {
        return feature.part();
    }

    /** Those of one feature of the plan. */
    public static List<Inspection> ofFeature(Feature feature, List<Inspection> all) {
        return all.stream().filter(each -> each.of().equals(feature.key())).toList();
    }

    /**
     * What each place of the feature measured at the last inspection of this part in another job before, by where it is now; empty where
     * there was none that measured one of them.
     *
     * @param ofPart all inspections of its part
     */
    public static Map<PlaceKey, Length> earlier(FeatureAssessment feature, List<Inspection> ofPart) {
        List<Inspection> all = ofFeature(feature.feature(), ofPart);
        Optional<Instant> first = all.stream()
                .filter(each -> each.part() == feature.part())
                .map(Inspection::at)
                .findFirst();
        return all.stream()
                .filter(each -> each.part() != feature.part())
                .filter(each -> first.filter(at -> each.at().isBefore(at)).isPresent())
                .map(each -> each.byPlaceOf(feature))
                .filter(sizes -> !sizes.isEmpty())
                .reduce((before, last) -> last)
                .orElse(Map.of());
    }

    private Map<PlaceKey, Length> byPlaceOf(FeatureAssessment now) {
        SamePlace same = SamePlace.of(feature.feature().every(), now.feature().places(now.part()));
        var sizes = new HashMap<PlaceKey, Length>();
        for (PlaceAssessment place : round.places()) {
            place.value()
                    .value()
                    .ifPresent(size -> same.find(place.place()).ifPresent(there -> sizes.put(there.key(), size)));
        }
        return sizes;
    }
}
