package jawread.core.gauge;

import java.util.List;
import java.util.stream.IntStream;
import jawread.core.length.Length;

/**
 * From which to which size a gauge goes.
 *
 * @param low the smaller
 * @param high above it
 */
public record Range(Length low, Length high) {
    public Range {
        if (!(low.compareTo(high) < 0)) {
            throw new IllegalArgumentException("A range runs upward, not from " + low + " to " + high);
        }
    }

    /** Whether a size lies in it, or so little beyond an end of it. */
    public boolean reaches(Length size, Length beyond) {
        return size.compareTo(low.minus(beyond)) >= 0 && size.compareTo(high.plus(beyond)) <= 0;
    }

    /** Whether a size lies in it, both ends included. */
    public boolean covers(Length size) {
        return size.compareTo(low) >= 0 && size.compareTo(high) <= 0;
    }

    /** Whether the two have a size in common. */
    public boolean meets(Range other) {
        return low.compareTo(other.high) <= 0 && other.low.compareTo(high) <= 0;
    }

    /** A set of frames: this one and those after it, each beginning where the one before ends. @param count one or more */
    public List<Range> frames(int count) {
        Length width = high.minus(low);
        return IntStream.range(0, count)
                .mapToObj(nth -> new Range(low.plus(width.times((long) nth)), high.plus(width.times((long) nth))))
                .toList();
    }
}
