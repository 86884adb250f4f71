package jawread.core.form;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * The sizes of one round feature, section by section down it and axis by axis around it.
 *
 * @param depths of each section from the feature's face; empty where nobody has said how deep it lies
 * @param degrees of each axis around; two-contact gauges see 180 as 0
 * @param sizes by section, then axis; empty where nothing was measured
 */
public record FormSizes(List<Optional<Length>> depths, List<BigDecimal> degrees, List<List<Optional<Length>>> sizes) {
    public FormSizes {
        depths = List.copyOf(depths);
        degrees = List.copyOf(degrees);
        sizes = sizes.stream().map(List::copyOf).toList();
        int axes = degrees.size();
        if (depths.size() != sizes.size() || sizes.stream().anyMatch(section -> section.size() != axes)) {
            throw new IllegalArgumentException("Sizes of " + depths.size() + " sections across " + axes
                    + " axes are wanted, one for each or none; got "
                    + sizes.stream().map(List::size).toList());
        }
    }

    /** A size and where it was taken, counted from 0. */
    public record At(int section, int axis, Length size) {}

    /** Those measured, section by section. */
    public List<At> measured() {
        var measured = new ArrayList<At>();
        for (int section = 0; section < sizes.size(); section++) {
            measured.addAll(around(section));
        }
        return measured;
    }

    /** Those measured at one section, axis by axis. */
    public List<At> around(int section) {
        var around = new ArrayList<At>();
        for (int axis = 0; axis < degrees.size(); axis++) {
            add(section, axis, around);
        }
        return around;
    }

    /** Those measured down one axis, the first section first. */
    public List<At> down(int axis) {
        var down = new ArrayList<At>();
        for (int section = 0; section < sizes.size(); section++) {
            add(section, axis, down);
        }
        return down;
    }

    private void add(int section, int axis, List<At> measured) {
        Optional<Length> size = sizes.get(section).get(axis);
        if (size.isPresent()) {
            measured.add(new At(section, axis, size.get()));
        }
    }
}
