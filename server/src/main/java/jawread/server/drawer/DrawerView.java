package jawread.server.drawer;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * The drawer on one page.
 *
 * @param summary how many there are and what wants doing, in a sentence
 * @param kinds that a new gauge can be of
 * @param materials that a master can be of
 */
public record DrawerView(
        String summary,
        List<GaugeRowView> gauges,
        List<MasterView> masters,
        List<GaugeKindView> kinds,
        List<String> materials) {
    /**
     * A gauge in the list.
     *
     * @param leastCount absent for what has no scale
     * @param due until when its calibration holds; absent where nobody has calibrated it
     * @param wanted why its zero wants a look, in a sentence; absent when it does not
     * @param checked when it was last looked at and how it stood, in a sentence; absent before the first
     * @param holds what whoever stands here holds with it, in a sentence; absent without a trial
     */
    public record GaugeRowView(
            long id,
            String shopNumber,
            String name,
            String kind,
            String kindName,
            String state,
            String stateWord,
            String range,
            @Nullable LengthText leastCount,
            @Nullable String due,
            @Nullable String wanted,
            @Nullable String checked,
            @Nullable String holds) {}

    /** @param state in-use, due or retired @param typed as it is written down, for the form */
    public record MasterView(
            long id,
            long edition,
            String shopNumber,
            String kind,
            String kindName,
            LengthText size,
            @Nullable LengthText certified,
            LengthText expanded,
            String unit,
            String material,
            @Nullable String due,
            String state,
            String stateWord,
            TypedMaster typed) {}

    /**
     * A kind that a new gauge can be of.
     *
     * @param scales it may bear; none for what has none
     * @param bracket whether it is a set of pins
     * @param limits whether it has a go end and a no-go end
     * @param threads whether it is put to threads, which its marks name
     * @param frames whether it comes in a set of them
     * @param reader whether a transfer gauge may be measured by it
     * @param usualMillimetres the range that such a gauge usually has, when it reads in mm
     * @param usualInches the same, when it reads in inches
     */
    public record GaugeKindView(
            String code,
            String name,
            List<ScaleChoiceView> scales,
            boolean transfer,
            boolean bracket,
            boolean limits,
            boolean threads,
            boolean frames,
            boolean reader,
            UsualRangeView usualMillimetres,
            UsualRangeView usualInches) {}

    /** As typed. */
    public record UsualRangeView(String low, String high) {}

    /** @param unit in or mm */
    public record ScaleChoiceView(String id, String name, String unit) {}
}
