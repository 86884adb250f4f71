package jawread.core.assess;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import jawread.core.heat.AtTwenty;
import jawread.core.heat.Material;
import jawread.core.heat.Warm;
import jawread.core.length.Length;

/**
 * What warmth does to the size of a feature that has two limits.
 *
 * @param size in the middle of its limits
 * @param width of them
 */
public record WarmSize(Feature feature, Length size, Length width, AtTwenty corrected) {
    /** What nobody measured matters from this part of the tolerance on. */
    private static final long PART_OF_TOLERANCE = 10;

    /** By which part of its tolerance a size is moved. */
    public static final Comparator<WarmSize> BY_SHARE = Comparator.comparing(each ->
            each.corrected().correction().abs().micrometres() / each.width().micrometres());

    /** Of those that have two limits, in their order. */
    public static List<WarmSize> of(Collection<Feature> features, Warm scale, Warm part) {
        return features.stream()
                .filter(WarmSize::hasTwoLimits)
                .map(feature -> new WarmSize(
                        feature, middle(feature), width(feature), AtTwenty.direct(middle(feature), scale, part)))
                .toList();
    }

    /** Whether it moves so far that it is waited for. */
    public boolean mustWait() {
        return corrected.mustWait(width);
    }

    /**
     * Whether any size could be out by a tenth of its tolerance for warmth that nobody measured.
     *
     * @param apart δT in K, how far apart part and gauge may be
     * @param fromTwenty ΔT20 in K, how far both may be from 20 °C
     */
    public static boolean isToBeMeasured(
            Collection<Feature> features, Material material, double apart, double fromTwenty) {
        double grows = material.alpha() * apart + Math.abs(material.alpha() - Material.STEEL.alpha()) * fromTwenty;
        return features.stream()
                .filter(WarmSize::hasTwoLimits)
                .anyMatch(feature -> middle(feature).micrometres() * grows * PART_OF_TOLERANCE
                        > width(feature).micrometres());
    }

    private static boolean hasTwoLimits(Feature feature) {
        return feature.limits().stated().size() == 2;
    }

    private static Length middle(Feature feature) {
        return Length.meanOf(feature.limits().stated());
    }

    private static Length width(Feature feature) {
        return Length.spreadOf(feature.limits().stated());
    }
}
