package jawread.server.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.assess.SamePlace;
import jawread.server.job.Lineage.Seat;
import org.springframework.stereotype.Component;

/** Finds out how the editions of a plan's features hang together. */
@Component
class Lineages {
    private final FeatureRepository features;
    private final PlanRevisionRepository revisions;
    private final FeatureEditions editions;

    Lineages(FeatureRepository features, PlanRevisionRepository revisions, FeatureEditions editions) {
        this.features = features;
        this.revisions = revisions;
        this.editions = editions;
    }

    /** @param now editions of a plan's features, each key once */
    Lineage of(long plan, List<Feature> now) {
        Map<UUID, Feature> counting = now.stream().collect(Collectors.toMap(Feature::key, Function.identity()));
        Map<Long, Feature> asTheyAre = now.stream().collect(Collectors.toMap(Feature::id, Function.identity()));
        List<FeatureRow> earlier = features.findAllByPlanId(plan).stream()
                .filter(row -> !asTheyAre.containsKey(row.id()))
                .toList();
        var seats = new HashMap<Long, Seat>();
        var read = new HashMap<Long, UUID>();
        var all = new HashMap<Long, UUID>();
        editions.of(earlier).forEach(then -> add(then, counting.get(then.key()), seats, read, all));
        now.forEach(each -> add(each, each, seats, read, all));
        return new Lineage(
                seats,
                read,
                all,
                revisions.findAllByPlanId(plan).stream()
                        .collect(Collectors.toMap(PlanRevisionRow::id, PlanRevisionRow::number)));
    }

    private static void add(
            Feature then, Feature now, Map<Long, Seat> seats, Map<Long, UUID> read, Map<Long, UUID> all) {
        then.every().forEach(place -> all.put(place.id(), then.key()));
        if (now != null && then.isReadAs(now)) {
            read.put(then.id(), then.key());
            boolean isHeldToTheSame = then.isHeldToAs(now);
            List<Place> there =
                    now.every().stream().filter(Place::canBeMeasured).toList();
            SamePlace same = SamePlace.of(then.every(), there);
            then.every()
                    .forEach(place -> same.find(place)
                            .ifPresent(seat -> seats.put(place.id(), new Seat(now.key(), seat, isHeldToTheSame))));
        }
    }
}
