package jawread.server.measure;

import java.util.Optional;
import jawread.core.judge.Bracket;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.comparator.ComparatorSetting;

/**
 * What the figure or the scale parts come to.
 *
 * @param correction for an error of the gauge that is known and left
 * @param leastCount of a size that is made of several figures, the coarsest of theirs; empty: that of the gauge that was read
 * @param spread s of single readings by these hands with this method
 */
record Read(
        Length value,
        Length resolution,
        LengthUnit unit,
        Length correction,
        Length spread,
        RestsOn rests,
        Optional<Length> leastCount) {
    Read(Length value, Length resolution, LengthUnit unit, Length correction, Length spread, RestsOn rests) {
        this(value, resolution, unit, correction, spread, rests, Optional.empty());
    }

    static Read of(Length value, Length resolution, LengthUnit unit, RestsOn rests) {
        return new Read(value, resolution, unit, Length.ZERO, Length.ZERO, rests);
    }

    Read with(Length correction, Length spread) {
        return new Read(value, resolution, unit, correction, spread, rests);
    }

    Read at(Optional<PartWarmth> warmth, Length thermal) {
        return new Read(value, resolution, unit, correction, spread, rests.at(warmth, thermal));
    }

    /**
     * What it was read against.
     *
     * @param base the rod, or the size a comparator was set to; empty for a figure that was typed
     * @param setting of a comparator; empty for any other, and for one that was set by nobody here
     * @param warmth of the part, where it was measured
     * @param pins between which a hole lies; empty for any other gauge
     * @param thermal what is added to bring it to 20 °C
     */
    record RestsOn(
            Optional<Length> base,
            Optional<ComparatorSetting> setting,
            Optional<Bracket> pins,
            Optional<PartWarmth> warmth,
            Length thermal) {
        static RestsOn of(Optional<Length> base, Optional<ComparatorSetting> setting) {
            return new RestsOn(base, setting, Optional.empty(), Optional.empty(), Length.ZERO);
        }

        static RestsOn of(Bracket pins) {
            return new RestsOn(Optional.empty(), Optional.empty(), Optional.of(pins), Optional.empty(), Length.ZERO);
        }

        RestsOn at(Optional<PartWarmth> warmth, Length thermal) {
            return new RestsOn(base, setting, pins, warmth, thermal);
        }
    }
}
