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

    /** @param state in-use, due or retired */
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
            String stateWord) {}

    /**
     * A kind that a new gauge can be of.
     *
     * @param scales it may have, finest first as they stand in the catalogue; none for what has none
     * @param frame from one frame of a set to the next, in inches and millimetres; empty where there are none
     */
    public record GaugeKindView(
            String code,
            String name,
            List<ScaleChoiceView> scales,
            boolean transfer,
            boolean bracket,
            boolean frames) {}

    /** @param unit in or mm */
    public record ScaleChoiceView(String id, String name, String unit) {}
}
