package jawread.core.assess;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * All that was ever read and seen on one part.
 *
 * @param features by their key; one nobody read on has none
 * @param looks the last at each item that is looked at, by its key
 * @param aside how many readings of a feature lie aside, by its key: the plan moved or took away the places they were taken at, or made the
 *     feature another kind of size; one that has none is left out
 */
public record PartLog(Map<UUID, FeatureLog> features, Map<UUID, Look> looks, Map<UUID, Integer> aside) {
    public static final PartLog NONE = new PartLog(Map.of(), Map.of(), Map.of());

    public PartLog {
        features = Map.copyOf(features);
        looks = Map.copyOf(looks);
        aside = Map.copyOf(aside);
    }

    public FeatureLog of(UUID feature) {
        return features.getOrDefault(feature, FeatureLog.NONE);
    }

    /** What was found at the last look; empty while nobody has looked. */
    public Optional<Look> lookAt(UUID item) {
        return Optional.ofNullable(looks.get(item));
    }

    /** Every gauge that was read with, or carried to one that was. */
    public Set<Long> gauges() {
        return features.values().stream().flatMap(log -> log.gauges().stream()).collect(Collectors.toSet());
    }

    /** With so many more readings of a feature that lie aside. */
    public PartLog withAside(UUID feature, int more) {
        var now = new HashMap<>(aside);
        now.merge(feature, more, Integer::sum);
        return new PartLog(features, looks, now);
    }

    /** With readings that came since. */
    public PartLog with(List<Reading> since) {
        var now = new HashMap<>(features);
        since.stream()
                .collect(Collectors.groupingBy(Reading::feature))
                .forEach((feature, readings) -> now.put(feature, of(feature).with(readings)));
        return new PartLog(now, looks, aside);
    }
}
