package jawread.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;

/** Things to look at where wear lies as it does; never findings. */
public enum WearHint {
    /** Most across the thrust axis near the upper end: side load at reversal. */
    SIDE_LOAD,
    /** One end alone: misalignment, or overhang. */
    ONE_END,
    /** Alike everywhere: dirt in the lubricant. */
    ALL_AROUND,
    /** A hole wider at both ends: what goes through it rocks. */
    ROCKING,
    /** A shaft thinner at both ends: the edges carry. */
    EDGES_CARRY,
    /** One place by itself: a score. */
    SCORE;

    private static final int FEWEST_FOR_ONE_ALONE = 4;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * Those that the pattern suggests.
     *
     * @param thrust the axis that the load goes along; empty where nobody has said
     * @param threshold only more than this is a difference
     */
    public static List<WearHint> of(
            Wear wear, FormSizes sizes, FeatureForm form, Wears wears, OptionalInt thrust, Length threshold) {
        var hints = new ArrayList<WearHint>();
        List<Length> all = wear.at().stream().map(Wear.At::wear).toList();
        Length worst = wear.worst().wear();
        if (worst.compareTo(threshold) <= 0) {
            return hints;
        }
        if (Length.spreadOf(all).compareTo(threshold) <= 0) {
            return List.of(ALL_AROUND);
        }
        if (wears == Wears.LARGER && isSideLoad(wear, thrust, threshold)) {
            hints.add(SIDE_LOAD);
        }
        if (isOneEnd(wear, sizes.sizes().size(), threshold)) {
            hints.add(ONE_END);
        }
        if (form.down().stream()
                        .anyMatch(axis ->
                                axis.shape().filter(is -> is == Shape.WAIST).isPresent())
                && wears == Wears.LARGER) {
            hints.add(ROCKING);
        }
        if (form.down().stream()
                        .anyMatch(axis ->
                                axis.shape().filter(is -> is == Shape.BARREL).isPresent())
                && wears == Wears.SMALLER) {
            hints.add(EDGES_CARRY);
        }
        if (isOneAlone(all, worst, threshold)) {
            hints.add(SCORE);
        }
        return List.copyOf(hints);
    }

    private static boolean isSideLoad(Wear wear, OptionalInt thrust, Length threshold) {
        return thrust.isPresent()
                && wear.worst().section() == 0
                && wear.worst().axis() == thrust.getAsInt()
                && wear.at().stream()
                        .filter(at -> at.section() == 0 && at.axis() != thrust.getAsInt())
                        .allMatch(at -> wear.worst().wear().minus(at.wear()).compareTo(threshold) > 0)
                && wear.at().stream().anyMatch(at -> at.section() == 0 && at.axis() != thrust.getAsInt());
    }

    private static boolean isOneEnd(Wear wear, int sections, Length threshold) {
        int end = wear.worst().section();
        if (sections < 2 || end != 0 && end != sections - 1) {
            return false;
        }
        Length least = wear.at().stream()
                .filter(at -> at.section() == end)
                .map(Wear.At::wear)
                .min(Length::compareTo)
                .orElseThrow();
        List<Length> others = wear.at().stream()
                .filter(at -> at.section() != end)
                .map(Wear.At::wear)
                .toList();
        return !others.isEmpty()
                && others.stream().allMatch(other -> least.minus(other).compareTo(threshold) > 0);
    }

    private static boolean isOneAlone(List<Length> all, Length worst, Length threshold) {
        List<Length> others = all.stream().sorted().limit(all.size() - 1L).toList();
        return all.size() >= FEWEST_FOR_ONE_ALONE
                && Length.spreadOf(others).compareTo(threshold) <= 0
                && worst.minus(others.get(others.size() - 1)).compareTo(threshold) > 0;
    }
}
