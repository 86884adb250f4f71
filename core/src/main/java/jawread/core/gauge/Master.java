package jawread.core.gauge;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.stack.BlockSet;
import jawread.core.stack.Wringing;

/**
 * Something of a known size.
 *
 * @param number on it
 * @param size its certified size, else the size it is named by; of a block set the largest stack it is used for
 * @param expanded its U, zero or above; of a block set that of one block
 * @param blocks those there are of a block set; empty for anything else
 */
public record Master(String number, Kind kind, Length size, Length expanded, Optional<BlockSet> blocks) {
    /** What it is. */
    public enum Kind {
        RING,
        BAR,
        PIN,
        BLOCK,
        /** A set of blocks: any size, wrung together. */
        BLOCK_SET;

        public static Optional<Kind> of(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code().equals(code))
                    .findFirst();
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Whether a comparator can be set on it: a ring within the travel of its needle, or a stack of blocks.
     *
     * @param travel of the needle to either side
     */
    boolean sets(Length wanted, Length travel) {
        return switch (kind) {
            case RING -> size.minus(wanted).abs().compareTo(travel) <= 0;
            case BLOCK_SET -> wanted.compareTo(size) <= 0;
            case BAR, PIN, BLOCK -> false;
        };
    }

    /** Its U at a size: of a stack that of its blocks by √n, each as far out by itself as any. */
    Length expandedAt(Length size) {
        return blocks.map(set -> Wringing.of(set, size, Length.ZERO).blocks().size())
                .filter(pieces -> pieces > 1)
                .map(pieces -> Length.nearest(expanded.micrometres() * Math.sqrt(pieces)))
                .orElse(expanded);
    }

    /** Whether such a micrometer can be closed on it at all, whatever the size asked for. */
    public boolean mayServe(GaugeAtHand micrometer) {
        return switch (kind) {
            case BAR, PIN, BLOCK -> micrometer.range().covers(size);
            case BLOCK_SET -> micrometer.range().low().compareTo(size) < 0;
            case RING -> false;
        };
    }

    /** The size it gives a micrometer that is to be set near a size: something to close on, one piece or blocks wrung together. */
    Optional<Length> near(Length wanted) {
        return switch (kind) {
            case BAR, PIN, BLOCK -> Optional.of(size);
            case BLOCK_SET -> at(wanted);
            case RING -> Optional.empty();
        };
    }

    /** The size it gives a comparator that is to be set: a ring its own, blocks the nearest that can be wrung. */
    Optional<Length> at(Length wanted) {
        return switch (kind) {
            case RING -> Optional.of(size);
            case BLOCK_SET ->
                blocks.filter(set -> wanted.compareTo(size) <= 0)
                        .flatMap(set -> Wringing.of(set, wanted, Length.ZERO).nearest());
            case BAR, PIN, BLOCK -> Optional.empty();
        };
    }
}
