package jawread.core.judge;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/** How the readings of a place that agree become its value. */
public enum PlaceAverage {
    MEAN("mean"),
    MEDIAN("median"),
    /** The largest: the worst a bore can be. */
    WORST_BORE("worst-bore"),
    /** The smallest: the worst a shaft can be. */
    WORST_SHAFT("worst-shaft");

    private final String code;

    PlaceAverage(String code) {
        this.code = code;
    }

    /** The one that is called so; empty for any other word. */
    public static Optional<PlaceAverage> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }

    /** Whether one of the readings stands for all. */
    public boolean isWorst() {
        return this == WORST_BORE || this == WORST_SHAFT;
    }

    Length of(List<Length> readings) {
        return switch (this) {
            case MEAN -> Length.meanOf(readings);
            case MEDIAN -> Length.medianOf(readings);
            case WORST_BORE -> Collections.max(readings);
            case WORST_SHAFT -> Collections.min(readings);
        };
    }

    /** Scattered readings are not averaged: one of them has slipped, and a median does not follow it. */
    Length ofScattered(List<Length> readings) {
        return this == MEAN ? Length.medianOf(readings) : of(readings);
    }
}
