package jawread.core.scale;

import java.math.BigDecimal;
import java.util.List;
import jawread.core.length.Length;

/**
 * What a scale says, with the sum that leads to it.
 *
 * @param value base and all addends
 * @param steps the addends in the order they are read; the base first when there is one
 */
public record ScaleReading(Length value, List<Step> steps) {
    /** The name of the step that a gauge adds on its own. */
    public static final String BASE = "base";

    public ScaleReading {
        steps = List.copyOf(steps);
    }

    /**
     * One addend: count × division.
     *
     * @param part the part's name, or {@link ScaleReading#BASE}
     */
    public record Step(String part, BigDecimal count, Length division, Length addend) {}
}
