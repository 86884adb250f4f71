package jawread.server.series;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * A feature of one part over time.
 *
 * @param features of the part, for going to another
 * @param along {@code hours} or {@code days}
 * @param alongWords why it is not by hours, where it is not; else what the scale is
 * @param limitPm lines that are drawn: as-new limits and service limit
 * @param series the one that meets its limit first stands first
 */
public record OverTimeView(
        long job,
        String jobName,
        long plan,
        long part,
        String partName,
        String mark,
        long feature,
        String featureName,
        String unit,
        List<TimedFeatureView> features,
        String along,
        String alongWords,
        List<TimedLimitView> limits,
        List<InspectionView> inspections,
        List<SeriesView> series) {
    public record TimedFeatureView(long id, String name) {}

    /** @param name as new low, as new high, service */
    public record TimedLimitView(String name, LengthText size) {}

    /** @param rework whether it is as it was left after a cut @param byMark whether only its mark says that it is the same part */
    public record InspectionView(
            Instant at,
            @Nullable String hours,
            long part,
            String job,
            String round,
            boolean rework,
            boolean byMark,
            @Nullable LengthText mean) {}

    /**
     * One place, through inspections without a cut between them.
     *
     * @param place its name; the mean of all places among them
     * @param state rate-only, not-measurable, wrong-way, wearing; empty where nothing can be said
     * @param band where the next inspection will find it, nine times in ten; none with fewer than three
     * @param meets where the line meets the service limit; absent where nothing is forecast
     * @param earliest where the band does
     * @param meetsTold the same in three figures, as it is told
     */
    public record SeriesView(
            String place,
            String state,
            String sentence,
            List<TimedPointView> points,
            List<BandPointView> band,
            @Nullable Double meets,
            @Nullable Double earliest,
            @Nullable String meetsTold,
            @Nullable String earliestTold) {}

    /** @param x hours or days @param expandedPm U */
    public record TimedPointView(double x, Instant at, LengthText size, long expandedPm) {}

    public record BandPointView(double x, long linePm, long bandPm) {}
}
