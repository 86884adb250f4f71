package jawread.core.judge;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;

/**
 * Which way out a size has against its limits as they stand: in, or metal left to take off, or gone. Equality with a
 * limit is in.
 *
 * @param cut what to take off; present exactly when metal is left
 */
public record WayOut(Word word, Optional<Cut> cut) {
    /** The three ways. */
    public enum Word {
        IN("in"),
        METAL_LEFT("metal-left"),
        GONE("gone");

        private final String code;

        Word(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /**
     * A cut to take, on the size itself: on the diameter where the feature is round.
     *
     * @param toNear to the limit it has not yet passed: the least that must come off
     * @param toMiddle to the middle of the limits; empty when one is open
     */
    public record Cut(Length toNear, Optional<Length> toMiddle) {
        /**
         * The same to whole divisions of the machine's dial, on the side that leaves metal: no more than to the middle, and no less than must
         * come off. Empty where no line of the dial lies between the limits.
         *
         * @param division of the dial, above zero
         * @param isRadius whether it feeds a radius while this is a diameter: a division then takes off two
         */
        public Optional<Cut> onDial(Length division, boolean isRadius) {
            long step = (isRadius ? division.times(2) : division).picometres();
            var near = new Length(-Math.floorDiv(-toNear.picometres(), step) * step);
            Optional<Length> middle = toMiddle.map(of -> new Length(Math.floorDiv(of.picometres(), step) * step))
                    .map(of -> of.compareTo(near) >= 0 ? of : near);
            boolean isPastFar = toMiddle.filter(of -> near.compareTo(of.times(2).minus(toNear)) > 0)
                    .isPresent();
            return isPastFar ? Optional.empty() : Optional.of(new Cut(near, middle));
        }

        /** For a diameter: what to feed in on one side. Rounded half to even to 1 pm. */
        public Cut perSide() {
            return new Cut(toNear.half(), toMiddle.map(Length::half));
        }
    }

    public static WayOut of(FeatureKind kind, Length size, Limits limits) {
        boolean shrinks = kind.shrinksWithCutting();
        if (!kind.canBeCut() && (limits.isAbove(size) || limits.isBelow(size))) {
            return new WayOut(Word.GONE, Optional.empty());
        }
        if (limits.isAbove(size)) {
            return shrinks
                    ? metalLeft(size, limits, limits.high().orElseThrow())
                    : new WayOut(Word.GONE, Optional.empty());
        }
        if (limits.isBelow(size)) {
            return shrinks
                    ? new WayOut(Word.GONE, Optional.empty())
                    : metalLeft(size, limits, limits.low().orElseThrow());
        }
        return new WayOut(Word.IN, Optional.empty());
    }

    private static WayOut metalLeft(Length size, Limits limits, Length near) {
        var cut = new Cut(
                size.minus(near).abs(),
                limits.middle().map(middle -> size.minus(middle).abs()));
        return new WayOut(Word.METAL_LEFT, Optional.of(cut));
    }
}
