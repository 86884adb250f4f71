package jawread.core.walk;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** In which order a feature's places are gone through. */
public enum WalkOrder {
    /** All sections down one axis, then the gauge is turned: the fewest settings anew. */
    DOWN_EACH_AXIS,
    /** All axes around one section, then the next section. */
    AROUND_EACH_SECTION;

    public static Optional<WalkOrder> of(String code) {
        return Arrays.stream(values())
                .filter(order -> order.code().equals(code))
                .findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** A section and an axis, by their places in the lists. */
    record Step(int section, int axis) {}

    List<Step> steps(int sections, int axes) {
        var steps = new ArrayList<Step>();
        int outer = this == DOWN_EACH_AXIS ? axes : sections;
        int inner = this == DOWN_EACH_AXIS ? sections : axes;
        for (int i = 0; i < outer; i++) {
            for (int j = 0; j < inner; j++) {
                steps.add(this == DOWN_EACH_AXIS ? new Step(j, i) : new Step(i, j));
            }
        }
        return steps;
    }
}
