package jawread.server.plan;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.core.plan.TypedFeature;
import jawread.server.job.LimitsView;
import jawread.server.words.LengthText;

/**
 * A feature of a plan: as it was typed, and what was understood of it.
 *
 * @param key the same through all its editions
 * @param edition goes back with a change of it; 0 while it is in no plan
 * @param limits absent where none were typed, or not understood
 * @param brief the limits in the job's unit alone, for a column
 * @param understood by the name of a typed field: what it means, in a sentence
 * @param refused by the name of a typed field: why it cannot be, in a sentence; empty for what stands in a plan
 * @param doubts what to look at again in it
 * @param mate the other part of a typed fit; absent without one
 * @param starts from the left end of the part; absent while nobody has said
 * @param layout the one in force: what was chosen, else what is usual for the kind
 * @param readings how often it is read, or looked at, on one part
 * @param time how long that takes, in words
 * @param by with what such a feature is usually measured
 */
public record PlannedView(
        UUID key,
        long edition,
        TypedFeature typed,
        @Nullable LimitsView limits,
        String brief,
        Map<String, String> understood,
        Map<String, String> refused,
        List<String> doubts,
        @Nullable MateView mate,
        @Nullable LengthText starts,
        @Nullable LengthText length,
        List<PlannedPlaceView> places,
        List<BandView> bands,
        String layout,
        int readings,
        String time,
        String by) {
    /** A band that no contact may stand in, by depth from the feature's face. */
    public record BandView(LengthText from, LengthText to, String what) {}

    /** @param sentence what lies between the two parts */
    public record MateView(TypedFeature typed, String sentence) {}

    /**
     * @param degrees around, for the drawing
     * @param depth from the feature's face; absent while nobody has said how long it is
     * @param remark why it was moved, or cannot be measured; empty otherwise
     */
    public record PlannedPlaceView(
            String name,
            String section,
            String axis,
            double degrees,
            @Nullable LengthText depth,
            boolean canBeMeasured,
            String remark) {}
}
