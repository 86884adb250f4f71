package jawread.core.judge;

import java.util.Arrays;
import java.util.Collection;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;

/**
 * What is said of a size. In order from worst to best: the worst place decides its feature, the worst feature its part.
 * That is also why one place out outweighs another not yet measured.
 */
public enum SizeVerdict {
    GONE("gone"),
    METAL_LEFT("metal-left"),
    UNSETTLED("unsettled"),
    NOT_MEASURED("not-measured"),
    IN("in");

    private final String code;

    SizeVerdict(String code) {
        this.code = code;
    }

    public String code() {
        return code;
    }

    /** Of a place: its value against the limits as they stand; without a value, why there is none. */
    public static SizeVerdict of(PlaceValue place, FeatureKind kind, Limits limits) {
        if (place.state() == RepeatState.UNSETTLED) {
            return UNSETTLED;
        }
        return place.value().map(size -> of(size, kind, limits)).orElse(NOT_MEASURED);
    }

    /** Of one size, on its own. */
    public static SizeVerdict of(Length size, FeatureKind kind, Limits limits) {
        return switch (WayOut.of(kind, size, limits).word()) {
            case IN -> IN;
            case METAL_LEFT -> METAL_LEFT;
            case GONE -> GONE;
        };
    }

    /** The worst of several; not measured when there are none. */
    public static SizeVerdict worstOf(Collection<SizeVerdict> verdicts) {
        return Arrays.stream(values()).filter(verdicts::contains).findFirst().orElse(NOT_MEASURED);
    }
}
