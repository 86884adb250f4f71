package jawread.core.rework;

import java.util.List;
import java.util.Optional;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.limit.SizeGrades;
import jawread.core.limit.SizeSteps;

/**
 * A size that a worn part may be finished to.
 *
 * @param limits both of them
 * @param fromNew signed, of an oversize or undersize; empty for a grade
 * @param stamp of a grade; empty for an oversize or undersize
 */
public record FinishedSize(Limits limits, Optional<Length> fromNew, Optional<String> stamp) {
    /** Those listed as steps from new. @param asNew with both limits */
    public static List<FinishedSize> of(SizeSteps steps, Limits asNew, Wears wears) {
        return steps.steps().stream()
                .map(step -> wears == Wears.LARGER ? step : Length.ZERO.minus(step))
                .map(step -> new FinishedSize(asNew.shifted(step), Optional.of(step), Optional.empty()))
                .toList();
    }

    /** Those listed as grades with both limits. */
    public static List<FinishedSize> of(SizeGrades grades) {
        return grades.grades().stream()
                .filter(grade -> grade.limits().middle().isPresent())
                .map(grade -> new FinishedSize(grade.limits(), Optional.empty(), Optional.of(grade.stamp())))
                .toList();
    }

    /** The limit that a worn part must still reach from its side: the low one of a bore, the high one of a shaft. */
    Length reached(Wears wears) {
        return (wears == Wears.LARGER ? limits.low() : limits.high()).orElseThrow();
    }

    Length middle() {
        return limits.middle().orElseThrow();
    }
}
