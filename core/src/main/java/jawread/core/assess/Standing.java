package jawread.core.assess;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/**
 * The readings of a place that count, and what they have in common: gone through once, for a part has thousands.
 *
 * @param values of each
 * @param smallest of the values; zero without one
 * @param largest of them
 * @param spread the largest s of any; zero without one
 * @param leastSpread the smallest s of any; zero without one
 * @param step the coarsest least count; 1 µm without one
 * @param resolution d: a division, or half of one where tenths were judged, of figures written shorter than the gauge shows what was
 *     written; of several the coarsest; 1 µm without one
 */
public record Standing(
        List<Reading> readings,
        List<Length> values,
        Length smallest,
        Length largest,
        Length spread,
        Length leastSpread,
        Length step,
        Length resolution) {
    static Standing of(List<Reading> readings) {
        if (readings.isEmpty()) {
            return new Standing(
                    readings,
                    List.of(),
                    Length.ZERO,
                    Length.ZERO,
                    Length.ZERO,
                    Length.ZERO,
                    LengthUnit.MICROMETRE.whole(),
                    LengthUnit.MICROMETRE.whole());
        }
        var values = new ArrayList<Length>(readings.size());
        Length smallest = readings.get(0).value();
        Length largest = smallest;
        Length spread = readings.get(0).spread();
        Length leastSpread = spread;
        Length step = readings.get(0).leastCount();
        Length resolution = readings.get(0).judgedTo();
        for (Reading reading : readings) {
            Length value = reading.value();
            values.add(value);
            smallest = smallest.smaller(value);
            largest = largest.larger(value);
            spread = spread.larger(reading.spread());
            leastSpread = leastSpread.smaller(reading.spread());
            step = step.larger(reading.leastCount());
            resolution = resolution.larger(reading.judgedTo());
        }
        return new Standing(readings, List.copyOf(values), smallest, largest, spread, leastSpread, step, resolution);
    }

    /** Those of each method by themselves, in the order in which they were read with first. */
    List<Standing> byMethod() {
        return areAlike()
                ? List.of(this)
                : readings.stream()
                        .collect(Collectors.groupingBy(
                                reading ->
                                        List.of(reading.with(), reading.made().map(MadeOf::alike)),
                                LinkedHashMap::new,
                                Collectors.toList()))
                        .values()
                        .stream()
                        .map(Standing::of)
                        .toList();
    }

    private boolean areAlike() {
        for (Reading each : readings) {
            if (!each.isReadAlike(readings.get(0))) {
                return false;
            }
        }
        return true;
    }

    int count() {
        return readings.size();
    }
}
