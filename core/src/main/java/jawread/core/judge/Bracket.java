package jawread.core.judge;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * A size between two that were tried, low ≤ size < high: a hole between the pin that goes and the one that does not; a part between the ends
 * of a limit gauge, or beyond one of them. It is judged by the bracket alone, with no guard.
 *
 * @param low zero where nothing is known below
 * @param high above {@code low}; the largest size there is where nothing is known above
 */
public record Bracket(Length low, Length high) {
    private static final Length LEAST = new Length(1);

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

    public Bracket {
        if (low.compareTo(high) >= 0) {
            throw new IllegalArgumentException(
                    "The high end of a bracket lies above the low one, got " + low + " and " + high);
        }
    }

    /** What several tries leave between them; empty where they contradict each other. @param tries one or more */
    public static Optional<Bracket> within(List<Bracket> tries) {
        Length largest = tries.stream().map(Bracket::low).max(Length::compareTo).orElseThrow();
        Length smallest =
                tries.stream().map(Bracket::high).min(Length::compareTo).orElseThrow();
        return largest.compareTo(smallest) < 0 ? Optional.of(new Bracket(largest, smallest)) : Optional.empty();
    }

    /** The middle, rounded half to even to 1 pm; of one that is open beyond an end, that end. */
    public Length value() {
        return isOpenBelow() ? high : isOpenAbove() ? low : Length.meanOf(List.of(low, high));
    }

    /** Zero where it is open: how far the size lies beyond the end nobody knows. */
    public Length width() {
        return isOpen() ? Length.ZERO : high.minus(low);
    }

    /** Whether it lies beyond one end, nobody knows how far. */
    public boolean isOpen() {
        return isOpenBelow() || isOpenAbove();
    }

    /** A size that is surely in it: beyond an end just beyond it, else the middle. */
    Length within() {
        return isOpenBelow() ? high.minus(LEAST) : isOpenAbove() ? low.plus(LEAST) : value();
    }

    public boolean isOpenBelow() {
        return low.isZero();
    }

    private boolean isOpenAbove() {
        return high.equals(Length.LARGEST_SIZE);
    }

    public Word word(Limits limits) {
        if (limits.low().filter(limit -> high.compareTo(limit) <= 0).isPresent()) {
            return Word.OUT_LOW;
        }
        if (limits.high().filter(limit -> low.compareTo(limit) >= 0).isPresent()) {
            return Word.OUT_HIGH;
        }
        return limits.isBelow(low) || limits.isAbove(high) ? Word.TOO_CLOSE : Word.IN;
    }

    /** The pins that would settle it: of each limit's own size. At the low limit it must go, at the high one it must not. */
    public List<Length> settledBy(Limits limits) {
        return limits.stated().stream()
                .filter(limit -> low.compareTo(limit) < 0 && limit.compareTo(high) < 0)
                .toList();
    }
}
