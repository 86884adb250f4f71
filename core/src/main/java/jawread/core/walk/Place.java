package jawread.core.walk;

import java.util.Optional;
import jawread.core.length.Length;

/**
 * Where the gauge is put: a section across an axis.
 *
 * @param depth where contact is made, from the feature's face; empty where the section has none
 * @param movedFrom where the section stood before a keep-clear band moved it; empty where it stands as wanted
 * @param cannotBeMeasured why no gauge gets there; empty where one does
 */
public record Place(
        Section section,
        Axis axis,
        Optional<Length> depth,
        Optional<Length> movedFrom,
        Optional<String> cannotBeMeasured) {
    /** "top, thrust"; of a feature with one section or one axis the other alone tells it. */
    public String name(boolean sectionsDiffer, boolean axesDiffer) {
        if (!axesDiffer) {
            return section.name();
        }
        return sectionsDiffer ? section.name() + ", " + axis.name() : axis.name();
    }
}
