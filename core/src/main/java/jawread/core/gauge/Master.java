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

    /** A size it can give, and the U of that. */
    record Made(Length size, Length expanded) {}

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

    /** Whether such a micrometer can be closed on it at all, whatever the size asked for. */
    public boolean mayServe(GaugeAtHand micrometer) {
        return switch (kind) {
            case BAR, PIN, BLOCK -> micrometer.range().covers(size);
            case BLOCK_SET -> micrometer.range().low().compareTo(size) < 0;
            case RING -> false;
        };
    }

    /** What it gives a micrometer that is to be set near a size: something to close on, one piece or blocks wrung together. */
    Optional<Made> near(Length wanted) {
        return switch (kind) {
            case BAR, PIN, BLOCK -> Optional.of(new Made(size, expanded));
            case BLOCK_SET -> at(wanted);
            case RING -> Optional.empty();
        };
    }

    /** What it gives a comparator that is to be set: a ring its own size, blocks the nearest that can be wrung. */
    Optional<Made> at(Length wanted) {
        return switch (kind) {
            case RING -> Optional.of(new Made(size, expanded));
            case BLOCK_SET -> blocks.filter(set -> wanted.compareTo(size) <= 0).flatMap(set -> wrung(set, wanted));
            case BAR, PIN, BLOCK -> Optional.empty();
        };
    }

    /** Each block is as far out by itself as any: of n the stack by √n times that. */
    private Optional<Made> wrung(BlockSet set, Length wanted) {
        var wringing = Wringing.of(set, wanted, Length.ZERO);
        if (wringing.isExact()) {
            return Optional.of(new Made(
                    wanted,
                    Length.nearest(
                            expanded.micrometres() * Math.sqrt(wringing.blocks().size()))));
        }
        return wringing.nearest().flatMap(nearest -> wrung(set, nearest));
    }
}
