package jawread.core.assess;

import java.util.List;

/**
 * All that one part is judged by, as it stood at one moment.
 *
 * @param part the number it is kept under
 * @param features of the plan's revision, in its order: those a gauge is put to, and those that are looked at
 */
public record PartSnapshot(long part, List<Feature> features, PartLog log, Conditions conditions) {
    public PartSnapshot {
        features = List.copyOf(features);
    }
}
