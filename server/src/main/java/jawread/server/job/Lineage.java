package jawread.server.job;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.assess.Place;

/**
 * How all editions that there ever were of a plan's features hang together with those of one revision. What was read belongs to the part, the
 * feature and the place, whatever edition it was read under, and counts while its place is there.
 *
 * @param seats by the number of a place of any edition: where that is under this revision; none of one that was moved or taken away, and of
 *     an edition that was another kind of size
 * @param editions by the number of an edition that is read as the one in the revision: the key of the feature
 * @param features by the number of a place of any edition, those without a seat too: the key of the feature
 * @param revisions of the plan by the number they are kept under: their number in the plan
 */
public record Lineage(
        Map<Long, Seat> seats, Map<Long, UUID> editions, Map<Long, UUID> features, Map<Long, Integer> revisions) {
    public Lineage {
        seats = Map.copyOf(seats);
        editions = Map.copyOf(editions);
        features = Map.copyOf(features);
        revisions = Map.copyOf(revisions);
    }

    /**
     * Where a place is under the revision.
     *
     * @param feature its key
     * @param isHeldToTheSame whether the edition that the place was kept with holds the feature to the same
     */
    public record Seat(UUID feature, Place place, boolean isHeldToTheSame) {}

    public Optional<Seat> seat(long place) {
        return Optional.ofNullable(seats.get(place));
    }

    /** The numbers that one place of a feature is kept under, in whatever editions. */
    public Set<Long> numbersOf(UUID feature, Place place) {
        return seats.entrySet().stream()
                .filter(each -> each.getValue().feature().equals(feature)
                        && each.getValue().place().isAs(place))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** The numbers of the editions of a feature that are read alike. */
    public Set<Long> editionsOf(UUID feature) {
        return editions.entrySet().stream()
                .filter(each -> each.getValue().equals(feature))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** What was read at a place under a revision: the number of that, where it held the feature to something else than this one does. */
    public Optional<Integer> under(Seat seat, long revision) {
        return seat.isHeldToTheSame() ? Optional.empty() : Optional.of(revisions.get(revision));
    }
}
