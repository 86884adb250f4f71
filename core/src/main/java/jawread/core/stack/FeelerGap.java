package jawread.core.stack;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * Leaves for a gap: those that go, and those that do not.
 *
 * @param go the largest sum that does not exceed the gap; empty where the thinnest leaf does
 * @param noGo the next sum above the gap; empty where all leaves together still go
 */
public record FeelerGap(Optional<Laid> go, Optional<Laid> noGo) {
    /** More laid together hold dirt and air between them, and feel thicker than they are. */
    public static final int MOST_LEAVES = 4;

    /** @param leaves the fewest that make the sum, thin to thick */
    public record Laid(Length sum, List<Length> leaves) {
        public Laid {
            leaves = List.copyOf(leaves);
        }

        public boolean isTooMany() {
            return leaves.size() > MOST_LEAVES;
        }
    }

    public static FeelerGap of(List<Length> leaves, Length gap) {
        var pieces = new Pieces(leaves);
        return new FeelerGap(
                pieces.atMost(gap).map(sum -> laid(pieces, sum)),
                pieces.above(gap).map(sum -> laid(pieces, sum)));
    }

    private static Laid laid(Pieces pieces, Length sum) {
        return new Laid(sum, pieces.fewest(sum).orElseThrow());
    }
}
