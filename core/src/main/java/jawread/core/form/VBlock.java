package jawread.core.form;

import java.util.Map;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * Odd lobes, which two contacts cannot see: a round with n equal lobes turned once in a V-block, the indicator above on the
 * bisector, shows F times its lobe height.
 */
public final class VBlock {
    private VBlock() {}

    private record Pair(int lobes, int degrees) {}

    /** F by lobes and angle of the V. */
    private static final Map<Pair, Integer> FACTORS = Map.of(
            new Pair(3, 60), 3,
            new Pair(3, 90), 2,
            new Pair(3, 120), 1,
            new Pair(5, 60), 0,
            new Pair(5, 90), 2,
            new Pair(5, 120), 2);

    /**
     * Largest minus smallest radius, rounded half to even to 1 pm. Refuses a pair that is not in the table
     * ({@code pair-refused}) and five lobes at 60° ({@code cannot-be-seen}): the indicator stands still.
     *
     * @param spread largest minus smallest of the indicator in one turn, zero or above
     */
    public static Outcome<Length> lobeHeight(int lobes, int degrees, Length spread) {
        Integer factor = FACTORS.get(new Pair(lobes, degrees));
        if (factor == null) {
            return Outcome.refused(
                    Refusal.of("pair-refused").with("lobes", lobes).with("angle", degrees));
        }
        return factor == 0
                ? Outcome.refused(
                        Refusal.of("cannot-be-seen").with("lobes", lobes).with("angle", degrees))
                : Outcome.of(spread.dividedBy(factor));
    }
}
