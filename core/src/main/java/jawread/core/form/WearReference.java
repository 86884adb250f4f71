package jawread.core.form;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * What wear is reckoned from.
 *
 * @param single one figure: the size of a place that never wore or of an earlier record; of a new part's limits their middle,
 *     rounded half to even to 1 pm
 * @param limits of a new part, where no more than these is known
 */
public record WearReference(Kind kind, Length single, Optional<AsNew> limits) {
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

    /** @param kind any but {@link Kind#AS_NEW} */
    public static WearReference of(Kind kind, Length size) {
        return new WearReference(kind, size, Optional.empty());
    }

    public static WearReference asNew(Length low, Length high) {
        return new WearReference(Kind.AS_NEW, Length.meanOf(List.of(low, high)), Optional.of(new AsNew(low, high)));
    }
}
