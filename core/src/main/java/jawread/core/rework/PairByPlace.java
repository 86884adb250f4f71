package jawread.core.rework;

import java.util.Comparator;
import java.util.List;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * A pair looked at by its places: parts are put together by their means, and it is the tightest place that binds.
 *
 * @param tightest the narrowest place of the inside against the widest of the outside
 * @param loosest the widest of the inside against the narrowest of the outside
 */
public record PairByPlace(Between tightest, Between loosest) {
    /**
     * A place of a part.
     *
     * @param expanded U of its size, in µm
     */
    public record Sized(String name, Length size, double expanded) {}

    /** A place of the inside and one of the outside; below zero they interfere. */
    public record Between(Sized inside, Sized outside) {
        public Length clearance() {
            return inside.size().minus(outside.size());
        }

        /** √(U² + U²), in µm. */
        public double expanded() {
            return Clearance.expanded(inside.expanded(), outside.expanded());
        }
    }

    /** Whether a pair binds. */
    public enum Binds {
        NO,
        /** By its U it may. */
        PERHAPS,
        YES
    }

    /** @param insides places of the inside, one or more @param outsides those of the outside */
    public static PairByPlace of(List<Sized> insides, List<Sized> outsides) {
        return new PairByPlace(
                new Between(smallest(insides), largest(outsides)), new Between(largest(insides), smallest(outsides)));
    }

    /** Whether its tightest place is tighter than is wanted, or may be by its U. A window without a lower end binds nothing. */
    public Binds binds(Limits wanted) {
        return wanted.low()
                .map(least -> {
                    Length clearance = tightest.clearance();
                    if (clearance.compareTo(least) < 0) {
                        return Binds.YES;
                    }
                    return clearance.minus(Length.nearest(tightest.expanded())).compareTo(least) < 0
                            ? Binds.PERHAPS
                            : Binds.NO;
                })
                .orElse(Binds.NO);
    }

    private static Sized smallest(List<Sized> places) {
        return places.stream().min(Comparator.comparing(Sized::size)).orElseThrow();
    }

    private static Sized largest(List<Sized> places) {
        return places.stream().max(Comparator.comparing(Sized::size)).orElseThrow();
    }
}
