package jawread.core.form;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;

/**
 * How far a feature is from what it was, place by place.
 *
 * @param at wear of each place that is held against something, on the diameter; negative where there is more metal than the reference has
 * @param worst the first of the largest
 * @param reach what is known of the worst against limits instead of a size: at least, at most; empty with a single size
 * @param isOneSided whether one axis is clearly worn more than another, so that up to all of it may be on one side
 */
public record Wear(List<At> at, At worst, Optional<Reach> reach, boolean isOneSided) {
    public Wear {
        at = List.copyOf(at);
    }

    /** Wear at one place, counted from 0. */
    public record At(int section, int axis, Length wear) {}

    /** Between which wear lies where only the limits of a new part are known; never below zero. */
    public record Reach(Length atLeast, Length atMost) {}

    /**
     * Of one size or more that has something to be held against; those that have not are left out.
     *
     * @param clearly by more than this one axis is worn more than another: f(2)·u_place
     */
    public static Wear of(FormSizes sizes, Wears wears, WearReference reference, Length clearly) {
        List<At> at = sizes.measured().stream()
                .flatMap(place -> reference
                        .at(place.section(), place.axis())
                        .map(was -> new At(place.section(), place.axis(), away(wears, place.size(), was)))
                        .stream())
                .toList();
        At worst = at.stream()
                .reduce((most, next) -> next.wear().compareTo(most.wear()) > 0 ? next : most)
                .orElseThrow();
        Length worstSize = sizes.sizes().get(worst.section()).get(worst.axis()).orElseThrow();
        return new Wear(
                at,
                worst,
                reach(worstSize, wears, reference),
                isOneSided(at, sizes.degrees().size(), clearly));
    }

    /** Between which the wear of one size lies where only the limits of a new part are known; empty with a single size. */
    public static Optional<Reach> reach(Length size, Wears wears, WearReference reference) {
        return reference
                .limits()
                .map(limits -> reach(away(wears, size, limits.low()), away(wears, size, limits.high())));
    }

    /** How far a size is from what it was, in the way of wear. */
    public static Length away(Wears wears, Length size, Length reference) {
        return wears == Wears.LARGER ? size.minus(reference) : reference.minus(size);
    }

    private static Reach reach(Length one, Length other) {
        return new Reach(
                Length.ZERO.compareTo(least(one, other)) > 0 ? Length.ZERO : least(one, other),
                Length.ZERO.compareTo(most(one, other)) > 0 ? Length.ZERO : most(one, other));
    }

    private static Length least(Length one, Length other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    private static Length most(Length one, Length other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    private static boolean isOneSided(List<At> at, int axes, Length clearly) {
        List<Length> largest = IntStream.range(0, axes)
                .mapToObj(axis -> at.stream()
                        .filter(place -> place.axis() == axis)
                        .map(At::wear)
                        .max(Comparator.naturalOrder()))
                .flatMap(Optional::stream)
                .toList();
        return Length.spreadOf(largest).compareTo(clearly) > 0;
    }

    /** Whether there is more of it than is not known of it. @param doubt what two sizes may differ by without wear */
    public boolean isTold(Length doubt) {
        return isTold(worst.wear(), reach, doubt);
    }

    /** The same of one place. @param reach empty where it is held against a single size */
    public static boolean isTold(Length wear, Optional<Reach> reach, Length doubt) {
        return reach.map(Reach::atLeast).orElse(wear).compareTo(doubt) > 0;
    }

    /** Half of the worst, rounded half to even to 1 pm: on one side, if it is worn evenly. */
    public Length half() {
        return worst.wear().half();
    }
}
