package jawread.core.gauge;

import java.util.List;
import java.util.OptionalDouble;
import jawread.core.length.Length;

/**
 * How a gauge's zero moves with time. What a check finds is what moved since the one before it, on top of what that one left;
 * the sum of these moves is fitted by a straight line.
 */
public final class Drift {
    /** With fewer checks a line through them says nothing. */
    public static final int FEWEST = 5;

    private static final double DAYS_A_MONTH = 365.25 / 12;

    private Drift() {}

    /** @param day when, in days from any beginning */
    public record Checked(double day, Length found, Length left) {}

    /**
     * In µm a month; empty with fewer than five checks, or when all fell together.
     *
     * @param checks in the order in which they were made
     */
    public static OptionalDouble perMonth(List<Checked> checks) {
        if (checks.size() < FEWEST) {
            return OptionalDouble.empty();
        }
        double meanDay = checks.stream().mapToDouble(Checked::day).average().orElseThrow();
        double moved = 0;
        double before = 0;
        double along = 0;
        double across = 0;
        for (Checked check : checks) {
            moved += check.found().micrometres() - before;
            before = check.left().micrometres();
            double day = check.day() - meanDay;
            across += day * day;
            along += day * moved;
        }
        return across > 0 ? OptionalDouble.of(along / across * DAYS_A_MONTH) : OptionalDouble.empty();
    }
}
