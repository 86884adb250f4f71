package jawread.core.scale;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import jawread.core.length.Length;

/**
 * What a scale says, with the sum that leads to it.
 *
 * @param value base and all addends; of a scale read at two positions the distance between them
 * @param steps the addends in the order they are read; the base first when there is one
 * @param estimated whether a tenth was judged between two lines: the record says so
 */
public record ScaleReading(Length value, List<Step> steps, boolean estimated) {
    /** The name of the step that a gauge adds on its own. */
    public static final String BASE = "base";

    public ScaleReading {
        steps = List.copyOf(steps);
    }

    /**
     * One addend: count × division.
     *
     * @param part the part's name, or {@link ScaleReading#BASE}
     * @param addend exact; negative where it is taken off
     */
    public record Step(String part, BigDecimal count, Length division, Length addend) {
        /** Every division of the catalogue is a whole number of tens of picometres, so a tenth of one is exact too. */
        static Step of(String part, BigDecimal count, Length division) {
            return new Step(part, count, division, division.times(count));
        }
    }

    /** The sum of its steps. */
    static ScaleReading sumOf(List<Step> steps) {
        Length value = Length.ZERO;
        boolean estimated = false;
        for (Step step : steps) {
            value = value.plus(step.addend());
            estimated |= step.count().stripTrailingZeros().scale() > 0;
        }
        return new ScaleReading(value, steps, estimated);
    }

    /** A sum that begins with the base, when there is one. */
    static List<Step> from(Length base) {
        var steps = new ArrayList<Step>();
        if (!base.isZero()) {
            steps.add(new Step(BASE, BigDecimal.ONE, base, base));
        }
        return steps;
    }
}
