package jawread.server.job;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.plan.PlannedFeature;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import org.springframework.stereotype.Component;

/** Makes features of what is kept of them. An edition never changes, so that it is understood once; its places are read each time. */
@Component
class FeatureEditions {
    private static final Kind<Long, PlannedFeature> UNDERSTOOD = new Kind<>(
            "edition",
            planned -> 1 + planned.places().map(of -> of.inOrder().size()).orElse(0));

    private final Snapshots snapshots;
    private final PlaceRepository places;

    FeatureEditions(Snapshots snapshots, PlaceRepository places) {
        this.snapshots = snapshots;
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
        return snapshots.forEver(UNDERSTOOD, row.id(), row::planned);
    }
}
