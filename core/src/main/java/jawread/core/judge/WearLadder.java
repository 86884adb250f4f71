package jawread.core.judge;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;

/**
 * How far down its life a size is: as new, worn but serviceable, beyond service; or on the side on which nothing can be.
 *
 * @param tooCloseTo the other step where the size is too close to the boundary between both; {@code step} is then the one nearer
 *     new. Empty where it is decided
 * @param usedPercent of the wear that service allows, zero or above; empty where there is no way from new to the service limit
 */
public record WearLadder(Step step, Optional<Step> tooCloseTo, OptionalDouble usedPercent) {
    /** The steps. */
    public enum Step {
        AS_NEW,
        WORN,
        BEYOND_SERVICE,
        /** Larger than an outside can be, smaller than an inside can be. */
        WRONG_WAY,
        /** Where nobody has said from where on it is worn. */
        WITHIN_SERVICE;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** On which side of new a size wears. */
    public enum Wears {
        SMALLER,
        LARGER;

        /** As metal comes off it. @param kind one that can be cut */
        public static Wears of(FeatureKind kind) {
            return kind.shrinksWithCutting() ? SMALLER : LARGER;
        }
    }

    /** {@code worn}, {@code too-close:as-new/worn}. */
    public String code() {
        return tooCloseTo
                .map(other -> "too-close:" + step.code() + "/" + other.code())
                .orElse(step.code());
    }

    /**
     * A boundary: a size on it, or on its better side, is on the better step.
     *
     * @param inside how far the size lies on the better side, negative beyond
     */
    private record Boundary(Step better, Step worse, Length inside) {
        boolean isTooClose(Length guard) {
            // Just the guard inside it is better, just the guard outside it is still too close.
            return inside.compareTo(guard) < 0 && inside.compareTo(Length.ZERO.minus(guard)) >= 0;
        }
    }

    /**
     * @param asNew the limits of a new part, one of which may be open; empty where they are not known
     * @param service W, on the wear side of them
     * @param standard u of the size, in µm
     */
    public static WearLadder of(
            Wears wears, DecisionRule rule, Length size, Optional<Limits> asNew, Length service, double standard) {
        Length guard = Guard.of(rule, standard);
        List<Boundary> boundaries = boundaries(wears, size, asNew, service).toList();
        OptionalDouble used = asNew.flatMap(limits -> wearSide(wears, limits))
                .map(limit -> used(size, limit, service))
                .orElse(OptionalDouble.empty());
        return boundaries.stream()
                .filter(boundary -> boundary.isTooClose(guard))
                .min(Comparator.comparing(boundary -> boundary.inside().abs()))
                .map(near -> new WearLadder(near.better(), Optional.of(near.worse()), used))
                .orElseGet(() -> new WearLadder(step(boundaries), Optional.empty(), used));
    }

    /** From the worst on: of two as near the one on the wear side is named. */
    private static Stream<Boundary> boundaries(Wears wears, Length size, Optional<Limits> asNew, Length service) {
        Optional<Length> worn = asNew.flatMap(limits -> wearSide(wears, limits));
        Step unworn = worn.isPresent() ? Step.AS_NEW : Step.WITHIN_SERVICE;
        boolean isZone = worn.filter(limit -> !limit.equals(service)).isPresent();
        return Stream.of(
                        Optional.of(new Boundary(
                                isZone ? Step.WORN : unworn, Step.BEYOND_SERVICE, left(wears, size, service))),
                        worn.filter(limit -> isZone)
                                .map(limit -> new Boundary(unworn, Step.WORN, left(wears, size, limit))),
                        asNew.flatMap(limits -> otherSide(wears, limits))
                                .map(limit -> new Boundary(
                                        unworn, Step.WRONG_WAY, Length.ZERO.minus(left(wears, size, limit)))))
                .flatMap(Optional::stream);
    }

    private static Optional<Length> wearSide(Wears wears, Limits asNew) {
        return wears == Wears.SMALLER ? asNew.low() : asNew.high();
    }

    private static Optional<Length> otherSide(Wears wears, Limits asNew) {
        return wears == Wears.SMALLER ? asNew.high() : asNew.low();
    }

    /** How much is left to wear down to a boundary, negative beyond it. */
    private static Length left(Wears wears, Length size, Length boundary) {
        return wears == Wears.SMALLER ? size.minus(boundary) : boundary.minus(size);
    }

    /** Beyond the worst boundary there is one it is on the worse step of that; within all of them it is as new. */
    private static Step step(List<Boundary> boundaries) {
        return boundaries.stream()
                .filter(boundary -> boundary.inside().isNegative())
                .map(Boundary::worse)
                .findFirst()
                .orElseGet(() -> boundaries.stream()
                        .map(Boundary::better)
                        .reduce((worst, best) -> best)
                        .orElseThrow());
    }

    private static OptionalDouble used(Length size, Length asNew, Length service) {
        double whole = service.minus(asNew).micrometres();
        return whole == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(0, 100 * size.minus(asNew).micrometres() / whole));
    }
}
