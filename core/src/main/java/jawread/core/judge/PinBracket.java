package jawread.core.judge;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * A size between two that were tried: a hole between two pins, goes ≤ size < stops; a part between the ends of a limit gauge, or beyond one
 * of them. It is judged by the bracket alone, with no guard.
 *
 * @param goes the largest pin that goes; zero where nothing is known below
 * @param stops the smallest that does not, larger than {@code goes}; the largest size there is where nothing is known above
 */
public record PinBracket(Length goes, Length stops) {
    /** What can be said of it. */
    public enum Word {
        IN,
        OUT_LOW,
        OUT_HIGH,
        /** A limit lies inside the bracket. */
        TOO_CLOSE;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public PinBracket {
        if (goes.compareTo(stops) >= 0) {
            throw new IllegalArgumentException(
                    "The pin that stops is larger than the one that goes, got " + goes + " and " + stops);
        }
    }

    /** What several tries leave between them; empty where they contradict each other. @param tries one or more */
    public static Optional<PinBracket> within(List<PinBracket> tries) {
        Length goes =
                tries.stream().map(PinBracket::goes).max(Length::compareTo).orElseThrow();
        Length stops =
                tries.stream().map(PinBracket::stops).min(Length::compareTo).orElseThrow();
        return goes.compareTo(stops) < 0 ? Optional.of(new PinBracket(goes, stops)) : Optional.empty();
    }

    /** The middle, rounded half to even to 1 pm; of one that is open beyond an end, that end. */
    public Length value() {
        return isOpenBelow() ? stops : isOpenAbove() ? goes : Length.meanOf(List.of(goes, stops));
    }

    /** Zero where it is open: how far the size lies beyond the end nobody knows. */
    public Length width() {
        return isOpen() ? Length.ZERO : stops.minus(goes);
    }

    /** Whether it lies beyond one end, nobody knows how far. */
    public boolean isOpen() {
        return isOpenBelow() || isOpenAbove();
    }

    private boolean isOpenBelow() {
        return goes.isZero();
    }

    private boolean isOpenAbove() {
        return stops.equals(Length.LARGEST_SIZE);
    }

    public Word word(Limits limits) {
        if (limits.low().filter(low -> stops.compareTo(low) <= 0).isPresent()) {
            return Word.OUT_LOW;
        }
        if (limits.high().filter(high -> goes.compareTo(high) >= 0).isPresent()) {
            return Word.OUT_HIGH;
        }
        return limits.isBelow(goes) || limits.isAbove(stops) ? Word.TOO_CLOSE : Word.IN;
    }

    /** The pins that would settle it: of each limit's own size. At the low limit it must go, at the high one it must not. */
    public List<Length> settledBy(Limits limits) {
        return limits.stated().stream()
                .filter(limit -> goes.compareTo(limit) < 0 && limit.compareTo(stops) < 0)
                .toList();
    }
}
