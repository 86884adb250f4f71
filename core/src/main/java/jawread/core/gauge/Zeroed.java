package jawread.core.gauge;

import java.math.BigDecimal;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.scale.Sense;

/**
 * A comparator zeroed on a master: which way its figures go, and how well it came back.
 *
 * @param returned what the needle showed when it was swept once more, in graduations
 */
public record Zeroed(Sense sense, BigDecimal returned) {
    /** It comes back to zero within this, or something was loose, dirty or not at the turning point. */
    public static final BigDecimal MOST_RETURNED = BigDecimal.ONE;

    /**
     * What was seen at it.
     *
     * @param graduation as the face says
     * @param risesPressed whether the figures rose when a thumb pushed the contact in, which makes the size smaller
     * @param risesRocked whether they rise when it is rocked away from the turning point, where every size is larger
     * @param returned by the second sweep, in graduations
     */
    public record Seen(Length graduation, boolean risesPressed, boolean risesRocked, BigDecimal returned) {}

    /**
     * Refuses {@code graduation-differs}; {@code sense-differs}: thumb and rocking are two looks at one thing, and must not
     * contradict each other; {@code not-returned}.
     *
     * @param leastCount of the gauge, as the drawer has it
     */
    public static Outcome<Zeroed> of(Length leastCount, Seen seen) {
        if (!seen.graduation().equals(leastCount)) {
            return Outcome.refused(Refusal.of("graduation-differs")
                    .with("face", seen.graduation())
                    .with("kept", leastCount));
        }
        Sense pressed = seen.risesPressed() ? Sense.SHRINKS : Sense.GROWS;
        Sense rocked = seen.risesRocked() ? Sense.GROWS : Sense.SHRINKS;
        if (pressed != rocked) {
            return Outcome.refused("sense-differs");
        }
        if (seen.returned().abs().compareTo(MOST_RETURNED) > 0) {
            return Outcome.refused(
                    Refusal.of("not-returned").with("returned", seen.returned().toPlainString()));
        }
        return Outcome.of(new Zeroed(pressed, seen.returned()));
    }
}
