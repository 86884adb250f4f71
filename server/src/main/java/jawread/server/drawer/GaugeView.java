package jawread.server.drawer;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.scale.ScaleView;
import jawread.server.words.LengthText;

/**
 * What can be read with, as the screens that measure see it: a gauge, or a transfer gauge with its reader, with what they need
 * to draw the scale that is read.
 *
 * @param key of both: {@code 6}, or {@code 17-6}
 * @param id of the gauge
 * @param reader whose scale is read; absent unless the gauge is only carried to it
 * @param onMaster whether it is a micrometer as it is set on a master; absent: it is not
 * @param technique the kind of gauge, whose technique card belongs to it
 * @param mayMeasure false for one whose readings are refused
 * @param bases all it can stand on, with its rods, collars or nibs; its own is among them
 * @param step its least count; of pins what they are apart
 * @param reads how far from what it is set to its figures may lie; absent for one whose figures rest on no setting
 * @param display whether it shows figures and has no lines
 * @param tries what the two ends of a go and no-go gauge may do; none for any other
 * @param scale absent for what has none: a part lies between two pins, or between two ends
 * @param wanted why its zero wants a look; absent when it does not
 */
public record GaugeView(
        String key,
        long id,
        @Nullable Long reader,
        @Nullable Boolean onMaster,
        String shopNumber,
        String name,
        String technique,
        String state,
        String stateWord,
        boolean mayMeasure,
        @Nullable String wanted,
        LengthText base,
        List<BaseView> bases,
        LengthText rangeLow,
        LengthText rangeHigh,
        String unit,
        LengthText step,
        @Nullable LengthText reads,
        boolean display,
        List<TryView> tries,
        @Nullable ScaleView scale) {
    /** @param code as it is typed and kept @param word of it, on a key */
    public record TryView(String code, String word) {}

    /**
     * Something it can stand on.
     *
     * @param label what it is made of, in short: rod 1 in + collar 0.5 in
     * @param lines of the sum
     * @param insideOnly whether it adds only where an inside is measured
     * @param named false where a piece of it wants a name
     */
    public record BaseView(LengthText size, String label, List<LineView> lines, boolean insideOnly, boolean named) {}

    /** @param label frame, head, rod */
    public record LineView(String label, LengthText size) {}
}
