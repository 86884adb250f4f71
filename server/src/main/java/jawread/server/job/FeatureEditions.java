package jawread.server.job;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.plan.PlannedFeature;
import org.springframework.stereotype.Component;

/** Makes features of what is kept of them. An edition never changes, so that it is understood once; its places are read each time. */
@Component
class FeatureEditions {
    /** Some dozens of long plans. */
    private static final int MOST_KEPT = 20_000;

    private final PlaceRepository places;
    private final Map<Long, PlannedFeature> understood = new ConcurrentHashMap<>();

    FeatureEditions(PlaceRepository places) {
        this.places = places;
    }

    Feature of(FeatureRow row) {
        return of(List.of(row)).get(0);
    }

    /** In their order. */
    List<Feature> of(Collection<FeatureRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<Long, List<Place>> places =
                this.places
                        .findAllByFeatureIdInOrderByPosition(
                                rows.stream().map(FeatureRow::id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(
                                PlaceRow::feature, Collectors.mapping(PlaceRow::place, Collectors.toList())));
        return rows.stream()
                .map(row -> row.feature(planned(row), places.getOrDefault(row.id(), List.of())))
                .toList();
    }

    private PlannedFeature planned(FeatureRow row) {
        if (understood.size() > MOST_KEPT) {
            understood.clear();
        }
        return understood.computeIfAbsent(row.id(), id -> row.planned());
    }
}
