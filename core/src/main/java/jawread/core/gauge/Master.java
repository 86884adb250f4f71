package jawread.core.gauge;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * Something of a known size.
 *
 * @param number on it
 * @param size its certified size, else the size it is named by; of a block set the largest stack it is used for
 * @param expanded its U, zero or above
 */
public record Master(String number, Kind kind, Length size, Length expanded) {
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
}
