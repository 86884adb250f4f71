package jawread.core.judge;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/** The readings at one place that are not struck, and the two ways in which they can agree. */
record Repeats(boolean live, PlaceAverage average, Length spread, Length resolution, List<Length> readings) {
    Repeats {
        readings = List.copyOf(readings);
    }

    int count() {
        return readings.size();
    }

    /** Agreement of all within the critical range of their count, from {@code fewest} on; settled from {@code most}. */
    PlaceValue withinCriticalRange(int fewest, int most) {
        if (count() < 2) {
            return new PlaceValue(RepeatState.MORE, 0, Optional.empty(), Optional.empty(), Optional.empty());
        }
        Length apart = Length.spreadOf(readings);
        Length allowed = CriticalRange.of(count(), spread, resolution);
        boolean agree = apart.compareTo(allowed) <= 0;
        if (agree && count() >= fewest) {
            return settled(RepeatState.DONE, average.of(readings), apart, allowed);
        }
        return count() >= most
                ? settled(RepeatState.SCATTERED, average.ofScattered(readings), apart, allowed)
                : new PlaceValue(RepeatState.MORE, 0, Optional.empty(), Optional.of(apart), Optional.of(allowed));
    }

    private PlaceValue settled(RepeatState state, Length value, Length apart, Length allowed) {
        return new PlaceValue(state, count(), Optional.of(value), Optional.of(apart), Optional.of(allowed));
    }

    /** The last few within one resolution step; so many readings without that are unsettled. */
    PlaceValue lastAlike(int alike, int tooMany) {
        Optional<Length> apart = count() < 2 ? Optional.empty() : Optional.of(Length.spreadOf(readings));
        if (count() >= alike) {
            List<Length> last = readings.subList(count() - alike, count());
            if (Length.spreadOf(last).compareTo(resolution) <= 0) {
                return new PlaceValue(
                        RepeatState.DONE,
                        alike,
                        Optional.of(average.of(last)),
                        Optional.of(Length.spreadOf(last)),
                        Optional.empty());
            }
        }
        RepeatState state = count() >= tooMany ? RepeatState.UNSETTLED : RepeatState.MORE;
        return new PlaceValue(state, 0, Optional.empty(), apart, Optional.empty());
    }
}
