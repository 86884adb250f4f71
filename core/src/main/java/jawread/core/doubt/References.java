package jawread.core.doubt;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.judge.Demand;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.misread.Reference;
import jawread.core.misread.Reference.Kind;

/** What a reading in a job is held against: ρ and its band B. U is expanded, k = 2 (ISO/IEC Guide 98-3); all at or above zero. */
public final class References {
    private static final int TENFOLD = 10;
    /** Fewer say too little of what the feature is like. */
    private static final int FEWEST_PLACES = 3;

    private References() {}

    /**
     * The same place with another gauge. B = 1.5·U(quick) + U(this).
     *
     * @param quick U of the other gauge there
     * @param own U of a single reading with this one
     */
    public static Reference quick(Length size, Length quick, Length own) {
        return new Reference(Kind.QUICK, size, oneAndAHalf(quick).plus(own));
    }

    /**
     * The other readings of the place: ρ = their median, B = 1.5·CR for as many readings as there are with this one. Of three or more,
     * one that agrees with the median of all is held against that: the slipped one, not the honest ones beside it, is off.
     *
     * @param all two or more
     * @param at which of them is held, from 0
     * @param criticalRange CR of as many readings
     */
    public static Reference repeats(List<Length> all, int at, Length criticalRange) {
        Length band = oneAndAHalf(criticalRange);
        if (all.size() > 2) {
            var ofAll = new Reference(Kind.REPEATS, Length.medianOf(all), band);
            if (ofAll.agreesWith(all.get(at))) {
                return ofAll;
            }
        }
        List<Length> others = Stream.concat(all.subList(0, at).stream(), all.subList(at + 1, all.size()).stream())
                .toList();
        return new Reference(Kind.REPEATS, Length.medianOf(others), band);
    }

    /** Whether repeats are so near each other that none is in doubt beside the others. @param apart the largest less the smallest */
    public static boolean areAlike(Length apart, Length criticalRange) {
        return apart.compareTo(oneAndAHalf(criticalRange)) <= 0;
    }

    /** The median of the other places' values; empty with fewer than three. */
    public static Optional<Length> beside(List<Length> others) {
        return others.size() < FEWEST_PLACES ? Optional.empty() : Optional.of(Length.medianOf(others));
    }

    /**
     * The same for each of several places at once: the median of all values but its own. Sorted once, for a part has a hundred places.
     *
     * @param values of the places; empty where one has none
     */
    public static List<Optional<Length>> besideEach(List<Optional<Length>> values) {
        List<Length> sorted = values.stream().flatMap(Optional::stream).sorted().toList();
        var beside = new ArrayList<Optional<Length>>(values.size());
        for (Optional<Length> own : values) {
            beside.add(
                    own.isPresent()
                            ? medianWithout(Collections.binarySearch(sorted, own.get()), sorted.size() - 1, sorted)
                            : medianWithout(sorted.size(), sorted.size(), sorted));
        }
        return List.copyOf(beside);
    }

    private static Optional<Length> medianWithout(int at, int others, List<Length> sorted) {
        if (others < FEWEST_PLACES) {
            return Optional.empty();
        }
        Length upper = sorted.get(without(at, others / 2));
        return Optional.of(
                others % 2 == 1 ? upper : Length.meanOf(List.of(sorted.get(without(at, others / 2 - 1)), upper)));
    }

    /** Which of the sorted values is the nth once one is taken out. */
    private static int without(int taken, int nth) {
        return nth < taken ? nth : nth + 1;
    }

    /**
     * The other places of the feature: B = max(form limit, half the tolerance, 10·s) + U. With one limit there is no tolerance.
     *
     * @param beside ρ, the median of their values
     * @param spread s
     * @param own U of a single reading
     */
    public static Reference places(
            Length beside, Optional<Length> form, Optional<Limits> limits, Length spread, Length own) {
        Length half = limits.flatMap(References::width).map(Length::half).orElse(Length.ZERO);
        Length widest = spread.times(TENFOLD).larger(half).larger(form.orElse(Length.ZERO));
        return new Reference(Kind.PLACES, beside, widest.plus(own));
    }

    /**
     * The drawing: ρ = the middle of the limits, of a worn feature from the service limit on; B = their width + U. With one limit it is
     * no reference.
     *
     * @param own U of a single reading
     */
    public static Optional<Reference> drawing(Demand demand, Length own) {
        Limits usable = demand.usable();
        Optional<Length> width = width(usable);
        return width.isPresent()
                ? Optional.of(new Reference(
                        Kind.DRAWING, usable.middle().orElseThrow(), width.get().plus(own)))
                : Optional.empty();
    }

    private static Optional<Length> width(Limits limits) {
        return limits.low().isPresent() && limits.high().isPresent()
                ? Optional.of(limits.high().get().minus(limits.low().get()))
                : Optional.empty();
    }

    private static Length oneAndAHalf(Length length) {
        return length.plus(length.half());
    }
}
