package jawread.core.assess;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Which places of an earlier edition of a feature are the same as one of a later edition. A place stays the same while its section lies as
 * deep and its axis at the same angle, whatever both are called. Where nobody has said, in the one edition or the other, how deep a section
 * lies, it is the same while it is called the same, or while it alone of its feature's sections was renamed. One that a hand found on a part
 * stays what it is there.
 */
public final class SamePlace {
    private final List<Place> now;
    private final Map<String, String> renamed;

    private SamePlace(List<Place> now, Map<String, String> renamed) {
        this.now = now;
        this.renamed = renamed;
    }

    /** @param then the places of the earlier edition, in their order @param now those of the later one */
    public static SamePlace of(List<Place> then, List<Place> now) {
        return new SamePlace(now, renamed(sections(then), sections(now)));
    }

    private static List<String> sections(List<Place> places) {
        return places.stream()
                .filter(place -> !place.isByHand())
                .map(Place::section)
                .distinct()
                .toList();
    }

    /** As many sections in the same order, and one of them under a name that the other edition does not know. */
    private static Map<String, String> renamed(List<String> then, List<String> now) {
        var names = new HashMap<String, String>();
        if (then.size() == now.size()) {
            for (int at = 0; at < then.size(); at++) {
                if (!now.contains(then.get(at)) && !then.contains(now.get(at))) {
                    names.put(then.get(at), now.get(at));
                }
            }
        }
        return names.size() == 1 ? names : Map.of();
    }

    /** What a place of the earlier edition is in the later one; empty where it was moved or taken away. */
    public Optional<Place> find(Place earlier) {
        if (earlier.isByHand()) {
            return now.stream().filter(place -> place.isAs(earlier)).findFirst();
        }
        return now.stream()
                .filter(place -> !place.isByHand())
                .filter(place -> place.degrees().compareTo(earlier.degrees()) == 0)
                .filter(place ->
                        place.part().equals(earlier.part()) || place.part().isEmpty())
                .filter(place -> lieAlike(earlier, place))
                // One that is called the same before one that only lies as deep.
                .min(Comparator.comparing(place -> !place.section().equals(earlier.section())));
    }

    /** What the section of a place of the earlier edition is called in the later one; empty where that has none there. */
    public Optional<Place> sectionOf(Place earlier) {
        return now.stream()
                .filter(place -> !place.isByHand())
                .filter(place -> lieAlike(earlier, place))
                .min(Comparator.comparing(place -> !place.section().equals(earlier.section())));
    }

    private boolean lieAlike(Place earlier, Place place) {
        return earlier.depth().isPresent() && place.depth().isPresent()
                ? earlier.depth().equals(place.depth())
                : earlier.section().equals(place.section())
                        || Objects.equals(renamed.get(earlier.section()), place.section());
    }
}
