package jawread.core.form;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * What wear is reckoned from.
 *
 * @param single one figure for all places: the size of one that never wore; of a new part's limits their middle, rounded half to even to
 *     1 pm; empty where each place has its own
 * @param byPlace the size of each place then, by section and axis; empty where one figure holds for all
 * @param limits of a new part, where no more than these is known
 */
public record WearReference(
        Kind kind, Optional<Length> single, List<List<Optional<Length>>> byPlace, Optional<AsNew> limits) {
    public WearReference {
        byPlace = byPlace.stream().map(List::copyOf).toList();
    }

    /** From the best to the worst. */
    public enum Kind {
        /** Above the ridge, outside the seal track. */
        UNWORN_PLACE("unworn-place"),
        /** Of the same serial number. */
        EARLIER_RECORD("earlier-record"),
        AS_NEW("as-new");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /** Both limits of a new part. */
    public record AsNew(Length low, Length high) {}

    /**
     * What two sizes may differ by without wear: of one setting little, of two inspections both their U.
     *
     * @param threshold what noise alone makes of the places of one inspection
     * @param expanded U of a size, in µm
     */
    public Length doubt(Length threshold, double expanded) {
        return switch (kind) {
            case UNWORN_PLACE -> threshold;
            case EARLIER_RECORD -> Length.nearest(Math.sqrt(2) * expanded);
            case AS_NEW -> Length.nearest(expanded);
        };
    }

    /** What a place is held against, counted from 0; empty where nothing was measured there then. */
    public Optional<Length> at(int section, int axis) {
        return single.or(() -> byPlace.get(section).get(axis));
    }

    /** One figure for all places. @param kind any but {@link Kind#AS_NEW} */
    public static WearReference of(Kind kind, Length size) {
        return new WearReference(kind, Optional.of(size), List.of(), Optional.empty());
    }

    /** Each place against itself at an inspection before. @param sizes then, by section and axis as they lie now */
    public static WearReference earlier(List<List<Optional<Length>>> sizes) {
        return new WearReference(Kind.EARLIER_RECORD, Optional.empty(), sizes, Optional.empty());
    }

    public static WearReference asNew(Length low, Length high) {
        return new WearReference(
                Kind.AS_NEW,
                Optional.of(Length.meanOf(List.of(low, high))),
                List.of(),
                Optional.of(new AsNew(low, high)));
    }
}
