package jawread.core.rework;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * The first oversize of a bore, or undersize of a shaft, at which it cleans up everywhere.
 *
 * @param needed how far the finished limit on the part's side must lie at the least
 * @param size the first that serves; empty where none does
 * @param stockPerSide what comes off each side at each place, to the middle of that size's limits; empty where none serves
 * @param oneSideNeeded the same as {@code needed}, were all the wear on one side of what was new at the limit on the part's side
 * @param oneSideSize the first that serves then
 */
public record NextSize(
        Length needed,
        Optional<FinishedSize> size,
        List<Length> stockPerSide,
        Length oneSideNeeded,
        Optional<FinishedSize> oneSideSize) {
    /**
     * @param asNew with both limits
     * @param listed in any order
     * @param places one size or more
     * @param cleanUp wanted off each side, that no old metal is left in the new wall; zero or above
     * @param expanded U of a place
     */
    public static NextSize of(
            Wears wears,
            Limits asNew,
            List<FinishedSize> listed,
            List<Length> places,
            Length cleanUp,
            Length expanded) {
        Length worst = places.stream()
                .max(wears == Wears.LARGER ? Comparator.naturalOrder() : Comparator.reverseOrder())
                .orElseThrow();
        // It may have been new there, and worn by all that has gone since.
        Length asNewThere = (wears == Wears.LARGER ? asNew.low() : asNew.high()).orElseThrow();
        Length gone = wears == Wears.LARGER ? worst.minus(asNewThere) : asNewThere.minus(worst);
        Length wear = gone.isNegative() ? Length.ZERO : gone;
        Length needed = beyond(wears, worst, cleanUp.times(2).plus(expanded));
        Length oneSideNeeded =
                beyond(wears, asNewThere, wear.plus(cleanUp).times(2).plus(expanded));
        Optional<FinishedSize> size = first(wears, listed, needed);
        return new NextSize(
                needed,
                size,
                size.map(to -> places.stream()
                                .map(place -> to.middle().minus(place).abs().half())
                                .toList())
                        .orElse(List.of()),
                oneSideNeeded,
                first(wears, listed, oneSideNeeded));
    }

    private static Length beyond(Wears wears, Length from, Length by) {
        return wears == Wears.LARGER ? from.plus(by) : from.minus(by);
    }

    private static Optional<FinishedSize> first(Wears wears, List<FinishedSize> listed, Length needed) {
        Comparator<FinishedSize> nearestFirst = Comparator.comparing(size -> size.reached(wears));
        return listed.stream()
                .filter(size -> wears == Wears.LARGER
                        ? size.reached(wears).compareTo(needed) >= 0
                        : size.reached(wears).compareTo(needed) <= 0)
                .min(wears == Wears.LARGER ? nearestFirst : nearestFirst.reversed());
    }

    /** The least that comes off a side anywhere; empty where no size serves. */
    public Optional<Length> leastStock() {
        return stockPerSide.stream().min(Comparator.naturalOrder());
    }
}
