package jawread.server.card;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * A thread, and the drills near the one it wants.
 *
 * @param perInch its number to the inch; absent for a metric one
 * @param drill computed for the wanted part of its height
 * @param engagement that part, in percent
 * @param sets of drills: in each the nearest on either side
 * @param clearance of holes that let it through, fine, medium, coarse; empty where none is in the table
 * @param best the drill that is nearest of all; absent above every set
 */
record ThreadView(
        String name,
        String series,
        LengthText diameter,
        LengthText pitch,
        @Nullable String perInch,
        LengthText drill,
        String engagement,
        List<DrillSetView> sets,
        List<ClearanceView> clearance,
        @Nullable DrillView best,
        String sentence) {
    record DrillSetView(String kind, String title, List<DrillView> drills) {}

    /**
     * @param error the drill minus the one computed
     * @param engagement what it leaves of the full height, in percent
     * @param left the same of 1
     * @param isNearest the nearer one of its set
     * @param remark where it leaves too much or too little; empty otherwise
     */
    record DrillView(
            String name,
            LengthText size,
            LengthText error,
            String engagement,
            double left,
            boolean isNearest,
            String remark) {}

    record ClearanceView(String fit, LengthText size) {}
}
