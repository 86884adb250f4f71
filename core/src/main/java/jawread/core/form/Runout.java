package jawread.core.form;

import java.util.List;
import java.util.stream.IntStream;
import jawread.core.length.Length;

/**
 * What an indicator shows while the part turns once, section by section. The out-of-round of the places the part rests on adds
 * to it.
 *
 * @param readings of each section, largest minus smallest: the TIR
 */
public record Runout(List<Length> readings) {
    public Runout {
        readings = List.copyOf(readings);
        if (readings.isEmpty()) {
            throw new IllegalArgumentException("Runout is read at one section or more, got none");
        }
    }

    /** Of all that was read in the turn, one reading or more a section. */
    public static Runout of(List<List<Length>> sections) {
        return new Runout(sections.stream().map(Length::spreadOf).toList());
    }

    /** How far the axis is from true at a section: half the TIR, rounded half to even to 1 pm. */
    public List<Length> bends() {
        return readings.stream().map(Length::half).toList();
    }

    public Length largest() {
        return readings.get(worst());
    }

    /** The section with the largest, counted from 0; the first of several alike. */
    public int worst() {
        return IntStream.range(0, readings.size())
                .reduce((best, next) -> readings.get(next).compareTo(readings.get(best)) > 0 ? next : best)
                .orElseThrow();
    }
}
