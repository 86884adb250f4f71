package jawread.server.job;

import java.util.List;
import jawread.core.judge.PlaceAverage;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.TypedLimits;

/** A job to be opened, with its first plan and its parts. */
public record NewJob(
        String name,
        String about,
        String limitsSource,
        LengthUnit unit,
        RepeatSchool repeatSchool,
        PlaceAverage placeAverage,
        boolean demonstration,
        List<NewFeature> features,
        List<NewPart> parts) {
    /**
     * @param limitsTyped as typed, kept beside what was understood
     * @param starts from the left end of the part
     */
    public record NewFeature(
            String name,
            FeatureKind kind,
            boolean diameter,
            String limitsTyped,
            TypedLimits limits,
            Length starts,
            Length length,
            List<NewPlace> places) {}

    public record NewPlace(String name, Length depth) {}

    public record NewPart(String name, String mark) {}
}
