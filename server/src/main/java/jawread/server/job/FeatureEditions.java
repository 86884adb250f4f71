package jawread.server.job;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.assess.SamePlace;
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
    private final FeatureRepository features;
    private final PlaceRepository places;

    FeatureEditions(Snapshots snapshots, FeatureRepository features, PlaceRepository places) {
        this.snapshots = snapshots;
        this.features = features;
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
        List<PlaceRow> besides =
                this.places.findAllTakenBesides(rows.iterator().next().plan());
        return rows.stream()
                .map(row ->
                        row.feature(planned(row), withBesides(row, places.getOrDefault(row.id(), List.of()), besides)))
                .toList();
    }

    /** What was taken on one part goes on with it: it is there under whatever edition still has its section. */
    private List<Place> withBesides(FeatureRow row, List<Place> own, List<PlaceRow> besides) {
        var all = new ArrayList<>(own);
        for (PlaceRow taken : besides) {
            if (taken.feature() != row.id()) {
                features.findById(taken.feature())
                        .filter(row::isReadAs)
                        .flatMap(then -> goesOn(taken, then, own))
                        .filter(place -> all.stream().noneMatch(each -> each.isAs(place)))
                        .ifPresent(all::add);
            }
        }
        return List.copyOf(all);
    }

    /** One that a hand found stays what it is; another axis goes on with its section. */
    private Optional<Place> goesOn(PlaceRow taken, FeatureRow then, List<Place> own) {
        Place place = taken.place();
        return place.isByHand()
                ? Optional.of(place)
                : SamePlace.of(placesOf(then), own).sectionOf(place).map(taken::beside);
    }

    private List<Place> placesOf(FeatureRow row) {
        return places.findAllByFeatureIdInOrderByPosition(List.of(row.id())).stream()
                .map(PlaceRow::place)
                .toList();
    }

    private PlannedFeature planned(FeatureRow row) {
        return snapshots.forEver(UNDERSTOOD, row.id(), row::planned);
    }
}
