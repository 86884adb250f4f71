package jawread.core.scale;

import java.util.Optional;
import java.util.function.LongFunction;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * What must show on a scale for a wanted size.
 *
 * @param shown the exact setting, or the neighbour below
 * @param above the neighbour above; empty when the setting is exact
 */
public record ScaleSetting(Shown shown, Optional<Shown> above) {
    /**
     * One setting.
     *
     * @param error what it shows minus what was wanted
     */
    public record Shown(Parts parts, Length value, Length error) {
        static Shown of(Parts parts, Length value, Length wanted) {
            return new Shown(parts, value, value.minus(wanted));
        }
    }

    /** Of both the one that is less off; as near, the lower. */
    public Shown nearest() {
        return above.filter(other -> other.error().abs().compareTo(shown.error().abs()) < 0)
                .orElse(shown);
    }

    public boolean isExact() {
        return above.isEmpty();
    }

    /** As {@link #around}, of a scale with two ends; both belong to it. Refusals: {@code below-range}, {@code above-range}. */
    static Outcome<ScaleSetting> within(
            Length low, Length high, Length wanted, Length leastCount, LongFunction<Parts> showing) {
        return beyond(low, high, wanted)
                .map(Outcome::<ScaleSetting>refused)
                .orElseGet(() -> around(low, wanted, leastCount, showing));
    }

    /** Why a size beyond an end is refused; empty when it lies between, both ends included. */
    static Optional<Refusal> beyond(Length low, Length high, Length wanted) {
        if (wanted.compareTo(low) < 0) {
            return Optional.of(Refusal.of("below-range").with("wanted", wanted).with("end", low));
        }
        return wanted.compareTo(high) > 0
                ? Optional.of(Refusal.of("above-range").with("wanted", wanted).with("end", high))
                : Optional.empty();
    }

    /** The setting at a wanted size, or the two least counts around it. */
    static Outcome<ScaleSetting> around(Length base, Length wanted, Length leastCount, LongFunction<Parts> showing) {
        long below = Math.floorDiv(wanted.minus(base).picometres(), leastCount.picometres());
        LongFunction<Shown> shown = steps -> Shown.of(showing.apply(steps), base.plus(leastCount.times(steps)), wanted);
        Shown first = shown.apply(below);
        return Outcome.of(new ScaleSetting(
                first, first.error().isZero() ? Optional.empty() : Optional.of(shown.apply(below + 1))));
    }
}
