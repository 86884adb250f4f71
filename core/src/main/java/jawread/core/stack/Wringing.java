package jawread.core.stack;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * Blocks wrung to a size.
 *
 * @param wanted the whole length, wear blocks and all
 * @param blocks of the set, thin to thick: the fewest, of the thickest; empty where none come to it
 * @param below the nearest length that can be wrung below the wanted one, where it cannot; empty where there is none
 * @param above the nearest above it
 */
public record Wringing(Length wanted, List<Length> blocks, Optional<Length> below, Optional<Length> above) {
    public Wringing {
        blocks = List.copyOf(blocks);
    }

    /**
     * @param present the set, without what is missing
     * @param wear the size of each of two blocks that are put at the ends, not of the set; zero for none
     */
    public static Wringing of(BlockSet present, Length wanted, Length wear) {
        var pieces = new Pieces(present.blocks());
        Length ends = wear.times(2);
        Length between = wanted.minus(ends);
        return pieces.fewest(between)
                .map(blocks -> new Wringing(wanted, blocks, Optional.empty(), Optional.empty()))
                .orElseGet(() -> new Wringing(
                        wanted,
                        List.of(),
                        pieces.atMost(between).map(ends::plus),
                        pieces.above(between).map(ends::plus)));
    }

    public boolean isExact() {
        return !blocks.isEmpty();
    }

    /** Of the two nearest the nearer, the lower of two as near; the wanted size itself where it can be wrung. */
    public Optional<Length> nearest() {
        if (isExact()) {
            return Optional.of(wanted);
        }
        return below.isPresent()
                ? above.filter(more -> more.minus(wanted).compareTo(wanted.minus(below.get())) < 0)
                        .or(() -> below)
                : above;
    }
}
