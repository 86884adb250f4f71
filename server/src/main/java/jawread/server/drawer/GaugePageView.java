package jawread.server.drawer;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import jawread.server.drawer.DrawerView.GaugeRowView;
import jawread.server.words.LengthText;

/**
 * One gauge.
 *
 * @param edition goes back in If-Match with a change
 * @param typed as it is written down, for the form
 * @param comparator whether it is set on a master before it says anything
 * @param uses what it is for, and how well
 * @param allowed what its zero may be out without anything being done; absent for what has none
 * @param correction what is taken off each reading, in a sentence; absent when nothing is
 * @param drift how its zero moves, in a sentence; absent with too few checks
 * @param calibration what the laboratory found, in a sentence; absent before the first
 * @param speaks at which serial port it is, in a sentence; absent where at none
 * @param readers by which it may be measured, of a transfer gauge
 * @param masters it can be checked or tried on
 */
public record GaugePageView(
        long edition,
        GaugeRowView gauge,
        TypedGauge typed,
        boolean switchable,
        boolean comparator,
        List<UseView> uses,
        @Nullable LengthText allowed,
        @Nullable String correction,
        @Nullable String drift,
        @Nullable String calibration,
        @Nullable String speaks,
        List<CheckView> checks,
        List<EventView> events,
        List<TrialView> trials,
        List<StudyView> studies,
        List<ReaderView> readers,
        List<DrawerView.MasterView> masters) {
    /**
     * What it is used for, with what figures.
     *
     * @param kinds of feature, by their codes
     * @param features the same, for reading
     * @param spread s of single readings; absent for pins
     * @param spreadFrom starting, own: whether it is the kind's starting value, or its data sheet's
     * @param error the largest it may show; absent for a transfer gauge
     * @param errorFrom starting, own or calibration
     * @param reach how deep into a hole; absent where it has no bound
     * @param time a reading, and getting ready
     */
    public record UseView(
            List<String> kinds,
            String features,
            @Nullable LengthText spread,
            String spreadFrom,
            @Nullable LengthText error,
            String errorFrom,
            @Nullable LengthText reach,
            String reachFrom,
            String time) {}

    /**
     * A look at its zero.
     *
     * @param good whether what was found was within the allowance
     * @param sentence what was found, on what, what was done, what is left
     */
    public record CheckView(
            UUID id,
            Instant at,
            String person,
            LengthText found,
            LengthText left,
            LengthText allowed,
            boolean good,
            String sentence) {}

    /** @param word what befell it @param words why, in somebody's own words; may be empty */
    public record EventView(UUID id, Instant at, String person, String kind, String word, String words) {}

    /** @param holds ± so much, and whether too large or too small */
    public record TrialView(UUID id, Instant at, String person, String holds, TrialResultView result) {}

    /**
     * What a trial comes to.
     *
     * @param holds |bias| + 2s
     * @param biased whether the bias is no chance
     * @param readings as deviations from the master, in the order taken, for the picture
     */
    public record TrialResultView(
            LengthText bias,
            LengthText spread,
            LengthText holds,
            boolean biased,
            int count,
            List<LengthText> readings,
            String sentence,
            String advice) {}

    /** @param sentence share of the tolerance, sizes it can tell apart */
    public record StudyView(UUID id, Instant at, String name, String people, String sentence) {}

    public record ReaderView(long id, String shopNumber, String name) {}
}
