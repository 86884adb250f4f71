package jawread.core.judge;

import java.util.Optional;
import jawread.core.length.Length;

/**
 * What the value of a place rests on.
 *
 * @param isComparator set on a master first, so that its steps count twice: at setting and at reading
 * @param resolution d: a division, or half of one where tenths were judged; zero or above
 * @param spread s of single readings, zero or above; never taken below d/√12, which is all that steps leave to see. Empty for
 *     pins: a bracket is as wide as it is, however often it is tried
 * @param readings n, at least one
 * @param masterExpanded Um, the U of the setting master; zero for direct gauges, whose standard counts in their error
 * @param size L
 */
public record MeasuredBy(
        boolean isComparator,
        Length resolution,
        GaugeError error,
        Optional<Length> spread,
        int readings,
        Length masterExpanded,
        Length size,
        Warmth warmth) {
    public MeasuredBy {
        if (!(readings >= 1
                && !resolution.isNegative()
                && spread.stream().noneMatch(Length::isNegative)
                && !masterExpanded.isNegative())) {
            throw new IllegalArgumentException("An uncertainty needs a reading or more, and d, s, Um >= 0; got "
                    + readings + ", " + resolution + ", " + spread + ", " + masterExpanded);
        }
    }

    /** @param readings n, at least one */
    public MeasuredBy withReadings(int readings) {
        return new MeasuredBy(isComparator, resolution, error, spread, readings, masterExpanded, size, warmth);
    }

    public MeasuredBy withError(GaugeError error) {
        return new MeasuredBy(isComparator, resolution, error, spread, readings, masterExpanded, size, warmth);
    }

    public MeasuredBy withSpread(Length spread) {
        return new MeasuredBy(
                isComparator, resolution, error, Optional.of(spread), readings, masterExpanded, size, warmth);
    }

    public MeasuredBy withWarmth(Warmth warmth) {
        return new MeasuredBy(isComparator, resolution, error, spread, readings, masterExpanded, size, warmth);
    }
}
