package jawread.core.judge;

import java.util.Locale;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * In, out, or too close to call (ISO 14253-1, with 5 % of risk at each limit).
 *
 * @param guard 1.645·u, under either rule
 * @param cannotProve whether this much doubt leaves nothing of the zone in which a size could be proven in
 */
public record Decision(Word word, Length guard, boolean cannotProve, Risk risk) {
    /** What is decided, and on which side. */
    public enum Word {
        IN,
        OUT_LOW,
        OUT_HIGH,
        TOO_CLOSE_LOW,
        TOO_CLOSE_HIGH,
        /** Just in the middle, and yet too close to both limits. */
        TOO_CLOSE_BOTH;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** @param standard u of the size, in µm, zero or above */
    public static Decision of(DecisionRule rule, Length size, Limits limits, double standard) {
        Length guard = Guard.of(standard);
        boolean cannotProve = limits.low()
                .flatMap(low -> limits.high().map(high -> high.minus(low)))
                .filter(width -> guard.times(2).compareTo(width) >= 0)
                .isPresent();
        return new Decision(
                word(size, limits, rule == DecisionRule.PLAIN ? Length.ZERO : guard),
                guard,
                cannotProve,
                Risk.of(size, limits, standard));
    }

    private static Word word(Length size, Limits limits, Length guard) {
        if (limits.isBelow(size.plus(guard))) {
            return Word.OUT_LOW;
        }
        if (limits.isAbove(size.minus(guard))) {
            return Word.OUT_HIGH;
        }
        return limits.isBelow(size.minus(guard)) || limits.isAbove(size.plus(guard)) ? tooClose(size, limits) : Word.IN;
    }

    private static Word tooClose(Length size, Limits limits) {
        if (limits.high().isEmpty()) {
            return Word.TOO_CLOSE_LOW;
        }
        if (limits.low().isEmpty()) {
            return Word.TOO_CLOSE_HIGH;
        }
        // Twice the size against the sum of the limits: the middle itself may be no whole picometre.
        int side = size.times(2).compareTo(limits.low().get().plus(limits.high().get()));
        return side == 0 ? Word.TOO_CLOSE_BOTH : side < 0 ? Word.TOO_CLOSE_LOW : Word.TOO_CLOSE_HIGH;
    }
}
