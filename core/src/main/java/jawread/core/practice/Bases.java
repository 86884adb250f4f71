package jawread.core.practice;

import java.util.List;
import java.util.stream.LongStream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Comparator;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;

/** What gauges add in practice: frames and rods in steps of an inch or 25 mm; of a comparator the sizes it is set to. */
final class Bases {
    private static final int FRAMES = 3;

    private Bases() {}

    static Length step(LengthUnit unit) {
        return unit.isInch() ? Length.ofInches("1") : Length.ofMillimetres("25");
    }

    /** None for a scale whose gauge adds nothing. */
    static List<Length> of(Scale scale) {
        return scale instanceof Thimble || scale instanceof Comparator
                ? LongStream.rangeClosed(1, FRAMES)
                        .mapToObj(step(scale.unit())::times)
                        .toList()
                : List.of();
    }

    /** Without a frame; a comparator is always set to something. */
    static Length plain(Scale scale) {
        return scale instanceof Comparator || scale instanceof Thimble head && head.bearsItsSize()
                ? step(scale.unit())
                : Length.ZERO;
    }
}
